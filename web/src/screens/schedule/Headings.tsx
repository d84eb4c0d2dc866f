import { useDraggable } from '@dnd-kit/core';
import { GripVertical } from 'lucide-react';
import { Link } from 'react-router';
import { HEADING_COLUMNS, HEADING_NAMES, type Heading, type HeadingColumn } from '@riegel/core';
import { WithFractions } from '../../parts/WithFractions.js';

const SOFT: ReadonlySet<HeadingColumn> = new Set(['kind', 'leaf', 'frame']);
const SHORT: ReadonlySet<HeadingColumn> = new Set(['size', 'thickness', 'rating', 'clearWidth']);

/** Openings as the heading lines of a set; chosen and dragged where that serves. */
export function Headings({
  list,
  ids,
  columns = HEADING_COLUMNS,
  base,
  chosen,
  onChoose,
}: {
  list: readonly Heading[];
  ids: readonly string[];
  columns?: readonly HeadingColumn[] | undefined;
  /** Address of the project. */
  base: string;
  chosen?: ReadonlySet<string>;
  onChoose?: (id: string, chosen: boolean) => void;
}) {
  return (
    <table className="w-full">
      <thead>
        <tr className="caps text-left">
          {onChoose && <th className="w-10" aria-label="Choose" />}
          {columns.map((name) => (
            <th key={name} className="px-1.5 py-1 font-normal first:pl-3">
              {HEADING_NAMES[name]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {list.map((heading, at) => {
          const id = ids[at]!;
          return (
            <tr key={id} className="border-t border-rule/60 align-top" data-heading={heading.mark}>
              {onChoose && (
                <td className="whitespace-nowrap pl-2">
                  <Grip id={id} mark={heading.mark} />
                  <input
                    type="checkbox"
                    aria-label={`Choose ${heading.mark}`}
                    className="translate-y-0.5 accent-brass"
                    checked={chosen?.has(id) ?? false}
                    onChange={(event) => onChoose(id, event.target.checked)}
                  />
                </td>
              )}
              {columns.map((name) => (
                <Cell key={name} name={name} text={heading[name]} to={`${base}/openings/${id}`} />
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Grip({ id, mark }: { id: string; mark: string }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id, data: { mark } });
  return (
    <span
      ref={setNodeRef}
      {...listeners}
      title="Drag onto a set at the left"
      className={`mr-1 inline-block cursor-grab touch-none text-soft ${isDragging ? 'opacity-40' : ''}`}
    >
      <GripVertical size={13} className="inline" />
    </span>
  );
}

function Cell({ name, text, to }: { name: HeadingColumn; text: string; to: string }) {
  const look = [
    'px-1.5 py-0.5 first:pl-3',
    SOFT.has(name) ? 'text-soft' : '',
    SHORT.has(name) ? 'whitespace-nowrap' : '',
    text.endsWith(' ?') ? 'basis-assumed' : '',
    text === 'open' ? 'basis-open' : '',
  ].join(' ');
  return (
    <td className={look}>
      {name === 'mark' ? (
        <Link className="font-semibold hover:text-brass hover:underline" to={to}>
          {text}
        </Link>
      ) : (
        <WithFractions text={text} />
      )}
    </td>
  );
}
