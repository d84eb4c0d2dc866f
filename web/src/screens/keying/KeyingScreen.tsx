import { Plus, Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { doorsWithoutKey, roomKey, spaceOf, type KeyGroup, type Keying } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { IconButton } from '../../parts/IconButton.js';
import { Waiting } from '../../parts/Message.js';
import { basisOf } from '../../worker/basis.js';
import { useDoors } from '../../worker/client.js';
import { GroupEditor } from './GroupEditor.js';
import { KeyTable } from './KeyTable.js';
import { WhoGoesWhere } from './WhoGoesWhere.js';

const NO_KEYS: Keying = { groups: [] };

/** Who holds which keys, which doors those open, and where their holders come. */
export function KeyingScreen() {
  const { project, basis, canEdit, write } = useProject();
  const { openings } = useOpenings();
  const doors = useDoors(openings, basis);
  const keying = project.keying.body ?? NO_KEYS;
  const [chosen, setChosen] = useState<string | undefined>(keying.groups[0]?.id);
  const keyed = useMemo(() => (doors ?? []).map((one) => one.keyed), [doors]);
  const { rooms } = basisOf(basis);
  const outdoors = useMemo(() => {
    const names = new Set(keyed.flatMap((door) => [door.outside, door.inside]));
    return [...names].filter(
      (name): name is string =>
        name !== undefined && spaceOf(name, rooms.get(roomKey(name))?.use) === 'outdoors',
    );
  }, [keyed, rooms]);
  if (!doors) return <Waiting what="Deciding every lock …" />;
  const save = async (next: Keying) => {
    try {
      await write({
        documents: [{ name: 'keying', version: project.keying.version, body: next }],
      });
    } catch (error) {
      toast.error(error instanceof Error ? error.message : 'Not saved.');
    }
  };
  const put = (group: KeyGroup) =>
    save({
      groups: keying.groups.some((one) => one.id === group.id)
        ? keying.groups.map((one) => (one.id === group.id ? group : one))
        : [...keying.groups, group],
    });
  const add = () => {
    const id = crypto.randomUUID().slice(0, 8);
    setChosen(id);
    void put({
      id,
      name: `Key ${keying.groups.length + 1}`,
      everywhere: false,
      storeys: [],
      rooms: [],
      plus: [],
      minus: [],
    });
  };
  const group = keying.groups.find((one) => one.id === chosen);
  const without = doorsWithoutKey(keyed, keying);
  const locked = keyed.filter((door) => door.passing.keyed);
  return (
    <div className="grid h-full grid-cols-[280px_minmax(0,1fr)_330px] max-[1000px]:block max-[1000px]:overflow-auto">
      <section
        aria-label="Key groups"
        className="min-h-0 overflow-auto border-r border-rule px-4 py-3"
        tabIndex={0}
      >
        <div className="flex items-center border-b-2 border-ink">
          <h1 className="text-base">Key groups</h1>
          {canEdit && (
            <IconButton label="Add a key group" onClick={add}>
              <Plus size={16} />
            </IconButton>
          )}
        </div>
        <ul>
          {[{ id: '', name: 'without any key' }, ...keying.groups].map((one) => (
            <li key={one.id} className="flex items-center border-b border-rule">
              <button
                type="button"
                aria-pressed={(chosen ?? '') === one.id}
                className={`min-w-0 flex-1 truncate px-1 py-1 text-left ${(chosen ?? '') === one.id ? 'bg-brass-wash font-semibold' : 'hover:bg-wash'}`}
                onClick={() => setChosen(one.id === '' ? undefined : one.id)}
              >
                {one.name}
                {'holders' in one && one.holders && (
                  <span className="block truncate text-xs font-normal text-soft">
                    {one.holders}
                  </span>
                )}
              </button>
              {canEdit && one.id !== '' && (
                <IconButton
                  label={`Take out ${one.name}`}
                  onClick={() =>
                    void save({ groups: keying.groups.filter((each) => each.id !== one.id) })
                  }
                >
                  <Trash2 size={14} />
                </IconButton>
              )}
            </li>
          ))}
        </ul>
        {keying.groups.length === 0 && (
          <p className="mt-2 text-soft">
            A group is everybody who holds the same key. Add one, say which doors it opens, and see
            where its holders come.
          </p>
        )}
        {group && (
          <GroupEditor
            key={group.id + project.keying.version}
            group={group}
            doors={keyed}
            canEdit={canEdit}
            onSave={(next) => void put(next)}
          />
        )}
        {keying.groups.length > 0 && without.length > 0 && (
          <p className="mt-3 border-l-4 border-ochre px-2 text-[13px]" role="status">
            <b className="text-ochre">Nobody holds a key of</b>{' '}
            {without
              .slice(0, 12)
              .map((door) => door.mark)
              .join(', ')}
            {without.length > 12 && ` and ${without.length - 12} more`}.
          </p>
        )}
      </section>
      <KeyTable
        doors={locked}
        keying={keying}
        chosen={chosen}
        canEdit={canEdit}
        onGroup={(next) => void put(next)}
      />
      <WhoGoesWhere doors={keyed} group={group} outdoors={outdoors} />
    </div>
  );
}
