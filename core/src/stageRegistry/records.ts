import {
  renamedRecords,
  retiredFacts,
  type Choice,
  type Provenance,
  type RecordSpecs,
  type WrittenItem,
} from '../model/index.js';
import {
  either,
  integer,
  list,
  map,
  number,
  object,
  text,
  word,
  words,
  type Shape,
} from '../shape/index.js';
import { FIELDS } from './fields.js';
import { SET_STAGES } from './ids.js';
import { STAGE_LIST } from './list.js';

const CHOICE: Shape<Choice> = object({ value: either(text(80), number), reason: words(1000) }, {});

const UNITS = ['each', 'pair', 'set', 'length'] as const;

const LINE = object(
  { stage: word(SET_STAGES), quantity: integer(1, 9999), description: words(200) },
  { unit: word(UNITS), size: text(60), finish: text(60) },
);

/** A line of written hardware: pieces where it says nothing, and without what is blank. */
const WRITTEN: Shape<WrittenItem> = {
  ...LINE,
  read(value) {
    const line = LINE.read(value);
    if (!line) return undefined;
    const { size, finish, ...rest } = line;
    return {
      ...rest,
      unit: line.unit ?? 'each',
      ...(size?.trim() ? { size: size.trim() } : {}),
      ...(finish?.trim() ? { finish: finish.trim() } : {}),
    };
  },
};

/** A decision's key: `stage.name`, with `@leaf`. */
const KEY = text(80, /^[a-z]+\.[a-zA-Z]+(@[a-z]+)?$/);

/** Facts of any version: what was found of those that were merged is brought over with them. */
const FIGURES = [...FIELDS.map(({ name }) => name as string), ...Object.keys(retiredFacts(1))];

/** What is recorded of every stage in one way. */
const COMMON: RecordSpecs = {
  provenance: map(word(FIGURES), word(['given', 'measured'] satisfies Provenance[])),
  choices: map(KEY, CHOICE),
  manualItems: list(WRITTEN, 200),
  omitted: map(word(SET_STAGES), words(1000)),
};

/** Every fact that is a list or a map, with its shape. */
export const RECORDS: Readonly<Record<string, Shape<unknown>>> = Object.assign(
  {},
  ...STAGE_LIST.map(({ records = {} }) => records),
  COMMON,
) as Record<string, Shape<unknown>>;

/** The name a list or map of a version has now; undefined where there is and was none of that name. */
export function recordAt(name: string, version: number): string | undefined {
  const now = renamedRecords(version)[name] ?? name;
  return Object.hasOwn(RECORDS, now) ? now : undefined;
}

/** A list or map as it is read; undefined where it is not as described. */
export function readRecord(name: string, value: unknown): unknown {
  return RECORDS[name]?.read(value);
}
