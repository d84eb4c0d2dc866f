import { useQuery } from '@tanstack/react-query';
import { fieldOf, writeField, type OpeningFacts, type System } from '@riegel/core';
import { termText } from '../base/words.js';
import { call, type EventView } from '../base/api.js';

const KIND: Record<EventView['kind'], string> = {
  create: 'made it',
  update: 'changed',
  delete: 'deleted it',
  bulk: 'changed, with others',
  import: 'brought it in from a file',
  project: 'changed',
  undo: 'took back',
  redo: 'did again',
  site: 'recorded work on site',
};

function told(name: string, value: unknown, system: System): string {
  if (value === undefined) return 'empty';
  const field = fieldOf(name);
  return field
    ? writeField(field, value as string, system)
    : Array.isArray(value)
      ? `${value.length} entries`
      : typeof value === 'object'
        ? Object.keys(value ?? {}).join(', ')
        : String(value);
}

/** The facts that an event changed, old and new. */
function differences(
  before: OpeningFacts | null,
  after: OpeningFacts | null,
  system: System,
): string[] {
  if (!before || !after) return [];
  const names = new Set([...Object.keys(before), ...Object.keys(after)]) as Set<keyof OpeningFacts>;
  return [...names]
    .filter((name) => JSON.stringify(before[name]) !== JSON.stringify(after[name]))
    .map(
      (name) =>
        `${termText(`fact.${name}`)}: ${told(name, before[name], system)} → ${told(name, after[name], system)}`,
    );
}

/** Who changed what of this opening, and when. */
export function History({
  projectId,
  openingId,
  system,
}: {
  projectId: string;
  openingId: string;
  system: System;
}) {
  const events = useQuery({
    queryKey: ['events', projectId, openingId],
    queryFn: async () =>
      (
        await call('GET', '/projects/{projectId}/events', {
          path: { projectId },
          query: { opening: openingId },
        })
      ).events,
  });
  return (
    <>
      {events.error && <p className="text-oxide">{events.error.message}</p>}
      {events.data?.map((event) => (
        <div key={event.id} className="flex gap-3 border-b border-rule/60 py-1">
          <span className="w-32 shrink-0 text-soft">{event.at.slice(0, 16).replace('T', ' ')}</span>
          <span className="w-28 shrink-0">{event.by}</span>
          <span className={event.undone ? 'line-through' : ''}>
            {KIND[event.kind]}
            {event.changes
              .flatMap((change) => differences(change.before, change.after, system))
              .map((text) => (
                <span key={text} className="block text-[12.5px] text-soft">
                  {text}
                </span>
              ))}
          </span>
        </div>
      ))}
    </>
  );
}
