import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  practiceFor,
  type Consequences,
  type DecidedOpening,
  type Found,
  type RankedAlternative,
  type OpeningFacts,
  type ProjectQuestion,
  type SearchResult,
} from '@riegel/core';
import type { OpeningView } from '../base/api.js';
import { basisOf, wayText, type BasisData } from './basis.js';
import type { CoreWorker, LightOpening } from './core.worker.js';
import type { Door } from './door.js';
import type { ProjectFindings } from './findings.js';
import { WorkerLine } from './line.js';
import { RowStore } from './rowStore.js';

/** The one worker of this page. */
const line = new WorkerLine<Remote<CoreWorker>>(() => {
  const worker = new Worker(new URL('./core.worker.ts', import.meta.url), { type: 'module' });
  return {
    remote: wrap<CoreWorker>(worker),
    end: () => worker.terminate(),
    died: (listener) => {
      worker.addEventListener('error', listener);
      worker.addEventListener('messageerror', listener);
    },
  };
});

const told = new WeakMap<Remote<CoreWorker>, string>();

/** Asks the core off the main thread, which decides with the basis; it is told of it when it changed. */
export function askCore<R>(
  basis: BasisData,
  work: (core: Remote<CoreWorker>) => Promise<R>,
): Promise<R> {
  return line.ask((core) => {
    const key = `${basis.key} ${basis.waysKey ?? ''}`;
    if (told.get(core) !== key) {
      told.set(core, key);
      // Messages are read in order: it is there before the question. A worker that dies is told by the line.
      void core.useBasis(basis);
    }
    return work(core);
  });
}

/** Tells, once at a time, that nothing can be decided any more. */
export function coreFailed(error: unknown): void {
  toast.error(error instanceof Error ? error.message : 'That did not work.', { id: 'worker' });
}

/** How many openings are decided in one call: a screenful first, then many at a time. */
const FIRST_BATCH = 40;
const BATCH = 800;

/** A project's decided lines outlive the pages that show them. */
let kept = { projectId: '', store: new RowStore() };

function rowsOf(projectId: string): RowStore {
  if (kept.projectId !== projectId) kept = { projectId, store: new RowStore() };
  return kept.store;
}

/** What a line is decided with: a way out that changes elsewhere decides only the lines on it anew. */
const keyOf = (basis: BasisData, facts: OpeningFacts) => `${basis.key} ${wayText(basis, facts)}`;

/** The register's lines, decided again only for openings whose facts changed. */
export function useRows(
  projectId: string,
  openings: readonly OpeningView[],
  basis: BasisData,
): { rows: RowStore; busy: boolean } {
  const store = useMemo(() => rowsOf(projectId), [projectId]);
  const [done, setDone] = useState<unknown>(undefined);
  const wanted = useMemo(() => ({ openings, basis }), [openings, basis]);
  useEffect(() => {
    let current = true;
    const changed = store.stale(wanted.openings, ({ facts }) => keyOf(wanted.basis, facts));
    const decide = async () => {
      for (let at = 0; at < changed.length && current;) {
        const batch = changed.slice(at, at + (at === 0 ? FIRST_BATCH : BATCH));
        at += batch.length;
        store.put(
          batch,
          ({ facts }) => keyOf(wanted.basis, facts),
          await askCore(wanted.basis, (core) =>
            core.rows(batch.map(({ id, facts }) => ({ id, facts }))),
          ),
        );
      }
      if (current) setDone(wanted);
    };
    decide().catch(coreFailed);
    return () => {
      current = false;
    };
  }, [store, wanted]);
  return { rows: store, busy: done !== wanted };
}

