import { decideOpening, type DecidedOpening } from '../deciding/index.js';
import {
  closesByItself,
  valueOrUndefined,
  type Finding,
  type HangingDevice,
  type OpeningFacts,
  type ProjectBasis,
  type Message,
} from '../model/index.js';
import { CLOSER_KINDS, closerKindOf } from '../closing/index.js';
import { brokenRule } from './rules.js';
import {
  costOf,
  keepsClear,
  keptBy,
  SEAL_CHOICES,
  wishesOf,
  type Assignment,
  type Kept,
  type SealChoice,
  type Constraint,
} from './constraints.js';

/** Weight of a kept wish against one more change, a cost class, a check to be made, a seal that drags. */
const WEIGHT = { wish: 10, change: 1, cost: 0.5, check: 0.2, drag: 2 } as const;

/** A consistent combination of choices, decided and scored. */
export interface Found {
  choice: Assignment;
  facts: OpeningFacts;
  decided: DecidedOpening;
  kept: Partial<Record<Constraint, Kept>>;
  score: number;
  cost: number;
  /** Names of the choices that differ from today's. */
  changed: (keyof Assignment)[];
}

/** A family of alternatives that is ruled out, with what speaks against it. */
export interface Refused {
  family: string;
  choice: Assignment;
  why: Message[];
}

export interface SearchResult {
  today: Assignment;
  wishes: Constraint[];
  /** How far today keeps them. */
  keptToday: Partial<Record<Constraint, Kept>>;
  /** The best of each family, best first. */
  alternatives: Found[];
  refused: Refused[];
  /** How many combinations were decided. */
  decided: number;
}

/** What an opening has today, as an assignment. */
export function assignmentOf(decided: DecidedOpening): Assignment {
  const { facts } = decided;
  const { hanging } = decided.results;
  const centre = hanging.device === 'centre-pivot' || hanging.device === 'double-acting-spring';
  return {
    device: hanging.device,
    foot: hanging.leaves[0]!.foot ?? 'floor',
    closer: closerKindOf(facts) ?? 'none',
    seal: sealOf(facts),
    frameKind: valueOrUndefined(facts.frameKind) ?? (centre ? 'stopless' : 'rebated'),
    lockKind: valueOrUndefined(facts.lockKind) ?? 'none',
  };
}

/** What seals the gap under the leaf today. A plain threshold is taken as one that may get a gasket. */
function sealOf(facts: OpeningFacts): SealChoice {
  if (facts.threshold === 'sealing') return 'threshold';
  const seal = valueOrUndefined(facts.bottomSeal);
  if (seal !== undefined && seal !== 'any') return seal;
  return facts.threshold === 'plain' ? 'threshold' : 'none';
}

/** The family a combination is shown as: its device, and whether a threshold is put in after all. */
export function familyOf(choice: Assignment): string {
  if (choice.seal === 'threshold') return 'threshold';
  return choice.device === 'adjustable-concealed' ? 'concealed' : choice.device;
}

/** The facts of an opening with the choices of an alternative; named products of what changed are let go. */
export function factsWith(
  facts: OpeningFacts,
  today: Assignment,
  choice: Assignment,
  reason: string,
): OpeningFacts {
  const choices = { ...facts.choices };
  const next: OpeningFacts = { ...facts };
  if (choice.device !== today.device) {
    choices['hanging.device'] = { value: choice.device, reason };
    for (const name of [
      'hanging.product',
      'hanging.count',
      'hanging.foot',
      'hanging.hingeHeight',
      'hanging.hingeWidth',
    ])
      delete choices[name];
  }
  if (
    choice.device === 'offset-pivot' &&
    (choice.foot !== today.foot || choice.device !== today.device)
  )
    choices['hanging.foot'] = { value: choice.foot, reason };
  if (choice.closer !== today.closer) {
    delete choices['closing.product'];
    // That it shall close by itself stays wished, whatever closes it.
    next.closer = choice.closer !== 'none' ? choice.closer : closesByItself(facts) ? 'any' : 'none';
  }
  if (choice.seal !== today.seal) {
    delete choices['sealing.product'];
    next.bottomSeal = choice.seal === 'threshold' ? 'none' : choice.seal;
    if (choice.seal === 'threshold') next.threshold = 'sealing';
    else if (today.seal === 'threshold') next.threshold = 'none';
  }
  if (choice.frameKind !== today.frameKind) next.frameKind = choice.frameKind;
  if (choice.lockKind !== today.lockKind) next.lockKind = choice.lockKind;
  if (Object.keys(choices).length > 0) next.choices = choices;
  else delete next.choices;
  return next;
}

function options(
  today: Assignment,
  decided: DecidedOpening,
): { [K in keyof Assignment]: Assignment[K][] } {
  const lockClashes = decided.clashes.some(
    ({ a, b }) => a.owner === 'lockKind' || b?.owner === 'lockKind',
  );
  const sealed = wishesOf(decided.facts).includes('sealed');
  const seals = SEAL_CHOICES.filter((seal) => seal !== 'none' || !sealed);
  // What the hanging stage offers for this kind of opening: nothing else on a leaf that slides.
  const device = decided.decisions.find((one) => one.key === 'hanging.device');
  const offered = (device?.alternatives ?? []).map((one) => one.value as HangingDevice);
  return {
    device: offered.includes(today.device) ? offered : [today.device],
    foot: ['floor', 'jamb'],
    frameKind: ['rebated', 'stopless'],
    closer: ['none', ...CLOSER_KINDS],
    seal: seals,
    lockKind: lockClashes ? ['mortise', 'cylindrical', 'none'] : [today.lockKind],
  };
}

