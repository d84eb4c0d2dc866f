import type { LockSpec } from '../catalogue/index.js';
import {
  exploreLock,
  hasAction,
  lockStep,
  stateKey,
  type LockAction,
  type LockGraph,
  type Transition,
} from '../machines/index.js';

/** One step of an acceptance test: do this, see that. */
export interface TestStep {
  action: LockAction;
  /** What is to be seen. */
  opens: boolean;
  latch: boolean;
  /** Keys of the states before and after. */
  from: string;
  to: string;
  /** Nothing may happen: a blocked handle does not move, a dead latch is not pushed back. */
  refused?: boolean;
}

/** Fewest transitions from one state to every other. */
function shortest(graph: LockGraph, from: string): Map<string, Transition[]> {
  const paths = new Map<string, Transition[]>([[from, []]]);
  for (const [at, path] of paths)
    for (const one of graph.transitions)
      if (one.from === at && !paths.has(one.to)) paths.set(one.to, [...path, one]);
  return paths;
}

/**
 * The shortest walk from the resting state that takes every transition at least once (the directed
 * route inspection problem): transitions are doubled along shortest paths, as few as balance every
 * state, and the walk is the round trip through all of them. Transitions that cannot be come back from
 * are walked last.
 */
export function testSheet(spec: LockSpec, graph: LockGraph = exploreLock(spec)): TestStep[] {
  const paths = new Map([...graph.states.keys()].map((key) => [key, shortest(graph, key)]));
  const home = graph.start;
  const round = graph.transitions.filter((one) => paths.get(one.to)!.has(home));
  const oneWay = graph.transitions.filter((one) => !round.includes(one));
  const walk = tour(round, home, paths);
  for (const one of oneWay) {
    const at = walk.at(-1)?.to ?? home;
    const way = paths.get(at)!.get(one.from);
    if (way) walk.push(...way, one);
  }
  return walk.map(({ action, from, to, step }) => ({
    action,
    from,
    to,
    opens: step.opens,
    latch: step.latch,
  }));
}

/** A closed walk through all transitions and the added ones. */
function tour(
  transitions: Transition[],
  home: string,
  paths: Map<string, Map<string, Transition[]>>,
): Transition[] {
  const all = [...transitions, ...balancing(transitions, paths)];
  const leaving = new Map<string, Transition[]>();
  for (const one of all) leaving.set(one.from, [...(leaving.get(one.from) ?? []), one]);
  // Hierholzer: go on while there is a way, put each step down when there is none left.
  const walk: Transition[] = [];
  const stack: { at: string; by?: Transition }[] = [{ at: home }];
  while (stack.length > 0) {
    const top = stack[stack.length - 1]!;
    const next = leaving.get(top.at)?.shift();
    if (next) stack.push({ at: next.to, by: next });
    else {
      stack.pop();
      if (top.by) walk.push(top.by);
    }
  }
  return walk.reverse();
}

/**
 * The fewest transitions to take again so that every state is left as often as it is come to: the
 * least-cost matching of the states that are left too seldom with those left too often, by shortest
 * paths.
 */
function balancing(
  transitions: Transition[],
  paths: Map<string, Map<string, Transition[]>>,
): Transition[] {
  const surplus = new Map<string, number>();
  for (const { from, to } of transitions) {
    surplus.set(to, (surplus.get(to) ?? 0) + 1);
    surplus.set(from, (surplus.get(from) ?? 0) - 1);
  }
  const starts: string[] = [];
  const ends: string[] = [];
  for (const [key, count] of surplus)
    for (let index = 0; index < Math.abs(count); index++) (count > 0 ? starts : ends).push(key);
  const cost = (from: string, to: string) => paths.get(from)!.get(to)?.length ?? Infinity;
  const matched = leastMatching(starts.map((from) => ends.map((to) => cost(from, to))));
  return starts.flatMap((from, index) => paths.get(from)!.get(ends[matched[index]!]!) ?? []);
}

/** Costs stay finite so that sums of them do: far more than any walk. */
const NO_WAY = 1e6;

/**
 * For each row the column it is matched with, so that the costs add up to the least (Hungarian method
 * with potentials).
 */
function leastMatching(costs: number[][]): number[] {
  const size = costs.length;
  const rows = new Array<number>(size + 1).fill(0);
  const columns = new Array<number>(size + 1).fill(0);
  const rowOf = new Array<number>(size + 1).fill(0);
  for (let row = 1; row <= size; row++) {
    const least = new Array<number>(size + 1).fill(Infinity);
    const used = new Array<boolean>(size + 1).fill(false);
    const before = new Array<number>(size + 1).fill(0);
    rowOf[0] = row;
    let at = 0;
    do {
      used[at] = true;
      let delta = Infinity;
      let next = 0;
      for (let column = 1; column <= size; column++) {
        if (used[column]) continue;
        const cost = Math.min(costs[rowOf[at]! - 1]![column - 1]!, NO_WAY);
        const reduced = cost - rows[rowOf[at]!]! - columns[column]!;
        if (reduced < least[column]!) {
          least[column] = reduced;
          before[column] = at;
        }
        if (least[column]! < delta) {
          delta = least[column]!;
          next = column;
        }
      }
      for (let column = 0; column <= size; column++) {
        if (used[column]) {
          rows[rowOf[column]!]! += delta;
          columns[column]! -= delta;
        } else least[column]! -= delta;
      }
      at = next;
    } while (rowOf[at] !== 0);
    while (at !== 0) {
      rowOf[at] = rowOf[before[at]!]!;
      at = before[at]!;
    }
  }
  const matched = new Array<number>(size).fill(0);
  for (let column = 1; column <= size; column++) matched[rowOf[column]! - 1] = column - 1;
  return matched;
}

/** What a lock must refuse while it stands closed. */
const REFUSALS: readonly LockAction[] = ['outside-handle', 'inside-handle', 'outside-slip'];

/**
 * The acceptance test as it is gone through: the shortest round through all transitions, and, where
 * the walk first comes by a closed state in which it holds, what must not move: the handle that is
 * blocked, the latch whose pin is held in.
 */
export function acceptanceTest(spec: LockSpec, graph: LockGraph = exploreLock(spec)): TestStep[] {
  const steps: TestStep[] = [];
  const owed = new Set(REFUSALS.filter((action) => hasAction(spec, action)));
  const refuse = (key: string) => {
    const state = graph.states.get(key)!;
    if (!state.closed) return;
    for (const action of owed) {
      const step = lockStep(spec, state, action);
      if (step.latch || stateKey(step.state) !== key) continue;
      owed.delete(action);
      steps.push({ action, from: key, to: key, opens: false, latch: false, refused: true });
    }
  };
  refuse(graph.start);
  for (const step of testSheet(spec, graph)) {
    steps.push(step);
    refuse(step.to);
  }
  return steps;
}
