import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { OpeningView } from '../base/api.js';
import { readSome } from './readSome.js';
import { SITE_CHANGED } from './siteChanged.js';

/** A line of the project's feed; a large write names nothing. */
export interface FeedLine {
  openings: string[] | null;
  documents: string[] | null;
  /** What was written; records of the site touch neither. */
  kind?: string;
}

/** What a page does about what it hears. */
export interface Hearing {
  /** Reads these openings and takes them over. */
  openings(ids: string[]): void;
  /** Reads all openings anew. */
  all(): void;
  /** Reads the project's documents anew. */
  documents(): void;
  /** Fetches what was recorded on site. */
  site(): void;
}

/** Up to so many changed openings are read by their ids; more, and the list is read anew. */
const FEW = 200;

/** What one line of the feed asks for. */
export function heard(line: FeedLine, hearing: Hearing): void {
  if (line.kind === 'site') return hearing.site();
  if (line.documents === null || line.documents.length > 0) hearing.documents();
  if (line.openings === null || line.openings.length > FEW) hearing.all();
  else if (line.openings.length > 0) hearing.openings(line.openings);
}

/** How long a stream that was refused waits before it tries again. */
const AGAIN_MS = 15_000;

/**
 * Hears of every write, also one's own on another screen, from where the openings were read, and loads
 * what it changed. A connection that was lost takes up where it stopped; one that cannot is told to
 * read anew.
 */
export function useStream(
  id: string,
  ready: boolean,
  key: string[],
  seen: { place: string | undefined },
  onAck: (changed: OpeningView[], deleted: string[]) => void,
): void {
  const client = useQueryClient();
  useEffect(() => {
    if (!ready) return;
    return listen(id, seen, hearingOf(client, id, key, onAck));
  }, [id, ready, key, seen, client, onAck]);
}

function hearingOf(
  client: QueryClient,
  id: string,
  key: string[],
  onAck: (changed: OpeningView[], deleted: string[]) => void,
): Hearing {
  const all = () => void client.invalidateQueries({ queryKey: key });
  return {
    all,
    site: () => void window.dispatchEvent(new Event(SITE_CHANGED)),
    documents: () => {
      void client.invalidateQueries({ queryKey: ['project', id] });
      void client.invalidateQueries({ queryKey: ['lists', id] });
    },
    openings: (ids) =>
      void readSome(id, ids).then((changed) => {
        const there = new Set(changed.map((opening) => opening.id));
        onAck(
          changed,
          ids.filter((one) => !there.has(one)),
        );
      }, all),
  };
}

/** Keeps a stream open while the page is there; gives what ends it. */
function listen(id: string, seen: { place: string | undefined }, hearing: Hearing): () => void {
  let source: EventSource | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const open = () => {
    clearTimeout(timer);
    const since = seen.place ? `?since=${encodeURIComponent(seen.place)}` : '';
    source = new EventSource(`/api/projects/${id}/stream${since}`);
    const at = (event: MessageEvent) => {
      if (event.lastEventId) seen.place = event.lastEventId;
    };
    source.onmessage = (event: MessageEvent<string>) => {
      at(event);
      heard(JSON.parse(event.data) as FeedLine, hearing);
    };
    source.addEventListener('reset', (event) => {
      at(event);
      hearing.all();
      hearing.documents();
      hearing.site();
    });
    source.onerror = () => {
      // The browser itself comes back after a lost connection, but not after a refusal.
      if (source?.readyState !== EventSource.CLOSED) return;
      clearTimeout(timer);
      timer = setTimeout(() => {
        hearing.all();
        open();
      }, AGAIN_MS);
    };
  };
  // A page that the browser keeps for going back would hold one of its few connections open.
  const hide = () => {
    clearTimeout(timer);
    source?.close();
  };
  const show = (event: PageTransitionEvent) => {
    if (event.persisted) open();
  };
  open();
  window.addEventListener('pagehide', hide);
  window.addEventListener('pageshow', show);
  return () => {
    hide();
    window.removeEventListener('pagehide', hide);
    window.removeEventListener('pageshow', show);
  };
}
