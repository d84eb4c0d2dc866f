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
} from '../base/api.js';
import { basisOf, type BasisData } from '../worker/basis.js';
import { Outbox, sendTo, type OutboxView } from './outbox.js';
import { overlay, shownWith } from './pending.js';
import { browserTabs } from './tabs.js';
import { setLanguage } from '../base/words.js';
import { BrowserUnsaved, readOldUnsaved } from './unsaved.js';
import { useStream } from './stream.js';
import { WaysKeeper } from './ways.js';
import { readSome, underTodaysNames } from './readSome.js';

/** The openings of a project as they stand, one's own unsaved changes among them. */
export interface OpeningsState {
  openings: OpeningView[];
  byId: ReadonlyMap<string, OpeningView>;
}

/** A project as every screen of it sees it, and what can be done to it. Its openings stand apart. */
export interface ProjectState {
  project: WholeProject;
  practice: Practice;
  /** What openings are decided with. */
  basis: BasisData;
  building: Building;
  ownPractices: EditedPractice[];
  /** The project's own products, beside those that ship. */
  ownProducts: Product[];
  canEdit: boolean;
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
    name: 'building' | 'practices' | 'lists' | 'catalogue' | 'locks' | 'keying' | 'schedule';
    version: number;
    body: unknown;
  }[];
  kind?: 'import';
}

/** What this page has seen of the project, besides what it shows. */
class Seen {
  /** Where in the project's feed the openings were read. */
  place: string | undefined;
  /** What was last seen of openings that were deleted while this page is open. */
  readonly gone = new Map<string, OpeningFacts>();

  at(place: string): void {
    this.place = place;
  }
}

// Three, so that an edit of an opening does not draw what looks at the project alone.
const ProjectContext = createContext<ProjectState | undefined>(undefined);
const OpeningsContext = createContext<OpeningsState | undefined>(undefined);
const SaveContext = createContext<OutboxView | undefined>(undefined);

function within<T>(state: T | undefined): T {
  if (state === undefined) throw new Error('this needs a ProjectProvider around it');
  return state;
}

/** The project whose screens are open. */
export const useProject = (): ProjectState => within(useContext(ProjectContext));

/** Its openings. */
export const useOpenings = (): OpeningsState => within(useContext(OpeningsContext));

/** What is not saved yet. */
export const useSave = (): OutboxView => within(useContext(SaveContext));

function merged(
  before: OpeningView[],
  changed: OpeningView[],
  deleted: string[],
  anew: boolean,
): OpeningView[] {
  const gone = new Set(deleted);
  const fresh = new Map(changed.map((opening) => [opening.id, opening]));
  const kept = before
    .filter((opening) => !gone.has(opening.id))
    .map((opening) => {
      const newer = fresh.get(opening.id);
      fresh.delete(opening.id);
      return newer && (anew || newer.version >= opening.version) ? newer : opening;
    });
  return [...kept, ...[...fresh.values()].filter((opening) => !gone.has(opening.id))];
}

const indexes = new WeakMap<OpeningView[], Map<string, OpeningView>>();

