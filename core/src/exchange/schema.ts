import { HEADING_COLUMNS, PAPERS } from '../scheduling/index.js';
import { MAX_KEY_GROUPS } from '../securing/index.js';
import { MAX_PRODUCTS, PRODUCT_FIELDS, PRODUCT_TYPES } from '../catalogue/index.js';
import { FIELDS, fieldsAt, RECORDS, type Field } from '../stageRegistry/index.js';
import {
  FACTS_VERSION,
  LOAD_USES,
  renamedRecords,
  retiredFacts,
  ROOM_USES,
} from '../model/index.js';
import { PRACTICE_IDS } from '../practice/index.js';

type Schema = Record<string, unknown>;

const text = (most: number, more: Schema = {}): Schema => ({
  type: 'string',
  maxLength: most,
  ...more,
});
const object = (properties: Schema, required: string[] = []): Schema => ({
  type: 'object',
  properties,
  required,
  additionalProperties: false,
});
const list = (items: Schema, most: number): Schema => ({ type: 'array', items, maxItems: most });

/** Lengths and masses may be written as people write them, or as bare numbers in the practice's unit. */
function fieldSchema(field: Field): Schema {
  switch (field.type) {
    case 'text':
      return { type: ['string', 'number'], ...(field.most ? { maxLength: field.most } : {}) };
    case 'length':
      return {
        type: ['string', 'number'],
        description: 'A length as people write it (35 3/4, 2-11 3/4, 908 mm), or unknown.',
      };
    case 'mass':
      return { type: ['string', 'number'], description: 'A mass (81 lb, 36.5 kg), or unknown.' };
    case 'count':
      return { type: ['integer', 'string'], minimum: 0, maximum: field.most ?? 1e9 };
    case 'minutes':
      return { type: ['integer', 'string'], description: 'Minutes, 1 1/2 HR, FD30S, EI30, none.' };
    case 'yes-no':
      return { type: ['boolean', 'string'] };
    case 'choice':
      return {
        type: 'string',
        description: [...field.options!, ...(field.mayBeUnknown ? ['unknown'] : [])].join(' | '),
      };
  }
}

/** A fact as it is kept: lengths in ticks, masses in grams, words as they are listed. */
function storedSchema(field: Field): Schema {
  const own = ((): Schema => {
    switch (field.type) {
      case 'text':
        return { type: 'string', ...(field.most ? { maxLength: field.most } : {}) };
      case 'length':
        return { type: 'integer', description: 'Ticks, 320 to the millimetre.' };
      case 'mass':
        return { type: 'integer', minimum: 0, description: 'Grams.' };
      case 'count':
        return { type: 'integer', minimum: 0, maximum: field.most ?? 1e9 };
      case 'minutes':
        return { type: 'integer', minimum: 0, description: 'Minutes.' };
      case 'yes-no':
        return { type: 'boolean' };
      case 'choice':
        return { enum: [...field.options!] };
    }
  })();
  return field.mayBeUnknown ? { anyOf: [own, { const: 'unknown' }] } : own;
}

/** The JSON Schema (draft 2020-12) of an opening’s facts as they are kept and cross the wire. */
export const factsSchema = (): Schema =>
  object(
    {
      version: { const: FACTS_VERSION },
      ...Object.fromEntries(FIELDS.map((field) => [field.name, storedSchema(field)])),
      ...Object.fromEntries(Object.entries(RECORDS).map(([name, { schema }]) => [name, schema])),
    },
    ['version', 'mark', 'kind'],
  );

const product = object(
  Object.fromEntries(
    PRODUCT_FIELDS.map((one): [string, Schema] => {
      switch (one.type) {
        case 'text':
          return [one.name, text(200)];
        case 'type':
          return [one.name, { enum: PRODUCT_TYPES }];
        case 'yes-no':
          return [one.name, { type: 'boolean' }];
        case 'list':
          return [one.name, list(text(60), 40)];
        case 'length':
          return [one.name, { type: 'integer', minimum: 0, description: 'Whole ticks.' }];
        case 'mass':
          return [one.name, { type: 'integer', minimum: 0, description: 'Grams.' }];
        case 'count':
          return [one.name, { type: 'integer', minimum: 0 }];
      }
    }),
  ),
  PRODUCT_FIELDS.filter((one) => one.needed).map((one) => one.name),
);

const works = list({ enum: ['latch', 'bolt', 'outside', 'inside'] }, 4);
const worked = { enum: ['moves', 'rigid', 'none'] };
const yesOrNo = { type: 'boolean' };

