import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { call } from '../../base/api.js';
import { openingAddress } from '../../stage/openingPages.js';

/** An opening by its mark or a room, in any of one's projects. */
export function FindOpening() {
  const [text, setText] = useState('');
  const asked = useDeferredValue(text.trim());
  const found = useQuery({
    queryKey: ['find', asked],
    enabled: asked.length > 0,
    placeholderData: keepPreviousData,
    queryFn: () => call('GET', '/find', { query: { q: asked } }),
  });
  return (
    <section aria-label="Find an opening" className="mb-5">
      <input
        className="field !h-9 w-full max-w-md"
        aria-label="Find an opening in any project"
        placeholder="find an opening in any project: mark or room"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {asked.length > 0 && found.data && (
        <>
          <p role="status" className="text-soft">
            {found.data.found.length === 0
              ? 'No opening of that mark or room.'
              : `${found.data.found.length}${found.data.more ? ' and more' : ''} found`}
          </p>
          <ul className="sheet divide-y divide-rule">
            {found.data.found.map((one) => (
              <li key={one.openingId}>
                <Link
                  className="grid grid-cols-[5rem_1fr_auto] gap-3 px-3 py-1 hover:bg-brass-wash"
                  to={openingAddress(one.projectId, one.openingId)}
                >
                  <b>{one.mark}</b>
                  <span className="truncate">{[one.from, one.to].filter(Boolean).join(' → ')}</span>
                  <span className="text-soft">{one.project}</span>
                </Link>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
