import {
  applyPatch,
  merge3,
  sameValue,
  type FactsPatch,
  type MergeField,
  type OpeningFacts,
} from '@riegel/core';
import type { OpeningView } from '../base/api.js';

/** A change that is not known to be saved: only what was touched, never a whole opening that was there. */
export type Pending = {
  id: string;
  /** Another with every change of it: tells whether it is still what was sent. */
  rev: string;
  /** Somebody else changed the same, or deleted it: a person decides. */
  conflict?: {
    theirs?: OpeningView;
    clashes: MergeField[];
    by?: string;
    /** What was last seen of an opening that somebody deleted. */
    last?: OpeningFacts;
  };
  /** Why the server would not have it. */
  refused?: string;
} & (
  | {
      op: 'create';
      facts: OpeningFacts;
      /** Its place among those that were made: the store keeps no order. */
      at: number;
      /** As it was sent and not answered: the server may have it already, as one of these. */
      sent?: OpeningFacts[];
    }
  | {
      op: 'update';
      patch: FactsPatch;
      /** What the touched facts were before. */
      before: FactsPatch;
      /** As it was sent and not answered: what the server holds of these is one's own. */
      sent?: FactsPatch[];
    }
  | {
      op: 'delete';
      /** What stood when it was deleted. */
      version?: number;
      /** It may just have been made, as one of these: then it is made sure of first. */
      made?: OpeningFacts[];
      /** What was seen of it, and what was sent of it before without an answer. */
      own?: { shown: OpeningFacts; sent: FactsPatch[] };
    }
);

/** A change of what is pending; a function of what was pending before, so that tabs agree. */
export type Step = (before: Pending | undefined) => Pending | undefined;

/** The values of some facts, also of those that are not there. */
function pick(facts: Partial<OpeningFacts>, names: readonly string[]): FactsPatch {
  return Object.fromEntries(
    names.map((name) => [name, facts[name as keyof OpeningFacts]]),
  ) as FactsPatch;
}

/** What of a patch is not yet so. */
function rest(patch: FactsPatch, facts: OpeningFacts): FactsPatch {
  return Object.fromEntries(
    Object.entries(patch).filter(
      ([name, value]) => !sameValue(facts[name as keyof OpeningFacts], value),
    ),
  ) as FactsPatch;
}

/** What turns one set of facts into another. */
export function patchBetween(from: OpeningFacts, to: OpeningFacts): FactsPatch {
  const names = [...new Set([...Object.keys(from), ...Object.keys(to)])];
  return rest(pick(to, names), from);
}

/** Somebody changed facts of an opening; `shown` is what they saw of the server's. */
export function edited(id: string, rev: string, patch: FactsPatch, shown: OpeningFacts): Step {
  return (before) => {
    if (before?.op === 'delete') return before;
    if (before?.op === 'create')
      return { ...settled(before), rev, facts: applyPatch(before.facts, patch) };
    const names = Object.keys(patch);
    return {
      ...(before?.conflict ? { conflict: before.conflict } : {}),
      id,
      rev,
      op: 'update',
      patch: { ...before?.patch, ...patch },
      before: { ...pick(shown, names), ...before?.before },
      ...(before?.sent ? { sent: before.sent } : {}),
    };
  };
}

/** Something changed: what was refused may be taken now. */
function settled<T extends Pending>(pending: T): T {
  const { refused: _, ...kept } = pending;
  return kept as T;
}

export function created(id: string, rev: string, facts: OpeningFacts, at: number): Step {
  return () => ({ id, rev, op: 'create', facts, at });
}

/** Pending changes in the order in which openings were made. */
export function inOrder(entries: Iterable<Pending>): Pending[] {
  const place = (entry: Pending) => (entry.op === 'create' ? entry.at : 0);
  return [...entries].sort((a, b) => place(a) - place(b));
}

