import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { useMatch, useNavigate } from 'react-router';
import { openingAddress, OPENING_PAGES } from '../stage/openingPages.js';
import { findOpenings } from './findOpenings.js';
import { PROJECT_PAGES } from './projectPages.js';
import { useOpenings, useProject } from '../data/project.js';
import { setTheme, useTheme } from '../base/theme.js';

/**
 * Find an opening by mark or room, go to a screen, or do something: all from the keyboard. Mounted only
 * while it is open. Openings are searched among all, and the best few shown.
 */
export default function Palette({ onClose, onKeys }: { onClose: () => void; onKeys: () => void }) {
  const { project, step, canEdit } = useProject();
  const { openings, byId } = useOpenings();
  const navigate = useNavigate();
  const theme = useTheme();
  const at = useMatch('/projects/:projectId/openings/:openingId/*');
  const open = at?.params.openingId ? byId.get(at.params.openingId) : undefined;
  const [words, setWords] = useState('');
  const found = useMemo(() => findOpenings(openings, words), [openings, words]);
  const run = (action: () => void) => () => {
    onClose();
    action();
  };
  const base = `/projects/${project.id}`;
  const item = 'flex cursor-pointer gap-3 px-3 py-1.5 data-[selected=true]:bg-brass-wash';
  return (
    <Dialog.Root open onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="sheet fixed left-1/2 top-[12vh] z-50 w-[92vw] max-w-xl -translate-x-1/2 overflow-hidden shadow-xl"
        >
          <Dialog.Title className="sr-only">Find</Dialog.Title>
          <Command label="Find" loop>
            <Command.Input
              autoFocus
              value={words}
              onValueChange={setWords}
              placeholder="Mark, room, or what to do"
              className="h-11 w-full border-b border-rule bg-transparent px-3 outline-none"
            />
            <Command.List className="palette max-h-[50vh] overflow-auto py-1">
              <Command.Empty className="px-3 py-4 text-soft">
                Nothing answers to that.
              </Command.Empty>
              <Command.Group heading="Go">
                {PROJECT_PAGES.map(({ name, path }) => (
                  <Command.Item
                    key={path}
                    className={item}
                    onSelect={run(() => void navigate(path ? `${base}/${path}` : base))}
                  >
                    {name}
                  </Command.Item>
                ))}
                <Command.Item className={item} onSelect={run(() => void navigate('/'))}>
                  All projects
                </Command.Item>
              </Command.Group>
              {open && (
                <Command.Group heading={`Opening ${open.facts.mark}`}>
                  {OPENING_PAGES.map(({ name, path }) => (
                    <Command.Item
                      key={path}
                      value={`${name} ${open.facts.mark}`}
                      className={item}
                      onSelect={run(() => void navigate(openingAddress(project.id, open.id, path)))}
                    >
                      {name}
                    </Command.Item>
                  ))}
                </Command.Group>
              )}
              <Command.Group heading="Do">
                {canEdit && (
                  <Command.Item
                    className={item}
                    onSelect={run(() => void navigate(`${base}/import`))}
                  >
                    Import door list
                  </Command.Item>
                )}
                {canEdit && (
                  <Command.Item className={item} onSelect={run(() => void step('undo'))}>
                    Undo
                  </Command.Item>
                )}
                {canEdit && (
                  <Command.Item className={item} onSelect={run(() => void step('redo'))}>
                    Redo
                  </Command.Item>
                )}
                <Command.Item
                  className={item}
                  onSelect={run(() => setTheme(theme === 'dark' ? 'light' : 'dark'))}
                >
                  {theme === 'dark' ? 'Light theme' : 'Dark theme'}
                </Command.Item>
                <Command.Item className={item} onSelect={run(onKeys)}>
                  Show the keys
                </Command.Item>
              </Command.Group>
              <Command.Group heading="Openings">
                {found.map(({ id, facts }) => (
                  <Command.Item
                    key={id}
                    value={`${facts.mark} ${facts.from ?? ''} ${facts.to ?? ''} ${facts.storey ?? ''} ${id}`}
                    className={item}
                    onSelect={run(() => void navigate(`${base}/openings/${id}`))}
                  >
                    <span className="w-16 font-semibold">{facts.mark}</span>
                    <span className="text-soft">
                      {[facts.from, facts.to].filter(Boolean).join(' → ')}
                    </span>
                  </Command.Item>
                ))}
              </Command.Group>
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
