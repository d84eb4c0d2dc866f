import type { Rounding, Ticks } from '../measure/index.js';
import type { AmountUnit, Value } from './decision.js';
import { LEAF_IDS, type LeafId } from './kinds.js';

/** How a decision of one name is valued: `T` is what the code works with, the rest is shown. */
export interface DecisionSpec<T> {
  type: Value['type'];
  /** What it is as a value. `rounding` of a length, where it differs from the usual one. */
  toValue(native: T, rounding?: Rounding): Value;
  /** Of a number: the least and the most that may be chosen, where no alternatives say so. */
  within?: readonly [number, number] | undefined;
  /** Of a term: the group its words stand under. */
  terms?: string | undefined;
}

/** The value that a description stands for. */
export type NativeOf<S> = S extends DecisionSpec<infer T> ? T : never;

/** The decisions of a stage, by name. */
export type DecisionSpecs = Readonly<Record<string, DecisionSpec<never>>>;

/** Made values of one group of terms are kept: there are few, and ten thousand openings share them. */
const MAX_KEPT = 500;

function kept(make: (word: string) => Value): (word: string) => Value {
  const made = new Map<string, Value>();
  return (word) => {
    const before = made.get(word);
    if (before) return before;
    const value = make(word);
    if (made.size < MAX_KEPT) made.set(word, value);
    return value;
  };
}

/** A length in ticks, and how it is rounded where it is shown. */
export function asLength(
  usual: Rounding = 'nearest',
  within?: readonly [Ticks, Ticks],
): DecisionSpec<Ticks> {
  return {
    type: 'length',
    toValue: (ticks, rounding = usual) => ({ type: 'length', ticks, rounding }),
    within,
  };
}

/** Lengths in ticks, in their order. */
export function asPositions(): DecisionSpec<Ticks[]> {
  return { type: 'positions', toValue: (ticks) => ({ type: 'positions', ticks }) };
}

export interface Extent {
  width: Ticks;
  height: Ticks;
}

/** A width and a height. */
export function asSize(): DecisionSpec<Extent> {
  return { type: 'size', toValue: ({ width, height }) => ({ type: 'size', width, height }) };
}

/** A length, or two where the thing is divided. */
export function asSizeOrLength(): DecisionSpec<Extent | Ticks> {
  const size = asSize();
  const length = asLength();
  return {
    type: 'size',
    toValue: (native) =>
      typeof native === 'number' ? length.toValue(native) : size.toValue(native),
  };
}

/** A mass in grams. */
export function asMass(): DecisionSpec<number> {
  return { type: 'mass', toValue: (grams) => ({ type: 'mass', grams }) };
}

/** A force in newtons. */
export function asForce(): DecisionSpec<number> {
  return { type: 'force', toValue: (newtons) => ({ type: 'force', newtons }) };
}

/** An angle in degrees. */
export function asAngle(): DecisionSpec<number> {
  return { type: 'angle', toValue: (degrees) => ({ type: 'angle', degrees }) };
}

/** So much of a unit that is the same in every practice. */
export function asAmount(unit: AmountUnit): DecisionSpec<number> {
  return { type: 'amount', toValue: (amount) => ({ type: 'amount', amount, unit }) };
}

/** An area in square millimetres. */
export function asArea(): DecisionSpec<number> {
  return { type: 'area', toValue: (squareMm) => ({ type: 'area', squareMm }) };
}

/** A number of things. */
export function asCount(within?: readonly [number, number]): DecisionSpec<number> {
  return { type: 'count', toValue: (count) => ({ type: 'count', count }), within };
}

/** A word of a group: `butt` of the group `device` is named by the term `device.butt`. */
export function asTerm<T extends string>(group: string): DecisionSpec<T> {
  const make = kept((word) => ({ type: 'term', term: `${group}.${word}` }));
  return { type: 'term', toValue: make, terms: group };
}

/** A term code as it is, for terms of several groups and for a person's own text (`=text`). */
export function asCode(): DecisionSpec<string> {
  return { type: 'term', toValue: (term) => ({ type: 'term', term }) };
}

/** A decision's key for each leaf: `stage.name`, with `@leaf` where leaves are decided apart. */
export type LeafKeys = Readonly<Record<LeafId, string>>;

/** The keys of a decision. */
export function keysOf(stage: string, name: string): LeafKeys {
  return Object.fromEntries(
    LEAF_IDS.map((leaf) => [
      leaf,
      leaf === 'leaf' ? `${stage}.${name}` : `${stage}.${name}@${leaf}`,
    ]),
  ) as Record<LeafId, string>;
}

/** A decision with its keys. */
export interface KeyedSpec {
  readonly spec: DecisionSpec<never>;
  readonly keys: LeafKeys;
}

/** The decisions of one stage with their keys, made once. */
export interface DecisionTable<D extends DecisionSpecs = DecisionSpecs> {
  readonly stage: string;
  readonly specs: D;
  readonly byName: ReadonlyMap<string, KeyedSpec>;
}

/** Describes the decisions of a stage. */
export function decisionTable<D extends Readonly<Record<string, DecisionSpec<never>>>>(
  stage: string,
  specs: D,
): DecisionTable<D> {
  return {
    stage,
    specs,
    byName: new Map(
      Object.entries(specs).map(([name, spec]) => [name, { spec, keys: keysOf(stage, name) }]),
    ),
  };
}