/** Somebody deleted an opening; one that may be on its way to the server is not merely forgotten. */
export function deleted(id: string, rev: string, server: OpeningView | undefined): Step {
  return (before) => {
    if (before?.op !== 'create' || server)
      return {
        id,
        rev,
        op: 'delete',
        ...(server ? { version: server.version } : {}),
        ...(server && before?.op === 'update' && before.sent
          ? { own: { shown: server.facts, sent: before.sent } }
          : {}),
      };
    return before.sent ? { id, rev, op: 'delete', made: before.sent } : undefined;
  };
}

/** The last of what was sent without an answer; a connection that never answers fills no store. */
const MAX_SENT = 8;

/** It is being sent: from here on the server may have it. */
export function sending(rev: string): Step {
  const added = <T>(list: readonly T[] | undefined, one: T): T[] =>
    [...(list ?? []).filter((each) => !sameValue(each, one)), one].slice(-MAX_SENT);
  return (before) => {
    if (before?.rev !== rev || before.op === 'delete') return before;
    return before.op === 'create'
      ? { ...before, sent: added(before.sent, before.facts) }
      : { ...before, sent: added(before.sent, before.patch) };
  };
}

/** The server has an opening that was to be made, by an earlier sending whose answer was lost. */
export function madeBefore(rev: string, next: string, theirs: OpeningView): Step {
  return (before) => {
    if (before?.rev !== rev || before.op === 'update') return before;
    const variants = (before.op === 'create' ? before.sent : before.made) ?? [];
    const { id } = before;
    if (before.op === 'delete')
      return variants.some((one) => sameValue(one, theirs.facts))
        ? { id, rev: next, op: 'delete', version: theirs.version }
        : { ...before, conflict: { theirs, clashes: [] } };
    const [first] = variants;
    if (!first) return { ...before, conflict: { theirs, clashes: [] } };
    const names = [...new Set([before.facts, ...variants].flatMap((one) => Object.keys(one)))];
    return {
      id,
      rev: next,
      op: 'update',
      patch: pick(before.facts, names),
      before: pick(first, names),
      sent: variants.map((one) => pick(one, names)),
    };
  };
}

/**
 * The server holds `view` after taking what was sent as `rev` (nothing, after a deletion). What was
 * changed meanwhile stays pending, from what was just saved.
 */
export function acknowledged(rev: string, next: string, view: OpeningView | undefined): Step {
  return (before) => {
    if (!before || before.rev === rev) {
      // What made sure of an opening is not what deletes it.
      if (before?.op === 'delete' && before.made && view)
        return { id: before.id, rev: next, op: 'delete', version: view.version };
      return undefined;
    }
    if (!view) return before;
    if (before.op === 'delete') return { ...bare(before), version: view.version };
    const patch =
      before.op === 'create'
        ? patchBetween(view.facts, before.facts)
        : rest(before.patch, view.facts);
    if (Object.keys(patch).length === 0) return undefined;
    const { id } = before;
    return {
      id,
      rev: before.rev,
      op: 'update',
      patch,
      before: pick(view.facts, Object.keys(patch)),
    };
  };
}

const bare = (before: Extract<Pending, { op: 'delete' }>): Extract<Pending, { op: 'delete' }> => ({
  id: before.id,
  rev: before.rev,
  op: 'delete',
});

export function conflicting(rev: string, conflict: NonNullable<Pending['conflict']>): Step {
  return (before) => (before?.rev === rev ? { ...before, conflict } : before);
}

export function refused(rev: string, why: string): Step {
  return (before) => (before?.rev === rev ? { ...before, refused: why } : before);
}

/** A person decided a conflict: these facts. */
export function resolved(rev: string, facts: OpeningFacts): Step {
  return (before) => {
    if (!before?.conflict) return before;
    const { theirs } = before.conflict;
    if (!theirs) return { id: before.id, rev, op: 'create', facts, at: 0 };
    const patch = patchBetween(theirs.facts, facts);
    if (Object.keys(patch).length === 0) return undefined;
    return {
      id: before.id,
      rev,
      op: 'update',
      patch,
      before: pick(theirs.facts, Object.keys(patch)),
    };
  };
}

