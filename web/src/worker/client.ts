import { wrap, type Remote } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import {
  practiceFor,
  type Consequences,
  type DecidedOpening,
  type Found,
  type OpeningFacts,
  type Searched,
} from '@riegel/core';
import type { OpeningView } from '../app/api.js';
import { basisOf, type BasisData } from './basis.js';
import type { CoreWorker, LightOpening } from './core.worker.js';
import type { Door } from './door.js';
import { WorkerLine } from './line.js';
import type { PackedRow } from './row.js';

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

/** Asks the core off the main thread. */
export function askCore<R>(work: (core: Remote<CoreWorker>) => Promise<R>): Promise<R> {
  return line.ask(work);
}

/** Tells, once at a time, that nothing can be decided any more. */
export function coreFailed(error: unknown): void {
  toast.error(error instanceof Error ? error.message : 'That did not work.', { id: 'worker' });
}

/** How many openings are decided in one call: a screenful first, then many at a time. */
const FIRST_BATCH = 40;
const BATCH = 800;

/** The register's lines, decided again only for openings whose facts changed. */
export function useRows(
  openings: OpeningView[],
  basis: BasisData,
): { rows: ReadonlyMap<string, PackedRow>; busy: boolean } {
  const [rows, setRows] = useState<ReadonlyMap<string, PackedRow>>(new Map());
  const [done, setDone] = useState<unknown>(undefined);
  const known = useRef(new Map<string, { facts: OpeningFacts; basis: string }>());
  const wanted = useMemo(() => ({ openings, basis }), [openings, basis]);
  useEffect(() => {
    let current = true;
    const changed = wanted.openings.filter(({ id, facts }) => {
      const before = known.current.get(id);
      return before?.facts !== facts || before.basis !== wanted.basis.key;
    });
    const decide = async () => {
      for (let at = 0; at < changed.length && current;) {
        const batch = changed.slice(at, at + (at === 0 ? FIRST_BATCH : BATCH));
        at += batch.length;
        const fresh = await askCore((core) =>
          core.rows(
            batch.map(({ id, facts }) => ({ id, facts })),
            wanted.basis,
          ),
        );
        if (!current) return;
        for (const { id, facts } of batch)
          known.current.set(id, { facts, basis: wanted.basis.key });
        setRows((before) => {
          const next = new Map(before);
          for (const row of fresh) next.set(row.id, row);
          return next;
        });
      }
      if (current) setDone(wanted);
    };
    decide().catch(coreFailed);
    return () => {
      current = false;
    };
  }, [wanted]);
  return { rows, busy: done !== wanted };
}

/** The doors of a project as keys and corridors see them; undefined until they are decided. */
export function useDoors(openings: OpeningView[], basis: BasisData): Door[] | undefined {
  const [doors, setDoors] = useState<Door[] | undefined>();
  useEffect(() => {
    let current = true;
    askCore((core) =>
      core.doors(
        openings.map(({ id, facts }) => ({ id, facts })),
        basis,
      ),
    )
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

/** A decided opening with its practice again. */
function whole({ practiceId, ...rest }: LightOpening, basis: BasisData): DecidedOpening {
  return { ...rest, practice: practiceFor(practiceId, basisOf(basis)) };
}

/** The alternatives to an opening, searched in the worker; undefined while they are. */
export function useAlternatives(opening: OpeningView | undefined, basis: BasisData) {
  const facts = opening?.facts;
  const [found, setFound] = useState<
    { of: OpeningFacts; alternatives: AlternativesFound } | undefined
  >();
  useEffect(() => {
    if (!facts) return;
    let current = true;
    askCore((core) => core.alternatives(facts, basis))
      .then(({ now, alternatives, ...rest }) => {
        if (!current) return;
        setFound({
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
  }, [facts, basis]);
  return found?.of === facts ? found?.alternatives : undefined;
}

/** What a search came to, as the screen reads it. */
export interface AlternativesFound extends Omit<Searched, 'alternatives'> {
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
    askCore((core) => core.decide(facts, basis))
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
