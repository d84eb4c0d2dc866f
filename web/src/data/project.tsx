import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { toast } from 'sonner';
import {
  applyPatch,
  NO_BUILDING,
  type Building,
  type EditedPractice,
  type FactsPatch,
  type OpeningFacts,
  type Practice,
  type Product,
} from '@riegel/core';
import {
  ApiProblem,
  call,
  type OpeningView,
  type PersonView,
  type WholeProject,
} from '../app/api.js';
import { basisOf, type BasisData } from '../worker/basis.js';
import { Outbox, overlay, sendTo, type OutboxView } from './outbox.js';

/** A project as every screen of it sees it. */
export interface ProjectState {
  project: WholeProject;
  practice: Practice;
  /** What openings are decided with. */
  basis: BasisData;
  building: Building;
  ownPractices: EditedPractice[];
  /** The project's own products, beside those that ship. */
  ownProducts: Product[];
  openings: OpeningView[];
  byId: ReadonlyMap<string, OpeningView>;
  canEdit: boolean;
  save: OutboxView;
  /** Applies changes to facts; all of one call are one event. */
  edit(changes: { id: string; patch: FactsPatch }[]): void;
  create(facts: OpeningFacts[]): string[];
  remove(ids: string[]): void;
  step(way: 'undo' | 'redo'): Promise<void>;
  resolve(id: string, facts: OpeningFacts): void;
  drop(id: string): void;
  /** Writes openings and documents at once, online: all of it as one event, or nothing. */
  write(work: ProjectWrite): Promise<void>;
}

/** A write that is not queued: an import, the building, practices. */
export interface ProjectWrite {
  changes?: (
    | { op: 'create'; id?: string; facts: OpeningFacts }
    | { op: 'update'; id: string; version: number; facts: OpeningFacts }
    | { op: 'delete'; id: string; version: number }
  )[];
  documents?: {
    name: 'building' | 'practices' | 'lists' | 'catalogue' | 'locks' | 'keying';
    version: number;
    body: unknown;
  }[];
  kind?: 'import';
}

const Context = createContext<ProjectState | undefined>(undefined);

/** The project whose screens are open. */
export function useProject(): ProjectState {
  const state = useContext(Context);
  if (!state) throw new Error('useProject needs a ProjectProvider');
  return state;
}

function merged(before: OpeningView[], changed: OpeningView[], deleted: string[]): OpeningView[] {
  const gone = new Set(deleted);
  const fresh = new Map(changed.map((opening) => [opening.id, opening]));
  const kept = before
    .filter((opening) => !gone.has(opening.id))
    .map((opening) => {
      const newer = fresh.get(opening.id);
      fresh.delete(opening.id);
      return newer && newer.version >= opening.version ? newer : opening;
    });
  return [...kept, ...[...fresh.values()].filter((opening) => !gone.has(opening.id))];
}

