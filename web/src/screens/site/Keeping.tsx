import { documentAddress } from '../../base/documents.js';
import { FileDown } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import {
  Bar,
  BarChart,
  CartesianGrid,
  Legend,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { dueState, type SiteState } from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { openingAddress } from '../../stage/openingPages.js';
import { defectsByMonth } from './defectsByMonth.js';

const TICK = { fill: 'var(--color-soft)', fontSize: 11 };
const today = () => new Date().toISOString().slice(0, 10);

/** What is due, what is open, what stands where: for who keeps the doors of a project. */
export function Keeping({ states }: { states: ReadonlyMap<string, SiteState> }) {
  const { project } = useProject();
  const { byId } = useOpenings();
  const [text, setText] = useState('');
  const now = today();
  const rows = useMemo(() => defectsByMonth(states.values(), now), [states, now]);
  const any = rows.some(({ reported, settled }) => reported + settled > 0);
  const due = [...states]
    .flatMap(([id, { due: day }]) => (day ? [{ id, day }] : []))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
  const open = [...states].flatMap(([id, { defects }]) =>
    defects.filter(({ settled }) => !settled).map((defect) => ({ id, defect })),
  );
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const stands =
    words.length === 0
      ? []
      : [...states].flatMap(([id, { installed }]) =>
          [...installed.values()]
            .filter((one) =>
              words.every((word) => `${one.words} ${one.batch ?? ''}`.toLowerCase().includes(word)),
            )
            .map((one) => ({ id, one })),
        );
  const mark = (id: string) => byId.get(id)?.facts.mark ?? '?';
  const link = (id: string) => (
    <Link
      className="font-semibold text-brass hover:underline"
      to={openingAddress(project.id, id, 'site')}
    >
      {mark(id)}
    </Link>
  );
  return (
    <div className="grid grid-cols-2 gap-x-8 gap-y-6 max-[900px]:grid-cols-1">
      <section aria-label="Due">
        <h2 className="mb-1 text-lg">Inspections</h2>
        {due.length === 0 && <p className="text-soft">None signed with a day yet.</p>}
        <ul>
          {due.slice(0, 40).map(({ id, day }) => (
            <li key={id} className="flex gap-3 border-t border-rule py-1">
              <span
                className={`w-24 tabular-nums ${dueState(day, now) === 'overdue' ? 'font-semibold text-oxide' : ''}`}
              >
                {day}
              </span>
              {link(id)}
              <span className="truncate text-soft">
                {[byId.get(id)?.facts.from, byId.get(id)?.facts.to].filter(Boolean).join(' → ')}
              </span>
            </li>
          ))}
        </ul>
        <p className="mt-2 flex flex-wrap gap-2">
          <Link className="button !h-11" to="/due">
            Due across all projects
          </Link>
          <a className="button !h-11" href={`/api${documentAddress('handover', project.id)}`}>
            <FileDown size={18} /> Hand-over pack
          </a>
        </p>
      </section>
      <section aria-label="Open defects">
        <h2 className="mb-1 text-lg">Open defects</h2>
        {open.length === 0 && <p className="text-soft">None.</p>}
        {open.map(({ id, defect: { reported } }) => (
          <p key={reported.id} className="border-t border-rule py-1">
            {link(id)} {reported.what}{' '}
            <span className="text-soft">
              {[reported.who, reported.until && `by ${reported.until}`].filter(Boolean).join(', ')}
            </span>
          </p>
        ))}
      </section>
      <section aria-label="Where it stands" className="col-span-full">
        <h2 className="mb-1 text-lg">Where do we have …</h2>
        <input
          className="field !h-11 w-full max-w-md"
          aria-label="Product, model or batch"
          placeholder="product, model or batch"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        {words.length > 0 && (
          <p role="status" className="text-soft">
            {stands.length === 0 ? 'Nowhere that was recorded.' : `${stands.length} times`}
          </p>
        )}
        {stands.slice(0, 60).map(({ id, one }) => (
          <p key={one.id} className="border-t border-rule py-1">
            {link(id)} {one.words}{' '}
            <span className="text-soft">
              {[one.batch && `batch ${one.batch}`, one.setting].filter(Boolean).join(', ')}
            </span>
          </p>
        ))}
      </section>
      <section aria-label="Defects over time" className="col-span-full">
        <h2 className="mb-1 text-lg">Defects over a year</h2>
        {any ? (
          <ResponsiveContainer width="100%" height={200}>
            <BarChart data={rows} margin={{ top: 4, right: 8, bottom: 0, left: -20 }}>
              <CartesianGrid stroke="var(--color-rule)" vertical={false} />
              <XAxis dataKey="month" tick={TICK} stroke="var(--color-rule)" />
              <YAxis allowDecimals={false} tick={TICK} stroke="var(--color-rule)" />
              <Tooltip
                contentStyle={{
                  background: 'var(--color-sheet)',
                  border: '1px solid var(--color-rule)',
                }}
              />
              <Legend wrapperStyle={{ fontSize: 12 }} />
              <Bar
                dataKey="reported"
                name="reported"
                fill="var(--oxide)"
                isAnimationActive={false}
              />
              <Bar
                dataKey="settled"
                name="put right"
                fill="var(--verdigris)"
                isAnimationActive={false}
              />
            </BarChart>
          </ResponsiveContainer>
        ) : (
          <p className="text-soft">None reported in the last twelve months.</p>
        )}
      </section>
    </div>
  );
}