/** An opening as it is shown: the server's with what is pending laid over; nothing when it is deleted. */
export function shownWith(
  server: OpeningView | undefined,
  pending: Pending | undefined,
): OpeningView | undefined {
  if (!pending) return server;
  if (pending.op === 'delete') return undefined;
  if (pending.op === 'create')
    return { id: pending.id, version: server?.version ?? 0, facts: pending.facts };
  return server && { ...server, facts: applyPatch(server.facts, pending.patch) };
}

/** What the screens show: the server's openings with pending changes laid over. */
export function overlay(
  server: readonly OpeningView[],
  pending: ReadonlyMap<string, Pending>,
): OpeningView[] {
  if (pending.size === 0) return server as OpeningView[];
  const left = new Map(pending);
  const shown: OpeningView[] = [];
  for (const opening of server) {
    const entry = left.get(opening.id);
    if (entry) left.delete(opening.id);
    const view = entry ? shownWith(opening, entry) : opening;
    if (view) shown.push(view);
  }
  for (const entry of left.values()) {
    const view = shownWith(undefined, entry);
    if (view) shown.push(view);
  }
  return shown;
}

/** One change as the server takes it. */
export type Write =
  | { op: 'create'; id: string; facts: OpeningFacts }
  | { op: 'update'; id: string; version: number; facts: OpeningFacts }
  | { op: 'delete'; id: string; version: number };

/** Whether what differs from what was seen is what one sent oneself. */
function onlyOwn(
  own: { shown: OpeningFacts; sent: FactsPatch[] } | undefined,
  facts: OpeningFacts,
): boolean {
  if (!own) return false;
  return Object.entries(patchBetween(own.shown, facts)).every(([name, value]) =>
    own.sent.some((one) => name in one && sameValue(one[name as keyof OpeningFacts], value)),
  );
}

/** The touched facts that the server holds as this person sent them, without an answer. */
function ownIn(
  facts: OpeningFacts,
  { patch, sent = [] }: { patch: FactsPatch; sent?: FactsPatch[] },
) {
  const own = Object.keys(patch).filter((name) =>
    sent.some(
      (one) =>
        name in one &&
        sameValue(one[name as keyof OpeningFacts], facts[name as keyof OpeningFacts]),
    ),
  );
  return pick(facts, own);
}

/**
 * What is to be sent for a pending change, seen against what the server holds: a write, a conflict for a
 * person to decide, or nothing because it is so already.
 */
export function composed(
  pending: Pending,
  server: OpeningView | undefined,
): { write: Write } | { conflict: NonNullable<Pending['conflict']> } | { done: true } {
  const { id } = pending;
  if (pending.op === 'create') return { write: { op: 'create', id, facts: pending.facts } };
  if (pending.op === 'delete') {
    if (pending.made) return { write: { op: 'create', id, facts: pending.made.at(-1)! } };
    // Another tab may know of it what this one does not.
    if (!server)
      return pending.version === undefined
        ? { done: true }
        : { write: { op: 'delete', id, version: pending.version } };
    const { version = server.version } = pending;
    // Seen here later than where it is sent from, or changed by nobody but oneself: it may go.
    return version < server.version && !onlyOwn(pending.own, server.facts)
      ? { conflict: { theirs: server, clashes: [] } }
      : { write: { op: 'delete', id, version: Math.max(version, server.version) } };
  }
  if (!server) return { conflict: { clashes: [] } };
  const before = applyPatch(server.facts, { ...pending.before, ...ownIn(server.facts, pending) });
  const { merged, clashes } = merge3(before, applyPatch(before, pending.patch), server.facts);
  if (clashes.length > 0) return { conflict: { theirs: server, clashes } };
  // What is known of the server may be from before a sending whose answer was lost.
  if (sameValue(merged, server.facts) && !pending.sent) return { done: true };
  return { write: { op: 'update', id, version: server.version, facts: merged } };
}
