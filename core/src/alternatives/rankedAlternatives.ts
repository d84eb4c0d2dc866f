import { candidates } from '../stageContract/index.js';
import { derivedProperties, type LockProperties } from '../securing/index.js';
import {
  changesBetween,
  decideOpening,
  needsOf,
  type DecidedOpening,
  type DecisionChange,
} from '../deciding/index.js';
import {
  message,
  type Alternative,
  type Decision,
  type OpeningFacts,
  type Param,
  type ProjectBasis,
  type Message,
  type Solid,
  type Value,
} from '../model/index.js';

/** Another value of a decision with what taking it comes to. */
export interface RankedAlternative {
  alternative: Alternative;
  /** Findings that only it brings. */
  stops: number;
  checks: number;
  /** Cost classes more (or, below nothing, less) than what is taken, by the cheapest product that fits. */
  cost: number;
  /** What speaks against it and what it changes, the gravest first; never empty. */
  consequences: Message[];
}

/** What one stop, one check, a word against it and one cost class weigh against one changed decision. */
const WEIGHT = { stop: 1000, check: 100, against: 50, cost: 5 } as const;

/** Cost classes run from 1 to 4. */
const UNKNOWN_COST = 2;
const DEAREST = 4;
const MAX_CHANGES = 2;

/** A value as a parameter of a sentence; those that are no single figure are not told. */
function paramOf(value: Value | undefined): Param | undefined {
  switch (value?.type) {
    case 'length':
      return { ticks: value.ticks, rounding: value.rounding };
    case 'term':
      return value.term.startsWith('=') ? value.term.slice(1) : { term: value.term };
    case 'count':
      return value.count;
    case 'mass':
      return { grams: value.grams };
    case 'angle':
      return { degrees: value.degrees };
    default:
      return undefined;
  }
}

const nameOf = ({ stage, name }: { stage: string; name: string }): Param => ({
  term: `name.${stage}.${name}`,
});

/** What is cut: the recesses of leaf and frame by what they are for. */
function recesses(solids: readonly Solid[]): Map<string, string> {
  const cut = new Map<string, string>();
  for (const { how, thing, on, leaf, x, y, z } of solids)
    if (how === 'in')
      cut.set(thing, `${cut.get(thing) ?? ''}|${[on, leaf, ...x, ...y, ...z].join(' ')}`);
  return cut;
}

function preparation(today: DecidedOpening, then: DecidedOpening): Message[] {
  const [before, after] = [recesses(today.solids), recesses(then.solids)];
  const things = new Set([...before.keys(), ...after.keys()]);
  const anew = [...things].filter((thing) => before.get(thing) !== after.get(thing));
  if (things.size === 0) return [];
  if (anew.length === 0) return [message('instead.samePreparation')];
  const cut = anew.filter((thing) => after.has(thing));
  return cut.length > 0
    ? cut
        .slice(0, MAX_CHANGES)
        .map((thing) => message('instead.prepares', { thing: { term: thing } }))
    : [message('instead.noRecess', { thing: { term: anew[0]! } })];
}

/** What a lock function does otherwise, the gravest first. */
const TOLD = [
  'canTrap',
  'canBeLocked',
  'locksItself',
  'canLockOut',
  'locksFromInside',
  'locksFromInsideByKey',
  'canStayOpen',
  'emergencyEnters',
  'powerMatters',
  'twoMotions',
] as const satisfies readonly (keyof LockProperties)[];

function functions(today: DecidedOpening, then: DecidedOpening): Message[] {
  const [was, is] = [today.results.securing.spec, then.results.securing.spec];
  if (!was || !is || was.id === is.id) return [];
  const [before, after] = [derivedProperties(was), derivedProperties(is)];
  return TOLD.filter((name) => before[name] !== after[name])
    .slice(0, MAX_CHANGES)
    .map((name) => message(`instead.${name}.${after[name] ? 'yes' : 'no'}`));
}

