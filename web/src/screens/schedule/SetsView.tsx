import {
  DndContext,
  PointerSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { GitCompareArrows } from 'lucide-react';
import { useState } from 'react';
import type { ScheduledSet } from '@riegel/core';
import type { ScheduleView } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { IconButton } from '../../parts/IconButton.js';
import { ReasonDialog } from '../../parts/ReasonDialog.js';
import { Select } from '../../parts/Select.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { Headings } from './Headings.js';
import { OpenItems } from './OpenItems.js';
import { useSchedule } from './ScheduleLayout.js';
import { Lines, SetSection } from './SetSection.js';
import { TwoSets, type TwoSetsAsked } from './TwoSets.js';
import { useSettings } from './useSettings.js';

/** The hardware sets: named, held against each other, taken apart and put together. */
export function SetsView() {
  const { project, canEdit } = useProject();
  const schedule = useSchedule();
  const { settings, change } = useSettings();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [asked, setAsked] = useState<TwoSetsAsked | undefined>();
  const [apart, setApart] = useState(false);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const { sets, undecided, without } = schedule;
  const base = `/projects/${project.id}`;
  const markOf = new Map(schedule.matrix.rows.map(({ id, heading }) => [id, heading.mark]));
  const setOf = new Map(schedule.matrix.rows.map(({ id, set }) => [id, set]));
  const choose = (id: string, on: boolean) => {
    const next = new Set(chosen);
    if (on) next.add(id);
    else next.delete(id);
    setChosen(next);
  };
  const beside = (name: string, ids: readonly string[], number: number) => {
    const model = sets.find((set) => set.number === number)?.openings[0];
    if (model) setAsked({ name, ids, number, model });
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    const number = over?.data.current?.['number'] as number | undefined;
    const id = String(active.id);
    if (number !== undefined && setOf.get(id) !== number)
      beside(markOf.get(id) ?? '', chosen.has(id) ? [...chosen] : [id], number);
  };
  const rename = (number: number) => (name: string) => {
    const others = (settings.names ?? []).filter((one) => one.number !== number);
    void change({ ...settings, names: name ? [...others, { number, name }] : others });
  };
  const keepApart = (reason: string) => {
    const marks = [...chosen].flatMap((id) => markOf.get(id) ?? []);
    void change({
      ...settings,
      apart: [
        ...withoutMarks(settings.apart ?? [], marks),
        { id: crypto.randomUUID().slice(0, 8), marks, reason },
      ],
    });
    setApart(false);
    setChosen(new Set());
  };
  const together = (set: ScheduledSet) =>
    void change({
      ...settings,
      apart: withoutMarks(
        settings.apart ?? [],
        set.headings.map(({ mark }) => mark),
      ),
    });
  const others = (number: number) => [
    { value: '', text: 'hold against …' },
    ...sets
      .filter((set) => set.number !== number)
      .map((set) => ({ value: String(set.number), text: `Set ${set.number} ${set.name}` })),
  ];
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      <div className="grid h-full grid-cols-[212px_minmax(0,1fr)] max-[900px]:grid-cols-1">
        <nav
          aria-label="Sets"
          className="overflow-auto border-r border-rule py-3 max-[900px]:hidden"
        >
          <p className="caps px-4 pb-1">{sets.length} sets</p>
          {sets.map((set) => (
            <SetLink key={set.number} set={set} />
          ))}
          {undecided.length > 0 && (
            <a href="#undecided" className="block px-4 py-0.5 text-ochre hover:bg-wash">
              Undecided ({undecided.length})
            </a>
          )}
          {without.length > 0 && (
            <a href="#without" className="block px-4 py-0.5 hover:bg-wash">
              Without hardware ({without.length})
            </a>
          )}
          <a href="#open-items" className="block px-4 py-0.5 text-oxide hover:bg-wash">
            Open items
          </a>
        </nav>
        <div
          className="relative overflow-auto px-6 py-4"
          tabIndex={0}
          role="region"
          aria-label="Schedule by set"
        >
          {sets.length + undecided.length + without.length === 0 && (
            <p className="sheet p-6 text-soft">
              There is nothing to schedule yet. Add openings in the register first.
            </p>
          )}
          <Near schedule={schedule} onCompare={beside} />
          {sets.map((set) => (
            <SetSection
              key={set.number}
              set={set}
              columns={settings.columns}
              base={base}
              chosen={chosen}
              onChoose={canEdit ? choose : undefined}
              onRename={canEdit ? rename(set.number) : undefined}
              actions={
                <>
                  {set.apart && canEdit && (
                    <button type="button" className="button" onClick={() => together(set)}>
                      Put together again
                    </button>
                  )}
                  {sets.length > 1 && (
                    <Select
                      label={`Hold set ${set.number} against`}
                      className="!h-7 !w-40"
                      value=""
                      onChange={(number) =>
                        beside(`Set ${set.number}`, set.openings, Number(number))
                      }
                      options={others(set.number)}
                    />
                  )}
                </>
              }
            />
          ))}
          <Undecided schedule={schedule} base={base} columns={settings.columns} />
          {without.length > 0 && (
            <section id="without" className="sheet mb-5">
              <h2 className="border-b-2 border-ink px-3 py-1.5 text-lg leading-6">
                Without hardware
              </h2>
              <Headings
                list={without}
                ids={without.map(({ mark }) => mark)}
                columns={settings.columns}
                base={base}
              />
            </section>
          )}
          <OpenItems {...schedule} />
          {chosen.size > 0 && (
            <div className="sheet sticky bottom-2 flex flex-wrap items-center gap-3 px-3 py-2 shadow-lg">
              <b>{chosen.size} chosen</b>
              <Select
                label="Move to set"
                className="!w-56"
                value=""
                onChange={(number) =>
                  beside(
                    chosen.size === 1
                      ? (markOf.get([...chosen][0]!) ?? '')
                      : `${chosen.size} openings`,
                    [...chosen],
                    Number(number),
                  )
                }
                options={[
                  { value: '', text: 'make like set …' },
                  ...sets.map((set) => ({
                    value: String(set.number),
                    text: `Set ${set.number} ${set.name}`,
                  })),
                ]}
              />
              <button type="button" className="button" onClick={() => setApart(true)}>
                Keep apart
              </button>
              <button type="button" className="button bare" onClick={() => setChosen(new Set())}>
                None
              </button>
            </div>
          )}
        </div>
      </div>
      {asked && <TwoSets asked={asked} onClose={() => setAsked(undefined)} />}
      {apart && (
        <ReasonDialog
          title={`Keep ${chosen.size} opening${chosen.size === 1 ? '' : 's'} apart`}
          description="They get a set of their own though others take the same: for a phase, a supplier, an owner’s wish."
          act="Keep apart"
          onDone={keepApart}
          onClose={() => setApart(false)}
        />
      )}
    </DndContext>
  );
}

