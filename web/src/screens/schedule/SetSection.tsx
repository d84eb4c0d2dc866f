import { Pencil } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import type { HeadingColumn, Line, ScheduledSet } from '@riegel/core';
import { WithFractions } from '../../parts/WithFractions.js';
import { Headings } from './Headings.js';

/** The lines of a set: what each opening takes. */
export function Lines({ lines }: { lines: readonly Line[] }) {
  return (
    <table className="w-full">
      <caption className="caps px-3 pt-2 pb-0.5 text-left">each opening takes</caption>
      <tbody>
        {lines.map((line, index) => (
          <tr key={index} className="border-t border-rule/60">
            <td className="w-14 px-3 py-1 text-right text-base font-semibold">{line.quantity}</td>
            <td className="w-14 text-soft">{line.unit}</td>
            <td className="py-1">{line.description}</td>
            <td className="w-40 whitespace-nowrap">
              <WithFractions text={line.size} />
            </td>
            <td className="w-20 text-soft">{line.finish}</td>
            <td className="w-24 text-soft">{line.stage}</td>
            <td className="w-40 pr-3 text-right text-soft">{line.remarks}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One set: its number and name, its openings, its lines. */
export function SetSection({
  set,
  columns,
  base,
  chosen,
  onChoose,
  onRename,
  actions,
}: {
  set: ScheduledSet;
  columns?: readonly HeadingColumn[] | undefined;
  base: string;
  chosen: ReadonlySet<string>;
  onChoose?: ((id: string, chosen: boolean) => void) | undefined;
  onRename?: ((name: string) => void) | undefined;
  actions?: ReactNode;
}) {
  return (
    <section id={`set-${set.number}`} className="sheet mb-5 scroll-mt-4">
      <div className="flex items-baseline gap-3 border-b-2 border-ink px-3 py-1.5">
        <h2 className="text-lg leading-6">Set {set.number}</h2>
        <SetName name={set.name} onRename={onRename} number={set.number} />
        <span className="ml-auto shrink-0 text-soft">
          {set.headings.length} opening{set.headings.length === 1 ? '' : 's'}
        </span>
        {actions}
      </div>
      {set.apart && (
        <p className="px-3 pt-1 text-soft">
          Kept apart: <span className="text-ink">{set.apart}</span>
        </p>
      )}
      <Headings
        list={set.headings}
        ids={set.openings}
        columns={columns}
        base={base}
        chosen={chosen}
        {...(onChoose ? { onChoose } : {})}
      />
      <Lines lines={set.lines} />
    </section>
  );
}

function SetName({
  number,
  name,
  onRename,
}: {
  number: number;
  name: string;
  onRename: ((name: string) => void) | undefined;
}) {
  const [typed, setTyped] = useState<string | undefined>();
  if (!onRename) return <span className="text-base">{name}</span>;
  if (typed === undefined)
    return (
      <button
        type="button"
        className="group flex items-baseline gap-1.5 text-left text-base hover:text-brass"
        aria-label={`Rename set ${number}`}
        onClick={() => setTyped(name)}
      >
        {name || <span className="text-soft">no name</span>}
        <Pencil size={12} className="opacity-0 group-hover:opacity-100 group-focus:opacity-100" />
      </button>
    );
  const done = () => {
    setTyped(undefined);
    if (typed.trim() !== name) onRename(typed.trim());
  };
  return (
    <input
      autoFocus
      className="field !h-7 w-72"
      aria-label={`Name of set ${number}`}
      maxLength={80}
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={done}
      onKeyDown={(event) => {
        if (event.key === 'Enter') done();
        if (event.key === 'Escape') setTyped(undefined);
      }}
    />
  );
}
