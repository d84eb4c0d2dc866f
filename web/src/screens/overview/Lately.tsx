import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call, type EventView } from '../../base/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { dayAndTime } from '../../parts/dayAndTime.js';

/** What was done, before and behind what it was done to. */
const KIND: Record<EventView['kind'], [before: string, behind?: string]> = {
  create: ['made'],
  update: ['changed'],
  delete: ['deleted'],
  bulk: ['changed', 'together'],
  import: ['brought in', 'from a file'],
  project: ['changed'],
  undo: ['took back a change of'],
  redo: ['did again a change of'],
  site: ['recorded work on site'],
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
      (await call('GET', '/projects/{projectId}/events', { path: { projectId: project.id } }))
        .events,
    staleTime: 0,
  });
  if (!events.data) return null;
  if (events.data.length === 0) return <p className="text-soft">Nothing yet.</p>;
  return (
    <ul>
      {events.data.slice(0, LAST).map((event) => {
        const [before, behind] = KIND[event.kind];
        const first = event.openings?.length === 1 ? event.openings[0] : undefined;
        const mark = first && byId.get(first)?.facts.mark;
        return (
          <li key={event.id} className="flex gap-2 py-0.5">
            <span className="w-32 shrink-0 text-soft">{dayAndTime(event.at)}</span>
            <span>
              {event.by} {before}{' '}
              {mark ? (
                <Link
                  className="font-semibold hover:text-brass hover:underline"
                  to={`/projects/${project.id}/openings/${first}`}
                >
                  {mark}
                </Link>
              ) : (
                touched(event)
              )}{' '}
              {behind}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** What an event changed, where that is no opening that still stands: how many, or which documents. */
function touched({ count, documents }: EventView): string {
  const named = documents ?? [];
  const openings = count - named.length;
  return [
    ...(openings > 0 ? [openings === 1 ? 'one opening' : `${openings} openings`] : []),
    ...named,
  ].join(', ');
}