/** A project's own lock function; what is left out is plain. */
const lock = object(
  {
    id: text(40, { pattern: '^own-' }),
    name: text(80),
    number: text(12),
    latch: { enum: ['none', 'spring', 'dead-latching', 'roller'] },
    bolt: yesOrNo,
    outsideHandle: worked,
    insideHandle: worked,
    handleDrawsBolt: yesOrNo,
    outsideKey: works,
    insideKey: works,
    insideTurn: works,
    outsideTurn: works,
    insideButton: yesOrNo,
    edgeStops: yesOrNo,
    freedBy: list({ enum: ['inside-handle', 'closing', 'outside-key'] }, 3),
    heldBackBy: list({ enum: ['inside', 'outside-key'] }, 2),
    delayed: yesOrNo,
    boltsOnClosing: yesOrNo,
    startsBlocked: yesOrNo,
    emergency: yesOrNo,
    power: { enum: ['none', 'fail-secure', 'fail-safe'] },
    battery: yesOrNo,
  },
  ['id', 'name'],
);

const scheduleSettings = object({
  names: list(
    object({ number: { type: 'integer', minimum: 1 }, name: text(80) }, ['number', 'name']),
    2000,
  ),
  apart: list(
    object({ id: text(40), marks: list(text(40), 5000), reason: text(400) }, [
      'id',
      'marks',
      'reason',
    ]),
    500,
  ),
  parties: list(object({ what: text(40), who: text(200) }, ['what', 'who']), 20),
  notes: text(8000),
  columns: list({ enum: HEADING_COLUMNS }, HEADING_COLUMNS.length),
  paper: { enum: PAPERS },
});

const keyGroup = object(
  {
    id: text(40),
    name: text(80),
    holders: text(200),
    everywhere: yesOrNo,
    storeys: list(text(40), 200),
    rooms: list(text(80), 1000),
    plus: list(text(40, { description: 'Marks it opens besides.' }), 5000),
    minus: list(text(40, { description: 'Marks it does not open.' }), 5000),
  },
  ['id', 'name', 'everywhere', 'storeys', 'rooms', 'plus', 'minus'],
);

/** The JSON Schema (draft 2020-12) of a project file, out of the same fields that read and write it. */
export function projectFileSchema(): Schema {
  const facts = Object.fromEntries([
    // What older versions had, so that their files hold against the schema too.
    ...Object.keys(retiredFacts(1)).map((name) => [name, fieldSchema(fieldsAt(name, 1)[0]!)]),
    ...FIELDS.map((field) => [field.name, fieldSchema(field)]),
  ]) as Schema;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Riegel project file',
    ...object(
      {
        $schema: { type: 'string' },
        format: { const: 'riegel-project' },
        version: {
          type: 'integer',
          minimum: 1,
          maximum: FACTS_VERSION,
          description: 'The version its facts are written under; 1 where it says none.',
        },
        name: text(120),
        practice: {
          type: 'string',
          description: `${PRACTICE_IDS.join(' | ')}, or the id of one in practices.`,
        },
        note: text(4000),
        practices: list(
          object(
            {
              id: text(40, { pattern: '^own-[a-z0-9-]{1,36}$' }),
              name: text(80),
              base: { enum: PRACTICE_IDS },
              editions: {
                type: 'object',
                additionalProperties: text(40),
                description: 'Country and editions that are adopted, by the code.',
              },
              changes: {
                type: 'object',
                additionalProperties: object({ value: {}, source: text(200), note: text(1000) }, [
                  'value',
                  'source',
                ]),
              },
            },
            ['id', 'name', 'base', 'changes'],
          ),
          40,
        ),
        building: object(
          {
            storeys: list(text(40), 200),
            rooms: list(
              object(
                {
                  name: text(80),
                  number: text(20),
                  storey: text(40),
                  use: { enum: ROOM_USES },
                  area: { type: 'number', minimum: 0, description: 'Square metres.' },
                  people: { type: 'integer', minimum: 0 },
                  load: { enum: LOAD_USES },
                },
                ['name'],
              ),
              5000,
            ),
          },
          ['storeys', 'rooms'],
        ),
        products: list(product, MAX_PRODUCTS),
        locks: list(lock, 200),
        keying: object({ groups: list(keyGroup, MAX_KEY_GROUPS) }, ['groups']),
        schedule: scheduleSettings,
        openings: {
          type: 'array',
          items: object(
            {
              ...facts,
              size: text(60, { description: '3070, 3-0 x 7-0, 910 x 2040' }),
              hand: text(60, { description: 'LH, RHR, LHR active, DIN left in' }),
              ...Object.fromEntries(
                [
                  ...Object.entries(RECORDS),
                  ...Object.entries(renamedRecords(1)).map(
                    ([was, now]) => [was, RECORDS[now]!] as const,
                  ),
                ].map(([name, shape]) => [name, shape.schema]),
              ),
            },
            ['mark'],
          ),
        },
      },
      ['openings'],
    ),
  };
}
