import type { DecidedOpening } from '../deciding/index.js';
import { mm, wholeDown } from '../measure/index.js';
import type { OpeningFacts, ProjectBasis } from '../model/index.js';
import { valueOrUndefined, roomNamed } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { likelyRoles } from '../role/index.js';
import { fieldOf } from '../stageRegistry/index.js';

type Patch = Partial<OpeningFacts>;

/** An answer that may be given to a question, with what it records. */
export interface Answer {
  value: string | number | boolean;
  patch: Patch;
  /** Whether it is likely and offered; else it only serves to tell what any answer settles. */
  offered: boolean;
}

/** So many answers are offered. */
const MOST = 4;

/** Facts that one cell of a list gives together, and so one answer. */
export function columnOf(fact: string): string {
  switch (fact) {
    case 'frameWidth':
    case 'frameHeight':
    case 'leafWidth':
    case 'leafHeight':
      return 'size';
    case 'hingeSide':
    case 'swing':
      return 'hand';
    default:
      return fact;
  }
}

const HANDS: Readonly<Record<string, Patch>> = {
  LH: { hingeSide: 'left', swing: 'in' },
  RH: { hingeSide: 'right', swing: 'in' },
  LHR: { hingeSide: 'left', swing: 'out' },
  RHR: { hingeSide: 'right', swing: 'out' },
};

/** Ratings that the leaves of a practice are made for, unrated first. */
const RATINGS: Readonly<Record<Practice['system'], readonly number[]>> = {
  inch: [0, 20, 45, 90],
  metric: [0, 30, 60, 90],
};

/**
 * The answers to a question: likely roles, hands, ratings, yes and no, the alternatives of the decision or the
 * fact’s own words. Where it is a size, a length or a number one of usual magnitude stands for all.
 */
export function answersTo(
  column: string,
  decided: DecidedOpening,
  basis: ProjectBasis,
): readonly Answer[] {
  const { facts, practice } = decided;
  if (column === 'size') return [{ value: '', patch: usualSize(practice), offered: false }];
  if (column === 'hand')
    return Object.entries(HANDS).map(([value, patch]) => ({ value, patch, offered: true }));
  const offered = (values: readonly Answer['value'][]) =>
    values
      .slice(0, MOST)
      .map((value): Answer => ({ value, patch: { [column]: value } as Patch, offered: true }));
  if (column === 'role') {
    const likely = rolesFor(facts, basis);
    // Names that tell nothing: any role shows what an answer settles, and none is suggested.
    return likely
      ? offered(likely)
      : [{ value: 'office', patch: { role: 'office' }, offered: false }];
  }
  if (column === 'rating') return offered(RATINGS[practice.system]);
  const field = fieldOf(column)!;
  if (field.type === 'yes-no') return offered([true, false]);
  if (field.options) return offered(optionsFor(column, field.options, decided));
  const sample = SAMPLES[field.type];
  return sample === undefined
    ? []
    : [{ value: '', patch: { [column]: sample } as Patch, offered: false }];
}

/** Numbers of usual magnitude by the kind of fact: ticks, grams, a count, words. */
const SAMPLES: Readonly<Record<string, string | number>> = {
  length: mm(100),
  mass: 40_000,
  count: 10,
  minutes: 30,
  text: '–',
};

function usualSize({ values }: Practice): Patch {
  const sizes = values.nominalSizes.value;
  const { width, height } = sizes[wholeDown(sizes.length / 2)]!;
  return values.nominalNames.value === 'leaf'
    ? { leafWidth: width, leafHeight: height }
    : { frameWidth: width, frameHeight: height };
}

function rolesFor(facts: OpeningFacts, basis: ProjectBasis) {
  return likelyRoles(
    {
      from: facts.from,
      to: facts.to,
      fromUse: roomNamed(facts.from, basis)?.use,
      toUse: roomNamed(facts.to, basis)?.use,
      exterior: valueOrUndefined(facts.exterior),
    },
    facts,
  );
}

/** Any and none where that is asked first, what the open decision offers, else the fact’s own words. */
function optionsFor(
  fact: string,
  options: readonly string[],
  { decisions }: DecidedOpening,
): readonly string[] {
  if (options.includes('any')) return ['any', 'none'];
  const alternatives = decisions
    .filter(({ status, facts }) => status === 'open' && facts.includes(fact))
    .flatMap((decision) => decision.alternatives.map(({ value }) => value))
    .filter((value): value is string => typeof value === 'string' && options.includes(value));
  return alternatives.length > 0 ? [...new Set(alternatives)] : options;
}
