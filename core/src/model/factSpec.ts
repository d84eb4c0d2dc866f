import { MAX_TICKS } from '../measure/index.js';
import { either, flag, integer, text, word, type Shape } from '../shape/index.js';
import type { OpeningKind } from './kinds.js';

/** What kind of thing a fact is, so that it is read, checked and shown in one way everywhere. */
export type FieldType = 'text' | 'length' | 'mass' | 'count' | 'minutes' | 'yes-no' | 'choice';

/** A fact somebody looked for and could not find out. Absent means nobody has said anything yet. */
export type Unknown = 'unknown';
export type Fact<T> = T | Unknown;

/** For which kinds of opening a fact means something. */
export type Applies = (kind: OpeningKind) => boolean;

/** One fact that is a single value; `T` is what is stored. */
export interface FactSpec<T = unknown> {
  type: FieldType;
  /** What is stored: its reader and its JSON Schema. */
  shape: Shape<T>;
  options?: readonly string[];
  /** Prefix of the term codes that name the options. */
  terms?: string;
  /** Whether `unknown` may be recorded: asked, and nobody could say. */
  mayBeUnknown: boolean;
  most?: number;
  applies: Applies;
  /** Who can say what it is. */
  by: Addressee;
  /** Whether it is among the first that are asked of its stage. */
  first: boolean;
}

/** To whom a question goes. */
export const ADDRESSEES = [
  'architect',
  'owner',
  'authority',
  'leafMaker',
  'frameMaker',
  'electrician',
  'locksmith',
] as const;
export type Addressee = (typeof ADDRESSEES)[number];

export interface FactOptions {
  /** Who can say what it is. */
  by: Addressee;
  applies?: Applies;
  first?: boolean;
}

/** Facts by name, in the order they are asked. */
export type FactSpecs = Readonly<Record<string, FactSpec>>;

/** The facts as they are stored, each of which may be absent. */
export type FactsOf<S extends FactSpecs> = {
  [K in keyof S]?: (S[K] extends FactSpec<infer T> ? T : never) | undefined;
};

/** Facts that are lists or maps, by name. */
export type RecordSpecs = Readonly<Record<string, Shape<unknown>>>;
export type RecordsOf<S extends RecordSpecs> = {
  [K in keyof S]?: (S[K] extends Shape<infer T> ? T : never) | undefined;
};

const always: Applies = () => true;

/** The heaviest leaf that is taken, 5 t; anything above is a slip. Grams. */
const MAX_MASS = 5_000_000;

const unknown = word(['unknown']);

function spec<T>(
  type: FieldType,
  shape: Shape<T>,
  options: FactOptions,
  more: Partial<FactSpec> = {},
): FactSpec<Fact<T>> {
  return {
    type,
    shape: either(unknown, shape) as Shape<Fact<T>>,
    mayBeUnknown: true,
    applies: options.applies ?? always,
    first: options.first ?? false,
    by: options.by,
    ...more,
  } as FactSpec<Fact<T>>;
}

/** A text of at most so many characters. */
export function textFact(most: number, options: FactOptions): FactSpec<string> {
  const shape = text(most);
  return { ...spec('text', shape, options, { most }), shape, mayBeUnknown: false };
}

/** A length, in ticks. */
export function lengthFact(options: FactOptions): FactSpec<Fact<number>> {
  return spec('length', integer(0, MAX_TICKS), options);
}

/** A mass, in grams. */
export function massFact(options: FactOptions): FactSpec<Fact<number>> {
  return spec('mass', integer(1, MAX_MASS), options);
}

/** A number of things, at most so many. */
export function countFact(most: number, options: FactOptions): FactSpec<Fact<number>> {
  return spec('count', integer(0, most), options, { most });
}

/** Minutes of a fire rating; 0 is not rated. */
export function minutesFact(most: number, options: FactOptions): FactSpec<Fact<number>> {
  return spec('minutes', integer(0, most), options, { most });
}

/** Yes or no. */
export function yesNoFact(options: FactOptions): FactSpec<Fact<boolean>> {
  return spec('yes-no', flag, options);
}

/** One of some words, named by the terms of a group. */
export function choiceFact<const W extends readonly string[]>(
  words: W,
  terms: string,
  options: FactOptions,
): FactSpec<Fact<W[number]>> {
  return spec('choice', word(words), options, { options: words, terms });
}

/** The same, where nobody may say that it is unknown. */
export function settledChoice<const W extends readonly string[]>(
  words: W,
  terms: string,
  options: FactOptions,
): FactSpec<W[number]> {
  const shape = word(words);
  return {
    ...spec('choice', shape, options, { options: words, terms }),
    shape,
    mayBeUnknown: false,
  };
}