const ORDER = ['device', 'foot', 'frameKind', 'closer', 'seal', 'lockKind'] as const;

/**
 * Whether a combination is a neighbour of today's. A threshold that is not wished is put in only where
 * it saves what hangs and closes the leaf today.
 */
function neighbour(choice: Assignment, today: Assignment, wishes: readonly Constraint[]): boolean {
  return (
    choice.seal !== 'threshold' ||
    !wishes.includes('noThreshold') ||
    (choice.device === today.device && choice.closer === today.closer)
  );
}

/** Every combination that breaks no rule; a broken rule cuts off all that would follow. */
function consistent(of: ReturnType<typeof options>, prune: boolean): Assignment[] {
  const all: Assignment[] = [];
  const walk = (at: number, choice: Partial<Assignment>) => {
    if (prune && brokenRule(choice)) return;
    const name = ORDER[at];
    if (!name) {
      if (prune || !brokenRule(choice)) all.push(choice as Assignment);
      return;
    }
    for (const value of of[name]) walk(at + 1, { ...choice, [name]: value });
  };
  walk(0, {});
  return all;
}

const isClash = (finding: Finding) => finding.code.startsWith('checking.');

/** Stops that an alternative must not have: clashes, and whatever does not stand today already. */
function blocking(decided: DecidedOpening, today: DecidedOpening): Finding[] {
  const before = new Set(
    today.findings.filter((one) => one.level === 'stop').map((one) => one.code),
  );
  return decided.findings.filter(
    (one) => one.level === 'stop' && (isClash(one) || !before.has(one.code)),
  );
}

/**
 * Searches the neighbouring choices of an opening: hanging × foot × frame × closer × bottom seal × lock.
 * Rules cut branches off; what remains is decided best first by the most it could still score, and a
 * family is left as soon as nothing in it can beat its best. The result is that of deciding every
 * combination.
 *
 * @param exhaustive decide every combination, without rules or bounds cutting anything off
 */
export function searchAlternatives(
  facts: OpeningFacts,
  basis: ProjectBasis,
  exhaustive = false,
): SearchResult {
  const now = decideOpening(facts, basis);
  const today = assignmentOf(now);
  const wishes = wishesOf(now.facts);
  const { products } = basis;
  const keptToday: Partial<Record<Constraint, Kept>> = {};
  for (const wish of wishes)
    keptToday[wish] =
      wish === 'clearWidth' ? keepsClear(now) : keptBy(wish, today, facts, products);
  const all = consistent(options(today, now), !exhaustive);
  const near = all.filter((choice) => neighbour(choice, today, wishes));
  const candidates = near.map((choice) => {
    const kept: Partial<Record<Constraint, Kept>> = {};
    for (const wish of wishes) kept[wish] = keptBy(wish, choice, facts, products);
    const changed = ORDER.filter((name) => choice[name] !== today[name]);
    const cost = costOf(choice, products);
    const wished = wishes.reduce((sum, wish) => sum + kept[wish]!, 0);
    const drags = wishes.includes('sealed') && choice.seal === 'sweep' ? WEIGHT.drag : 0;
    const most = WEIGHT.wish * wished - WEIGHT.change * changed.length - WEIGHT.cost * cost - drags;
    const key = ORDER.map((name) => choice[name]).join(' ');
    return { choice, kept, changed, cost, most, key };
  });
  candidates.sort((a, b) => b.most - a.most || (a.key < b.key ? -1 : 1));
  const best = new Map<string, Found & { key: string }>();
  const refused = new Map<string, Refused & { key: string }>();
  let decidedCount = 0;
  for (const { choice, kept, changed, cost, most, key } of candidates) {
    if (changed.length === 0) continue;
    const family = familyOf(choice);
    const held = best.get(family);
    if (!exhaustive && held && most < held.score) continue;
    const next = factsWith(facts, today, choice, TAKEN_REASON);
    const decided = decideOpening(next, basis, { explain: false });
    decidedCount += 1;
    const stops = blocking(decided, now);
    if (stops.length > 0) {
      const why = stops.map(({ code, params }) => ({ code, params }));
      if (!refused.has(family)) refused.set(family, { family, choice, why, key });
      continue;
    }
    const keptNow = {
      ...kept,
      ...(wishes.includes('clearWidth') ? { clearWidth: keepsClear(decided) } : {}),
    };
    const checks = decided.findings.filter((one) => one.level === 'check').length;
    const score =
      most -
      WEIGHT.check * checks -
      (keptNow.clearWidth === undefined ? 0 : WEIGHT.wish * (1 - keptNow.clearWidth));
    if (!held || score > held.score || (score === held.score && key < held.key))
      best.set(family, { choice, facts: next, decided, kept: keptNow, score, cost, changed, key });
  }
  const alternatives = [...best.values()].sort(
    (a, b) => b.score - a.score || (a.key < b.key ? -1 : 1),
  );
  return {
    today,
    wishes,
    keptToday,
    alternatives: alternatives.map(({ key: _, ...alternative }) => alternative),
    refused: [...refused.values()]
      .filter(({ family }) => !best.has(family))
      .map(({ key: _, ...alternative }) => alternative),
    decided: decidedCount,
  };
}

/** The reason written down with the choices of an alternative that was taken. */
export const TAKEN_REASON = 'Taken as an alternative.';