/** The doors of a project as keys and corridors see them; undefined until they are decided. */
export function useDoors(openings: OpeningView[], basis: BasisData): Door[] | undefined {
  const [doors, setDoors] = useState<Door[] | undefined>();
  useEffect(() => {
    let current = true;
    askCore(basis, (core) => core.doors(openings.map(({ id, facts }) => ({ id, facts }))))
      .then((found) => {
        if (current) setDoors(found);
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [openings, basis]);
  return doors;
}

/** What is found in a project; undefined until every opening is decided. */
export function useFindings(
  openings: OpeningView[],
  basis: BasisData,
): ProjectFindings | undefined {
  const [found, setFound] = useState<ProjectFindings | undefined>();
  useEffect(() => {
    let current = true;
    askCore(basis, (core) => core.findings(openings.map(({ id, facts }) => ({ id, facts }))))
      .then((answer) => {
        if (current) setFound(answer);
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [openings, basis]);
  return found;
}

/** What is to be asked about a project, the most telling first; undefined until every opening is decided. */
export function useQuestions(
  openings: OpeningView[],
  basis: BasisData,
): readonly ProjectQuestion[] | undefined {
  const [asked, setAsked] = useState<readonly ProjectQuestion[] | undefined>();
  useEffect(() => {
    let current = true;
    askCore(basis, (core) => core.questions(openings.map(({ id, facts }) => ({ id, facts }))))
      .then((answer) => {
        if (current) setAsked(answer);
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [openings, basis]);
  return asked;
}

/** A decided opening with its practice again. */
function whole({ practiceId, ...rest }: LightOpening, basis: BasisData): DecidedOpening {
  return { ...rest, practice: practiceFor(practiceId, basisOf(basis)) };
}

/** The alternatives to an opening, searched in the worker; undefined while they are. */
export function useAlternatives(id: string, facts: OpeningFacts, basis: BasisData) {
  const [found, setFound] = useState<
    { id: string; of: OpeningFacts; alternatives: AlternativesFound } | undefined
  >();
  useEffect(() => {
    let current = true;
    askCore(basis, (core) => core.alternatives(facts))
      .then(({ now, alternatives, ...rest }) => {
        if (!current) return;
        setFound({
          id,
          of: facts,
          alternatives: {
            ...rest,
            now: whole(now, basis),
            alternatives: alternatives.map((alternative) => ({
              ...alternative,
              decided: whole(alternative.decided, basis),
            })),
          },
        });
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [id, facts, basis]);
  return found?.id === id && found.of === facts ? found.alternatives : undefined;
}

/** What a search came to, as the screen reads it. */
export interface AlternativesFound extends Omit<SearchResult, 'alternatives'> {
  now: DecidedOpening;
  alternatives: (Found & { consequences: Consequences })[];
}

/** A decided opening; after a change the one before stays until the new one has come. */
export function useDecided(
  opening: OpeningView | undefined,
  basis: BasisData,
): DecidedOpening | undefined {
  const [last, setLast] = useState<{ id: string; decided: DecidedOpening } | undefined>();
  const id = opening?.id;
  const facts = opening?.facts;
  useEffect(() => {
    if (!facts || !id) return;
    let current = true;
    askCore(basis, (core) => core.decide(facts))
      .then((light) => {
        if (current) setLast({ id, decided: whole(light, basis) });
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [id, facts, basis]);
  return last?.id === id ? last?.decided : undefined;
}

/** What else could be taken of a decision, ranked, with what each comes to; undefined while it is worked out. */
export function useInsteads(
  facts: OpeningFacts,
  key: string | undefined,
  basis: BasisData,
): RankedAlternative[] | undefined {
  const [found, setFound] = useState<{
    of: OpeningFacts;
    key: string;
    list: RankedAlternative[];
  }>();
  useEffect(() => {
    if (!key) return;
    let current = true;
    askCore(basis, (core) => core.insteads(facts, key))
      .then((list) => {
        if (current) setFound({ of: facts, key, list });
      })
      .catch(coreFailed);
    return () => {
      current = false;
    };
  }, [facts, key, basis]);
  return found?.of === facts && found.key === key ? found.list : undefined;
}
