import { useCallback, useEffect, useMemo, useSyncExternalStore } from 'react';
import {
  siteState,
  type SiteKind,
  type SiteRecord,
  type SiteRecordOf,
  type SiteState,
} from '@riegel/core';
import { useSession } from '../base/session.js';
import { SITE_CHANGED } from './siteChanged.js';
import { siteStore, type SiteStatus, type SiteStore } from './site.js';

/** How often what waits is tried again. */
const AGAIN_MS = 20_000;

/** The records of a project's site, kept up to date while a page shows them. */
export function useSite(projectId: string): { store: SiteStore; status: SiteStatus } {
  const personId = useSession().data?.person?.id;
  const store = useMemo(() => siteStore(projectId, personId), [projectId, personId]);
  const status = useSyncExternalStore(store.subscribe, store.status);
  useEffect(() => {
    const sync = () => void store.sync();
    sync();
    window.addEventListener('online', sync);
    window.addEventListener(SITE_CHANGED, sync);
    const timer = setInterval(sync, AGAIN_MS);
    return () => {
      window.removeEventListener('online', sync);
      window.removeEventListener(SITE_CHANGED, sync);
      clearInterval(timer);
    };
  }, [store]);
  return { store, status };
}

/** What a record has beside what the device knows itself. */
type NewRecord<K extends SiteKind> = Omit<
  SiteRecordOf<K>,
  'id' | 'openingId' | 'at' | 'by' | 'kind'
>;

export interface OpeningSite {
  records: readonly SiteRecord[];
  state: SiteState;
  status: SiteStatus;
  store: SiteStore;
  record: <K extends SiteKind>(kind: K, more: NewRecord<K>) => void;
}

/** What was done at one opening, and the way to add to it. */
export function useOpeningSite(projectId: string, openingId: string): OpeningSite {
  const { store, status } = useSite(projectId);
  const name = useSession().data?.person?.name ?? '';
  const records = useSyncExternalStore(store.subscribe, () => store.ofOpening(openingId));
  const state = useMemo(() => siteState(records), [records]);
  const record = useCallback(
    <K extends SiteKind>(kind: K, more: NewRecord<K>) =>
      void store.add({
        ...more,
        kind,
        id: crypto.randomUUID(),
        openingId,
        at: new Date().toISOString(),
        by: name,
      } as unknown as SiteRecord),
    [store, openingId, name],
  );
  return { records, state, status, store, record };
}