/** An opening of a list by its id; a list is indexed once. */
function openingIn(list: OpeningView[] | undefined, id: string): OpeningView | undefined {
  if (!list) return undefined;
  let index = indexes.get(list);
  if (!index) indexes.set(list, (index = new Map(list.map((opening) => [opening.id, opening]))));
  return index.get(id);
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
    queryFn: () => call('GET', '/projects/{projectId}', { path: { projectId: id } }),
  });
  const key = useMemo(() => ['openings', id], [id]);
  const [seen] = useState(() => new Seen());
  const openings = useQuery({
    queryKey: key,
    queryFn: async () => {
      const read = await call('GET', '/projects/{projectId}/openings', { path: { projectId: id } });
      seen.at(read.place);
      return read.openings.map(underTodaysNames);
    },
    structuralSharing: true,
  });

  const onAck = useCallback(
    (changed: OpeningView[], deleted: string[], anew = false) => {
      // A reading that is under way may be older than what was just saved: it is read anew instead.
      const reading = client.isFetching({ queryKey: key }) > 0;
      if (reading) void client.cancelQueries({ queryKey: key });
      for (const openingId of deleted) {
        const opening = openingIn(client.getQueryData(key), openingId);
        if (opening) seen.gone.set(openingId, opening.facts);
      }
      client.setQueryData<OpeningView[]>(key, (before) =>
        before ? merged(before, changed.map(underTodaysNames), deleted, anew) : before,
      );
      if (reading) void client.invalidateQueries({ queryKey: key });
      void client.invalidateQueries({ queryKey: ['schedule', id] });
      void client.invalidateQueries({ queryKey: ['events', id] });
    },
    [client, id, key, seen],
  );
  const [outbox] = useState(() => {
    const current = (openingId: string) => openingIn(client.getQueryData(key), openingId);
    return new Outbox(new BrowserUnsaved(person.id, id), browserTabs(`riegel.${person.id}.${id}`), {
      send: sendTo(id),
      current,
      known: () => client.getQueryData(key) !== undefined,
      last: (openingId) => seen.gone.get(openingId),
      read: async (ids) => onAck(await readSome(id, ids), []),
      onAck,
    });
  });
  const save = useSyncExternalStore(outbox.subscribe, outbox.snapshot);

  useEffect(() => {
    const oldKey = `riegel.unsaved.${person.id}.${id}`;
    const end = outbox.open(readOldUnsaved(localStorage.getItem(oldKey)));
    void outbox.settledInStore().then(() => {
      if (outbox.snapshot().kept) localStorage.removeItem(oldKey);
    });
    const again = () => void outbox.flush();
    window.addEventListener('online', again);
    return () => {
      window.removeEventListener('online', again);
      end();
    };
  }, [outbox, person.id, id]);
  useStream(id, project.isSuccess && openings.isSuccess, key, seen, onAck);
  useEffect(() => {
    if (openings.isSuccess) void outbox.flush();
  }, [outbox, openings.isSuccess]);
  useLeaveWarning(!save.kept && save.pending.size > 0);

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
    const saved = (openingId: string) => openingIn(client.getQueryData(key), openingId);
    return {
      edit(changes: { id: string; patch: FactsPatch }[]) {
        outbox.edit(
          changes.flatMap(({ id: openingId, patch }) => {
            const server = saved(openingId);
            const seen = shownWith(server, outbox.snapshot().pending.get(openingId));
            return seen ? [{ id: openingId, patch, shown: (server ?? seen).facts }] : [];
          }),
        );
      },
      create(list: OpeningFacts[]) {
        const entries = list.map((facts) => ({ id: crypto.randomUUID(), facts }));
        outbox.create(entries);
        return entries.map((entry) => entry.id);
      },
      remove: (ids: string[]) => outbox.remove(ids),
      async step(way: 'undo' | 'redo') {
        await outbox.flush();
        try {
          const answer = await call('POST', `/projects/{projectId}/${way}`, {
            path: { projectId: id },
          });
          onAck(answer.openings, answer.deleted);
          if (answer.documents.length > 0) await documentsChanged();
          toast(way === 'undo' ? 'Taken back.' : 'Done again.');
        } catch (error) {
          toast.error(error instanceof ApiProblem ? error.message : 'That did not work.');
        }
      },
      async write({ changes = [], documents = [], kind }: ProjectWrite) {
        await outbox.flush();
        const answer = await call('POST', '/projects/{projectId}/openings/bulk', {
          path: { projectId: id },
          body: { changes, documents, ...(kind ? { kind } : {}) },
        });
        onAck(
          answer.openings,
          changes.flatMap((change) => (change.op === 'delete' ? [change.id] : [])),
        );
        if (documents.length > 0) await documentsChanged();
      },
      resolve: (openingId: string, facts: OpeningFacts) => outbox.resolve(openingId, facts),
      drop: (openingId: string) => outbox.drop(openingId),
    };
  }, [outbox, client, key, id, onAck]);

  const whole = project.data;
  const own = useMemo<BasisData | undefined>(
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
  const [keeper] = useState(() => new WaysKeeper());
  const ways = own && keeper.waysOf(shown, basisOf(own), own.key);
  const basis = useMemo<BasisData | undefined>(
    () => own && ways && { ...own, ways: ways.ways, waysKey: ways.key },
    [own, ways],
  );
  const failure = project.error ?? openings.error;
  const practice = useMemo(() => {
    const used = own && basisOf(own).practice;
    // Before anything below is drawn: its words are those of the practice.
    setLanguage(used?.language);
    return used;
  }, [own]);
  const value = useMemo<ProjectState | undefined>(
    () =>
      whole && basis && practice
        ? {
            project: whole,
            practice,
            basis,
            building: basis.building ?? NO_BUILDING,
            ownPractices: basis.practices,
            ownProducts: basis.products ?? [],
            canEdit: whole.role === 'owner' || whole.role === 'editor',
            ...actions,
          }
        : undefined,
    [whole, basis, practice, actions],
  );
  const list = useMemo<OpeningsState>(() => ({ openings: shown, byId }), [shown, byId]);
  if (value && server)
    return (
      <ProjectContext value={value}>
        <OpeningsContext value={list}>
          <SaveContext value={save}>{children}</SaveContext>
        </OpeningsContext>
      </ProjectContext>
    );
  if (failure)
    return failed(failure, () => void Promise.all([project.refetch(), openings.refetch()]));
  return waiting;
}

/** Asks before the page is left while something would be lost by that. */
function useLeaveWarning(loses: boolean): void {
  useEffect(() => {
    if (!loses) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [loses]);
}
