import { CalendarDays } from 'lucide-react';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { dueState, type DueState } from '@riegel/core';
import { call } from '../../base/api.js';
import { Message, Waiting } from '../../parts/Message.js';
import { openingAddress } from '../../stage/openingPages.js';

const GROUPS: { state: DueState; title: string; tone: string }[] = [
  { state: 'overdue', title: 'Overdue', tone: 'text-oxide' },
  { state: 'month', title: 'Within a month', tone: 'text-ochre' },
  { state: 'quarter', title: 'Within three months', tone: 'text-ink' },
  { state: 'later', title: 'Later', tone: 'text-soft' },
];

/** Lines of a group that are shown at once. */
const SHOWN = 100;

/** Inspections due across all projects, and where a product stands in any of them. */
export function DueScreen() {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text.trim());
  const due = useQuery({ queryKey: ['due'], queryFn: () => call('GET', '/due') });
  const stands = useQuery({
    queryKey: ['installed', asked],
    enabled: asked.length >= 2,
    placeholderData: keepPreviousData,
    queryFn: () => call('GET', '/installed', { query: { q: asked } }),
  });
  if (due.error)
    return <Message title="What is due cannot be told just now">{due.error.message}</Message>;
  if (!due.data) return <Waiting what="Looking what is due …" />;
  const now = new Date().toISOString().slice(0, 10);
  const { list, counts } = due.data;
  return (
    <div className="mx-auto max-w-5xl px-6 py-5 max-sm:px-3">
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <h1 className="text-2xl leading-8">Inspections due</h1>
        <a className="button ml-auto" href="/api/due.ics">
          <CalendarDays size={16} /> Calendar
        </a>
      </div>
      <p className="mb-3 text-soft">
        Of openings that somebody signed for, in all your projects, for two years ahead.
      </p>
      <dl className="mb-5 flex flex-wrap gap-x-10 gap-y-2">
        {GROUPS.map(({ state, title, tone }) => (
          <div key={state}>
            <dt className="text-soft">{title}</dt>
            <dd className={`text-2xl tabular-nums ${counts[state] > 0 ? tone : 'text-soft'}`}>
              {counts[state]}
            </dd>
          </div>
        ))}
      </dl>
      {list.length === 0 && (
        <p className="text-soft">
          Nothing is due. Sign an opening on its Site page, and the day of the next look stands
          here.
        </p>
      )}
      {GROUPS.map(({ state, title, tone }) => {
        const group = list.filter((one) => dueState(one.due, now) === state);
        if (counts[state] === 0) return null;
        return (
          <section key={state} aria-label={title} className="mb-5">
            <h2 className={`text-lg ${tone}`}>{title}</h2>
            <table className="w-full">
              <tbody>
                {group.slice(0, SHOWN).map((one) => (
                  <tr key={one.openingId} className="border-t border-rule">
                    <td className="w-28 py-1 tabular-nums">{one.due}</td>
                    <td className="w-20">
                      <Link
                        className="font-semibold text-brass hover:underline"
                        to={openingAddress(one.projectId, one.openingId, 'site')}
                      >
                        {one.mark}
                      </Link>
                    </td>
                    <td className="max-sm:hidden">
                      {[one.from, one.to].filter(Boolean).join(' → ')}
                    </td>
                    <td className="text-right text-soft">{one.project}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {counts[state] > Math.min(group.length, SHOWN) && (
              <p className="text-soft">
                and {counts[state] - Math.min(group.length, SHOWN)} more: the calendar has them all
              </p>
            )}
          </section>
        );
      })}
      <section aria-label="Where it stands" className="border-t-2 border-ink pt-3">
        <h2 className="text-lg">Where do we have …</h2>
        <input
          className="field !h-10 w-full max-w-md"
          aria-label="Product, model or batch"
          placeholder="product, model or batch, in any project"
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        {asked.length >= 2 && stands.data && (
          <>
            <p role="status" className="text-soft">
              {stands.data.found.length === 0
                ? 'Nowhere that was recorded.'
                : `${stands.data.found.length}${stands.data.more ? ' and more' : ''} times`}
            </p>
            <table className="w-full">
              <tbody>
                {stands.data.found.map((one, at) => (
                  <tr key={at} className="border-t border-rule">
                    <td className="w-20 py-1">
                      <Link
                        className="font-semibold text-brass hover:underline"
                        to={openingAddress(one.projectId, one.openingId, 'site')}
                      >
                        {one.mark}
                      </Link>
                    </td>
                    <td>
                      {[one.words, one.batch && `batch ${one.batch}`, one.setting]
                        .filter(Boolean)
                        .join(', ')}
                    </td>
                    <td className="text-right text-soft">{one.project}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
      </section>
    </div>
  );
}
