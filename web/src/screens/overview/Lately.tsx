import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call, type EventView } from '../../app/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { dayAndTime } from '../../parts/dayAndTime.js';

const KIND: Readonly<Record<string, string>> = {
  create: 'made',
  update: 'changed',
  delete: 'deleted',
  bulk: 'changed together',
  import: 'brought in from a file',
  undo: 'took back',
  redo: 'did again',
};

/** So many of the last events are told. */
const LAST = 8;

/** What was changed last, and by whom. */
export function Lately() {
  const { project } = useProject();
  const { byId } = useOpenings();
  const events = useQuery({
    queryKey: ['events', project.id],
    queryFn: async () =>
      (await call<{ events: EventView[] }>('GET', `/projects/${project.id}/events`)).events,
    staleTime: 0,
  });
  if (!events.data) return null;
  if (events.data.length === 0) return <p className="text-soft">Nothing yet.</p>;
  return (
    <ul>
      {events.data.slice(0, LAST).map((event) => {
        const first = event.changes[0]?.openingId;
        const mark = first && byId.get(first)?.facts.mark;
        return (
          <li key={event.id} className="flex gap-2 py-0.5">
            <span className="w-32 shrink-0 text-soft">{dayAndTime(event.at)}</span>
            <span>
              {event.by} {KIND[event.kind] ?? event.kind}{' '}
              {event.count === 1 && mark ? (
                <Link
                  className="font-semibold hover:text-brass hover:underline"
                  to={`/projects/${project.id}/openings/${first}`}
                >
                  {mark}
                </Link>
              ) : event.count > 0 ? (
                `${event.count} openings`
              ) : (
                event.documents.join(', ')
              )}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