/** Marks taken out of whatever they are kept apart in. */
function withoutMarks<T extends { marks: string[] }>(
  apart: readonly T[],
  marks: readonly string[],
) {
  return apart
    .map((one) => ({ ...one, marks: one.marks.filter((mark) => !marks.includes(mark)) }))
    .filter((one) => one.marks.length > 0);
}

function SetLink({ set }: { set: ScheduledSet }) {
  const { setNodeRef, isOver } = useDroppable({
    id: `set ${set.number}`,
    data: { number: set.number },
  });
  return (
    <a
      ref={setNodeRef}
      href={`#set-${set.number}`}
      className={`block px-4 py-0.5 ${isOver ? 'bg-brass-wash outline-2 -outline-offset-2 outline-brass' : 'hover:bg-wash'}`}
    >
      <span className="flex justify-between gap-2">
        <span>Set {set.number}</span>
        <span className="truncate text-soft">
          {set.headings.length === 1 ? set.headings[0]!.mark : `${set.headings.length} openings`}
        </span>
      </span>
      <span className="block truncate text-xs text-soft">{set.name}</span>
    </a>
  );
}

/** Sets that differ in one line: the fewer sets, the fewer mistakes. */
function Near({
  schedule,
  onCompare,
}: {
  schedule: ScheduleView;
  onCompare: (name: string, ids: readonly string[], number: number) => void;
}) {
  const { near, sets } = schedule;
  if (near.length === 0) return null;
  const openingsOf = (number: number) => sets.find((set) => set.number === number)?.openings ?? [];
  return (
    <details className="sheet mb-5 px-3 py-2">
      <summary className="cursor-pointer">
        <b>{near.length}</b> pair{near.length === 1 ? '' : 's'} of sets differ in one line only
      </summary>
      <ul className="mt-2 max-h-72 overflow-auto">
        {near.map(({ first, second, one, other }) => (
          <li
            key={`${first} ${second}`}
            className="flex items-baseline gap-3 border-t border-rule/60 py-1"
          >
            <span className="w-28 shrink-0 font-semibold">
              Set {first} – set {second}
            </span>
            <span className="min-w-0 flex-1">
              <WithFractions text={one ? wordsOf(one) : 'nothing'} />{' '}
              <span className="text-soft">against</span>{' '}
              <WithFractions text={other ? wordsOf(other) : 'nothing'} />
            </span>
            <IconButton
              label={`Hold set ${first} against set ${second}`}
              onClick={() => onCompare(`Set ${first}`, openingsOf(first), second)}
            >
              <GitCompareArrows size={15} />
            </IconButton>
          </li>
        ))}
      </ul>
    </details>
  );
}

const wordsOf = ({ quantity, description, size, finish }: ScheduledSet['lines'][number]) =>
  [`${quantity} ${description}`, size, finish].filter(Boolean).join(', ');

/** Openings that have no set yet, with what is open and what is decided so far. */
function Undecided({
  schedule: { undecided },
  base,
  columns,
}: {
  schedule: ScheduleView;
  base: string;
  columns: Parameters<typeof Headings>[0]['columns'];
}) {
  if (undecided.length === 0) return null;
  return (
    <section id="undecided" className="sheet mb-5 scroll-mt-4">
      <h2 className="border-b-2 border-ochre px-3 py-1.5 text-lg leading-6">
        Undecided{' '}
        <span className="text-base font-normal text-soft">
          something open may change what they take
        </span>
      </h2>
      {undecided.map(({ id, heading, lines, open }) => (
        <div key={id} className="border-b border-rule pb-2">
          <Headings list={[heading]} ids={[id]} columns={columns} base={base} />
          <p className="px-3 pt-1 text-ochre">{open.join(' ')}</p>
          {lines.length > 0 && (
            <details className="px-3">
              <summary className="cursor-pointer text-soft">{lines.length} lines so far</summary>
              <Lines lines={lines} />
            </details>
          )}
        </div>
      ))}
    </section>
  );
}
