import { preparationOf, type DecidedOpening } from '../deciding/index.js';
import type { ProjectBasis } from '../model/index.js';
import type { PrepBit } from '../stageContract/index.js';
import { fittingSteps } from './fittingSteps.js';
import { leafRemoval } from './leafRemoval.js';

/** What is brought to the work at some openings. */
export interface ToBring {
  /** Term codes, each once, in the order they are first taken up. */
  tools: string[];
  /** Bits and saws, the largest first of each kind. */
  bits: PrepBit[];
  /** The most people that one leaf takes, and whether one takes a lifter. */
  people: number;
  lifter: boolean;
}

/**
 * Gathers what to bring before work begins at some openings: the tools of every step, the bits and saws of every
 * lock, the people for the heaviest leaf.
 */
export function toBring(openings: readonly DecidedOpening[], project: ProjectBasis): ToBring {
  const tools = new Set<string>();
  const bits = new Map<string, PrepBit>();
  let [people, lifter] = [1, false];
  for (const decided of openings) {
    for (const step of fittingSteps(decided)) for (const tool of step.tools) tools.add(tool);
    for (const bit of preparationOf(decided, project)?.bits ?? []) {
      const key = `${bit.kind} ${bit.size}`;
      const before = bits.get(key);
      const makes = [...new Set([...(before?.makes ?? []), ...bit.makes])];
      bits.set(key, { ...bit, makes });
    }
    const leaf = leafRemoval(decided);
    people = Math.max(people, leaf?.people ?? 1);
    lifter ||= leaf?.lifter ?? false;
  }
  const kinds: readonly PrepBit['kind'][] = ['saw', 'bit', 'router', 'pilot'];
  return {
    tools: [...tools],
    bits: [...bits.values()].sort(
      (a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind) || b.size - a.size,
    ),
    people,
    lifter,
  };
}
