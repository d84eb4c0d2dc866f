import { Bookmark, Trash2 } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState, type FormEvent } from 'react';
import type { View } from './views.js';

/** Ways to look at the register that were given a name: taken again, kept anew, thrown away. */
export function ViewsMenu({
  views,
  onTake,
  onKeep,
  onDelete,
}: {
  views: readonly View[];
  onTake: (view: View) => void;
  onKeep: (name: string) => void;
  onDelete: (name: string) => void;
}) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const keep = (event: FormEvent) => {
    event.preventDefault();
    if (!name.trim()) return;
    onKeep(name.trim());
    setName('');
    setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <button className="button" title="Saved views: columns, order, filters" aria-label="Views">
          <Bookmark size={16} />
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          aria-label="Views"
          className="sheet z-40 w-72 p-3 shadow-lg"
        >
          {views.length === 0 && (
            <p className="mb-2 text-soft">
              Columns, sorting and filters as they are now, under a name.
            </p>
          )}
          <ul>
            {views.map((view) => (
              <li key={view.name} className="flex items-center">
                <button
                  className="min-w-0 flex-1 truncate px-1 py-1 text-left hover:bg-brass-wash"
                  onClick={() => {
                    onTake(view);
                    setOpen(false);
                  }}
                >
                  {view.name}
                </button>
                <button
                  className="p-1 text-soft hover:text-oxide"
                  aria-label={`Delete the view ${view.name}`}
                  onClick={() => onDelete(view.name)}
                >
                  <Trash2 size={14} />
                </button>
              </li>
            ))}
          </ul>
          <form className="mt-1 flex gap-1" onSubmit={keep}>
            <input
              className="field min-w-0 flex-1"
              aria-label="Name of the view"
              placeholder="Name"
              maxLength={80}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
            <button className="button" disabled={!name.trim()}>
              Save view
            </button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