/** What the cheapest products of a set come to, in cost classes; places nothing fits count as the dearest. */
function costOf(decided: DecidedOpening, basis: ProjectBasis): number {
  let sum = 0;
  for (const need of needsOf(decided, basis)) {
    const [best] = candidates(need, basis.products.values());
    sum += best?.missing.length === 0 ? (best.product.cost ?? UNKNOWN_COST) : DEAREST;
  }
  return sum;
}

function consequencesOf(
  alternative: Alternative,
  changes: readonly DecisionChange[],
  fresh: readonly Message[],
  cost: number,
  today: DecidedOpening,
  then: DecidedOpening,
): Message[] {
  // What comes of it says more than the word against it, which is only foretold.
  const list: Message[] =
    fresh.length > 0
      ? [...fresh]
      : [alternative.against, ...(alternative.also ?? [])].filter(isSaid);
  list.push(...functions(today, then));
  const shown = changes.flatMap((change) => {
    const value = paramOf(change.after);
    if (change.after === undefined)
      return change.before ? [message('instead.opens', { name: nameOf(change) })] : [];
    return value === undefined ? [] : [message('instead.becomes', { name: nameOf(change), value })];
  });
  list.push(...shown.slice(0, MAX_CHANGES));
  const more = shown.length - MAX_CHANGES;
  if (more > 0)
    list.push(message(more === 1 ? 'instead.oneMore' : 'instead.more', { count: more }));
  if (cost !== 0) {
    const count = Math.abs(cost);
    const one = count === 1 ? 'One' : '';
    list.push(message(cost > 0 ? `instead.dearer${one}` : `instead.cheaper${one}`, { count }));
  }
  list.push(...preparation(today, then));
  return list.length > 0 ? list : [message('instead.nothing')];
}

const isSaid = (one: Message | undefined): one is Message => one !== undefined;

/** Whether an alternative is what is taken now. */
function taken(decision: Decision, { value, name }: Alternative): boolean {
  const now = decision.value;
  if (now?.type === 'length') return now.ticks === value;
  if (now?.type === 'count') return now.count === value;
  if (now?.type !== 'term') return false;
  return name !== undefined
    ? now.term === `=${name}`
    : now.term === value || now.term.slice(now.term.indexOf('.') + 1) === String(value);
}

/**
 * What else could be taken of a decision, each decided as if it were, with what it comes to; the one that
 * costs least trouble first. Nothing for a decision without alternatives.
 */
export function rankedAlternatives(
  facts: OpeningFacts,
  basis: ProjectBasis,
  key: string,
): RankedAlternative[] {
  const today = decideOpening(facts, basis);
  const decision = today.decisions.find((one) => one.key === key);
  if (!decision) return [];
  const keyOf = (finding: Message & { parts: string[] }) =>
    `${finding.code} ${finding.parts.join(' ')}`;
  const before = new Set(today.findings.map(keyOf));
  const costToday = costOf(today, basis);
  const list = decision.alternatives
    .filter((alternative) => !taken(decision, alternative))
    .map((alternative): RankedAlternative & { weight: number } => {
      const then = decideOpening(
        {
          ...facts,
          choices: { ...facts.choices, [key]: { value: alternative.value, reason: '-' } },
        },
        basis,
      );
      const fresh = then.findings.filter((one) => one.level !== 'note' && !before.has(keyOf(one)));
      const stops = fresh.filter(({ level }) => level === 'stop').length;
      const checks = fresh.length - stops;
      const changes = changesBetween(today, then).filter((change) => change.key !== key);
      const cost = costOf(then, basis) - costToday;
      return {
        alternative,
        stops,
        checks,
        cost,
        consequences: consequencesOf(alternative, changes, fresh, cost, today, then),
        weight:
          stops * WEIGHT.stop +
          checks * WEIGHT.check +
          (alternative.against ? WEIGHT.against : 0) +
          // What is cheaper is told, but is no reason to change a door.
          Math.max(0, cost) * WEIGHT.cost +
          changes.length,
      };
    });
  return list.sort((a, b) => a.weight - b.weight).map(({ weight: _, ...instead }) => instead);
}
