import { decideOpening, type DecidedOpening } from '../deciding/index.js';
import type {
  Choice,
  Decision,
  Finding,
  OpeningFacts,
  ProjectBasis,
  Value,
} from '../model/index.js';
import { PRODUCT_SLOTS, SET_STAGES } from '../stageRegistry/index.js';
import { itemDifferences, type LineDifference } from './differences.js';

/** What would make an opening take the hardware of another, and what would come of it. */
export interface MadeLike {
  /** Choices, and the finish, to be recorded. */
  patch: Partial<OpeningFacts>;
  /** Decisions about hardware in which they differ, each side with its reasons: why they are not one set. */
  why: { key: string; mine: Decision | undefined; theirs: Decision | undefined }[];
  /** Decisions that would be chosen, with what stands there now. */
  changes: { key: string; from: Value | undefined; to: Value | undefined }[];
  /** What they take differently now, and what would still differ. */
  differences: LineDifference[];
  left: LineDifference[];
  /** Findings that would come and go. */
  come: Finding[];
  gone: Finding[];
}

const STAGES: ReadonlySet<string> = new Set(SET_STAGES);

/** Rounds in which decisions that only appear with the choices before them are chosen as well. */
const ROUNDS = 5;

const same = (a: Value | undefined, b: Value | undefined) =>
  JSON.stringify(a) === JSON.stringify(b);

/** What is chosen to decide as another opening does; undefined where it is no choice of this one. */
function choiceFor(
  { alternatives }: Decision,
  wanted: Value | undefined,
): string | number | undefined {
  if (!wanted) return undefined;
  return alternatives.find(({ value }) => {
    if (wanted.type === 'term')
      return (
        typeof value === 'string' && (wanted.term === value || wanted.term.endsWith(`.${value}`))
      );
    return wanted.type === 'count' && value === wanted.count;
  })?.value;
}

/**
 * The choices by which an opening would take what another takes: each decision about hardware that differs and
 * may be chosen so, round by round, products and finish with them. What cannot be chosen stays and is told.
 *
 * @param reason kept with each choice
 */
export function madeLike(
  facts: OpeningFacts,
  model: DecidedOpening,
  basis: ProjectBasis,
  reason: string,
): MadeLike {
  const before = decideOpening(facts, basis);
  const wanted = new Map(model.decisions.map((decision) => [decision.key, decision]));
  let choices: Record<string, Choice> = { ...facts.choices };
  for (const slot of PRODUCT_SLOTS) {
    const product = model.facts.choices?.[slot];
    if (!product) delete choices[slot];
    else if (choices[slot]?.value !== product.value)
      choices[slot] = { value: product.value, reason };
  }
  const finish = model.facts.finish;
  const told = finish !== undefined && finish !== facts.finish ? { finish } : {};
  const with_ = (): OpeningFacts => ({ ...facts, ...told, choices });
  let after = decideOpening(with_(), basis);
  for (let round = 0; round < ROUNDS; round++) {
    const add: Record<string, Choice> = {};
    for (const decision of after.decisions) {
      if (!STAGES.has(decision.stage) || PRODUCT_SLOTS.includes(decision.key)) continue;
      const other = wanted.get(decision.key);
      if (!other || same(other.value, decision.value)) continue;
      const value = choiceFor(decision, other.value);
      if (value !== undefined && choices[decision.key]?.value !== value)
        add[decision.key] = { value, reason };
    }
    if (Object.keys(add).length === 0) break;
    choices = { ...choices, ...add };
    after = decideOpening(with_(), basis);
  }
  const [had, has] = [valuesOf(before), valuesOf(after)];
  const chosen = Object.keys(choices).filter((key) => choices[key] !== facts.choices?.[key]);
  return {
    patch: {
      ...told,
      choices: Object.keys(choices).length > 0 ? choices : undefined,
    },
    why: whyApart(before, model),
    changes: chosen
      .map((key) => ({ key, from: had.get(key), to: has.get(key) }))
      .filter(({ from, to }) => !same(from, to)),
    differences: itemDifferences(before.items, model.items),
    left: itemDifferences(after.items, model.items),
    come: unmatched(after.findings, before.findings),
    gone: unmatched(before.findings, after.findings),
  };
}

/** Values that tell what hardware is taken; figures of the fitting differ between openings that take the same. */
const TELLING: ReadonlySet<Value['type']> = new Set(['term', 'count', 'size']);

function whyApart(one: DecidedOpening, other: DecidedOpening): MadeLike['why'] {
  const decisionsOf = ({ decisions }: DecidedOpening) =>
    new Map(
      decisions
        .filter(({ stage, value }) => STAGES.has(stage) && (!value || TELLING.has(value.type)))
        .map((decision) => [decision.key, decision]),
    );
  const [mine, theirs] = [decisionsOf(one), decisionsOf(other)];
  return [...new Set([...mine.keys(), ...theirs.keys()])]
    .map((key) => ({ key, mine: mine.get(key), theirs: theirs.get(key) }))
    .filter(({ mine: a, theirs: b }) => !same(a?.value, b?.value));
}

const valuesOf = ({ decisions }: DecidedOpening) =>
  new Map(decisions.map(({ key, value }) => [key, value]));

/** Findings of one list that the other has not. */
function unmatched(these: readonly Finding[], others: readonly Finding[]): Finding[] {
  const known = new Set(others.map(({ code, params }) => JSON.stringify([code, params])));
  return these.filter(({ code, params }) => !known.has(JSON.stringify([code, params])));
}