/** Loads a project, keeps it fresh and gives its screens one way to change it. */
export function ProjectProvider({
  id,
  person,
  children,
  waiting,
  failed,
}: {
  id: string;
  person: PersonView;
  children: ReactNode;
  waiting: ReactNode;
  failed: (error: unknown, again: () => void) => ReactNode;
}) {
  const client = useQueryClient();
  const project = useQuery({
    queryKey: ['project', id],
    queryFn: () => call<WholeProject>('GET', `/projects/${id}`),
  });
  const key = useMemo(() => ['openings', id], [id]);
  const openings = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call<{ openings: OpeningView[] }>('GET', `/projects/${id}/openings`)).openings,
    structuralSharing: true,
  });

  const landed = useCallback(
    (changed: OpeningView[], deleted: string[]) => {
      // A reading that is under way may be older than what was just saved: it is read anew instead.
      const reading = client.isFetching({ queryKey: key }) > 0;
      if (reading) void client.cancelQueries({ queryKey: key });
      client.setQueryData<OpeningView[]>(key, (before) =>
        before ? merged(before, changed, deleted) : before,
      );
      if (reading) void client.invalidateQueries({ queryKey: key });
      void client.invalidateQueries({ queryKey: ['schedule', id] });
      void client.invalidateQueries({ queryKey: ['events', id] });
    },
    [client, id, key],
  );
  const [outbox] = useState(
    () => new Outbox(`riegel.unsaved.${person.id}.${id}`, localStorage, sendTo(id), landed),
  );
  const save = useSyncExternalStore(outbox.subscribe, outbox.snapshot);

  useEffect(() => {
    const again = () => void outbox.flush();
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, [outbox]);
  useStream(id, project.isSuccess, key, landed);

  const server = openings.data;
  const shown = useMemo(
    () => (server ? overlay(server, save.pending) : []),
    [server, save.pending],
  );
  const byId = useMemo(() => new Map(shown.map((opening) => [opening.id, opening])), [shown]);
  const actions = useMemo(() => {
    const documentsChanged = () =>
      Promise.all([
        client.invalidateQueries({ queryKey: ['project', id] }),
        client.invalidateQueries({ queryKey: ['lists', id] }),
      ]);
    const saved = (openingId: string) =>
      client.getQueryData<OpeningView[]>(key)?.find((opening) => opening.id === openingId);
    const base = (openingId: string) => {
      const opening = saved(openingId);
      return opening ? { base: { version: opening.version, facts: opening.facts } } : {};
    };
    /** The facts as the screens show them: pending ones before saved ones. */
    const current = (openingId: string) => {
      const entry = outbox.snapshot().pending.get(openingId);
      return entry?.op === 'delete' ? undefined : (entry?.facts ?? saved(openingId)?.facts);
    };
    return {
      edit(changes: { id: string; patch: FactsPatch }[]) {
        outbox.put(
          changes.flatMap(({ id: openingId, patch }) => {
            const before = current(openingId);
            return before
              ? [
                  {
                    id: openingId,
                    op: 'update' as const,
                    ...base(openingId),
                    facts: applyPatch(before, patch),
                  },
                ]
              : [];
          }),
        );
      },
      create(list: OpeningFacts[]) {
        const entries = list.map((facts) => ({
          id: crypto.randomUUID(),
          op: 'create' as const,
          facts,
        }));
        outbox.put(entries);
        return entries.map((entry) => entry.id);
      },
      remove(ids: string[]) {
        outbox.put(
          ids.map((openingId) => ({ id: openingId, op: 'delete' as const, ...base(openingId) })),
        );
      },
      async step(way: 'undo' | 'redo') {
        await outbox.flush();
        try {
          const answer = await call<{
            openings: OpeningView[];
            deleted: string[];
            documents: string[];
          }>('POST', `/projects/${id}/${way}`);
          landed(answer.openings, answer.deleted);
          if (answer.documents.length > 0) await documentsChanged();
          toast(way === 'undo' ? 'Taken back.' : 'Done again.');
        } catch (error) {
          toast.error(error instanceof ApiProblem ? error.message : 'That did not work.');
        }
      },
      async write({ changes = [], documents = [], kind }: ProjectWrite) {
        await outbox.flush();
        const answer = await call<{ openings: OpeningView[] }>(
          'POST',
          `/projects/${id}/openings/bulk`,
          { changes, documents, ...(kind ? { kind } : {}) },
        );
        landed(
          answer.openings,
          changes.flatMap((change) => (change.op === 'delete' ? [change.id] : [])),
        );
        if (documents.length > 0) await documentsChanged();
      },
      resolve: (openingId: string, facts: OpeningFacts) => outbox.resolve(openingId, facts),
      drop: (openingId: string) => outbox.drop(openingId),
    };
  }, [outbox, client, key, id, landed]);

  const whole = project.data;
  const basis = useMemo<BasisData | undefined>(
    () =>
      whole && {
        key: [
          whole.id,
          whole.practice,
          whole.practices.version,
          whole.building.version,
          whole.catalogue.version,
          whole.locks.version,
        ].join(':'),
        practiceId: whole.practice,
        practices: whole.practices.body ?? [],
        building: whole.building.body ?? undefined,
        products: whole.catalogue.body ?? undefined,
        locks: whole.locks.body ?? undefined,
      },
    [whole],
  );
  const failure = project.error ?? openings.error;
  const value = useMemo<ProjectState | undefined>(
    () =>
      project.data && basis && server
        ? {
            project: project.data,
            practice: basisOf(basis).practice,
            basis,
            building: basis.building ?? NO_BUILDING,
            ownPractices: basis.practices,
            ownProducts: basis.products ?? [],
            openings: shown,
            byId,
            canEdit: project.data.role === 'owner' || project.data.role === 'editor',
            save,
            ...actions,
          }
        : undefined,
    [project.data, basis, server, shown, byId, save, actions],
  );
  if (value) return <Context value={value}>{children}</Context>;
  if (failure)
    return failed(failure, () => void Promise.all([project.refetch(), openings.refetch()]));
  return waiting;
}

/** Up to so many changed openings are read one by one; more, and the list is read anew. */
const FEW = 20;

/** Hears of every write, also one's own on another screen, and loads what it changed. */
function useStream(
  id: string,
  ready: boolean,
  key: string[],
  landed: (changed: OpeningView[], deleted: string[]) => void,
): void {
  const client = useQueryClient();
  useEffect(() => {
    if (!ready) return;
    const load = async (ids: string[]) => {
      const gone: string[] = [];
      const read = async (opening: string) => {
        try {
          return [await call<OpeningView>('GET', `/projects/${id}/openings/${opening}`)];
        } catch (error) {
          if (error instanceof ApiProblem && error.status === 404) gone.push(opening);
          return [];
        }
      };
      const changed = (await Promise.all(ids.map(read))).flat();
      landed(changed, gone);
    };
    const hear = (message: MessageEvent<string>) => {
      const { openings, documents } = JSON.parse(message.data) as {
        openings: string[];
        documents: string[];
      };
      if (documents.length > 0) void client.invalidateQueries({ queryKey: ['project', id] });
      if (openings.length <= FEW) void load(openings);
      else void client.invalidateQueries({ queryKey: key });
    };
    let source: EventSource | undefined;
    const open = () => {
      source = new EventSource(`/api/projects/${id}/stream`);
      source.onmessage = hear;
    };
    // A page that the browser keeps for going back would hold one of its few connections open.
    const hide = () => source?.close();
    const show = (event: PageTransitionEvent) => {
      if (!event.persisted) return;
      open();
      void client.invalidateQueries({ queryKey: key });
    };
    open();
    window.addEventListener('pagehide', hide);
    window.addEventListener('pageshow', show);
    return () => {
      source?.close();
      window.removeEventListener('pagehide', hide);
      window.removeEventListener('pageshow', show);
    };
  }, [id, ready, key, client, landed]);
}
