import {
  valueOrUndefined,
  type Finding,
  type OpeningFacts,
  type Solid,
  type Stage,
} from '../model/index.js';
import { fieldOf, isStage, placeOf } from '../stageRegistry/index.js';
import type { Clash, ClashKind } from './clash.js';

const LEVEL: Record<ClashKind, Finding['level']> = {
  overlap: 'stop',
  under: 'stop',
  void: 'stop',
  beyond: 'stop',
  joint: 'check',
  thin: 'check',
  skin: 'check',
};

/** The stage that what a solid belongs to is decided in: of a decision, or of a fact. */
export function stageOfOwner(owner: string): Stage {
  const dot = owner.indexOf('.');
  const stage = dot < 0 ? owner : owner.slice(0, dot);
  return isStage(stage) ? stage : (fieldOf(owner)?.stage ?? 'sizing');
}

/** Of every two things that clash in one way, the worst place: the most overlap, the least left. */
export function worstClashes(clashes: readonly Clash[]): Clash[] {
  const worst = new Map<string, Clash>();
  for (const clash of clashes) {
    const { kind, leaf, on, a, b } = clash;
    const key = [kind, leaf, on, a.thing, b?.thing, a.owner, b?.owner].join(' ');
    const before = worst.get(key);
    const sign = kind === 'thin' || kind === 'skin' ? -1 : 1;
    if (!before || sign * clash.by > sign * before.by) worst.set(key, clash);
  }
  return [...worst.values()];
}

/** Rails as somebody recorded them; where none is, they are assumed, and so are their tenons. */
const RAILS = ['topRail', 'midRail', 'midRailAt', 'bottomRail'] as const;

/**
 * One finding for every two owners that clash in one way, with the worst place of them. What cuts a tenon
 * of a rail that nobody recorded is one note.
 */
export function clashFindings(clashes: readonly Clash[], facts: OpeningFacts): Finding[] {
  const assumed = RAILS.every((rail) => valueOrUndefined(facts[rail]) === undefined);
  const joints = clashes.filter(({ kind }) => kind === 'joint');
  const told = assumed ? clashes.filter(({ kind }) => kind !== 'joint') : clashes;
  const found = findingsOf(told);
  if (!assumed || joints.length === 0) return found;
  const [worst] = findingsOf([joints.reduce((a, b) => (b.by > a.by ? b : a))]);
  return [...found, { ...worst!, level: 'note', code: 'checking.jointAssumed' }];
}

function findingsOf(clashes: readonly Clash[]): Finding[] {
  return worstClashes(clashes).map((clash) => {
    const owners = [clash.a, clash.b].filter((one): one is Solid => one !== undefined);
    const stages = owners.map((one) => stageOfOwner(one.owner));
    const stage = stages.sort((a, b) => placeOf(b) - placeOf(a))[0]!;
    const length = ([from, to]: [number, number]) => ({ ticks: Math.abs(to - from) });
    return {
      level: LEVEL[clash.kind],
      stage,
      code: `checking.${clash.kind}`,
      params: {
        a: { term: clash.a.thing },
        b: { term: clash.b?.thing ?? 'solid.leaf' },
        by: { ticks: clash.by },
        wanted: { ticks: clash.wanted ?? 0, rounding: 'up' },
        across: length(clash.box.x),
        up: length(clash.box.y),
        through: length(clash.box.z),
        at: { ticks: clash.box.y[0] },
      },
      source: 'solids in leaf coordinates',
      parts: owners.map((one) => one.owner),
    };
  });
}
