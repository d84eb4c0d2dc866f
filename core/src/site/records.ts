import { LEAF_IDS } from '../model/index.js';
import {
  described,
  flag,
  integer,
  isRecord,
  map,
  number,
  object,
  text,
  word,
  words,
  holding,
  type Shape,
  type TypeOf,
} from '../shape/index.js';
import { GAP_PLACES } from './places.js';

const TIME = text(30, /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d{1,6})?Z$/);
const DAY = text(10, /^\d{4}-\d\d-\d\d$/);
const ID = text(40, /^[\w-]{1,40}$/);

/** What is there of every record: who did it and when, by the clock of the device, ISO 8601 in UTC. */
const common = <const K extends string>(kind: K) => ({
  id: ID,
  openingId: ID,
  kind: word([kind]),
  at: TIME,
  by: text(120),
});

const ticks = integer(-320_000, 320_000);
const gaps = described(
  map(word(GAP_PLACES), ticks),
  'ReadGaps by place, whole ticks, 320 to the millimetre.',
);
const moves = object({ top: ticks, bottom: ticks, up: ticks }, {});
const leaf = word(LEAF_IDS);

/** Characters of a signature's path, at most. */
export const MAX_SIGNATURE = 20_000;
const SIGNATURE = text(MAX_SIGNATURE, /^[ML0-9 .-]*$/);

/** Where a round of tests stands: taking over, or a later inspection. */
export const ROUND_KINDS = ['acceptance', 'inspection'] as const;
export type RoundKind = (typeof ROUND_KINDS)[number];

/**
 * What is kept of the work on site. Records are only ever added: what two people did apart, each on a device of their
 * own, is both there afterwards, and the later one holds.
 */
const SHAPES = {
  /** A step of fitting, or of taking off and putting back, done or not. */
  step: object({ ...common('step'), step: text(60), done: flag }, { note: text(500) }),
  /** Gaps as they were read. */
  gaps: object({ ...common('gaps'), leaf, gaps }, {}),
  /** Hinges moved, and the gaps that are expected after it. */
  moved: object({ ...common('moved'), leaf, moves, predicted: gaps }, {}),
  /** One thing tried or measured in a round. */
  test: object(
    {
      ...common('test'),
      round: text(40),
      test: text(80),
      outcome: word(['right', 'fault', 'not-tried']),
    },
    {
      /** As the test says: seconds, newtons, ticks. */
      value: holding(number, 'A finite number.', (value) => Math.abs(value) < 1e7),
      note: text(500),
    },
  ),
  defect: object(
    { ...common('defect'), defect: ID, what: words(500) },
    { who: text(120), until: DAY, test: text(80), photo: ID, leaf, part: text(80) },
  ),
  settled: object({ ...common('settled'), defect: ID, note: text(500) }, {}),
  /** What was done otherwise than planned, and the facts that were changed for it. */
  deviation: object(
    { ...common('deviation'), what: words(500), why: words(500) },
    { facts: described(text(500), 'Names of the facts changed, with blanks between.') },
  ),
  /** What stands there. */
  installed: object(
    { ...common('installed'), part: text(80), words: text(300) },
    { batch: text(80), setting: text(300) },
  ),
  note: object({ ...common('note'), text: words(1000) }, { part: text(80) }),
  /** A photograph's place on the drawing, in thousandths of it from the left and the top. */
  place: object(
    { ...common('place'), photo: ID, x: integer(0, 1000), y: integer(0, 1000) },
    { note: text(200) },
  ),
  /** A round that somebody signed; `due` is when the opening is to be looked at again. */
  signed: object(
    {
      ...common('signed'),
      round: text(40),
      of: word(ROUND_KINDS),
      name: words(120),
      signature: SIGNATURE,
      right: integer(0, 10_000),
      faults: integer(0, 10_000),
      untried: integer(0, 10_000),
    },
    {
      due: DAY,
      note: text(1000),
      left: described(
        words(500),
        'Why what was not tried was left; a round with things untried is open until this is said.',
      ),
    },
  ),
};

type Shapes = typeof SHAPES;
export type SiteKind = keyof Shapes;
export type SiteRecordOf<K extends SiteKind> = TypeOf<Shapes[K]> & { kind: K };
export type SiteRecord = { [K in SiteKind]: SiteRecordOf<K> }[SiteKind];

export const SITE_KINDS = Object.keys(SHAPES) as SiteKind[];

/** Bytes of one record as JSON, at most. */
export const MAX_RECORD = 24_000;

/** Reads a record as it came; undefined where it is none. Never throws. */
export function readSiteRecord(value: unknown): SiteRecord | undefined {
  if (!isRecord(value) || typeof value['kind'] !== 'string') return undefined;
  if (!Object.hasOwn(SHAPES, value['kind'])) return undefined;
  const shape = SHAPES[value['kind'] as SiteKind] as Shape<unknown>;
  return shape.read(value) as SiteRecord | undefined;
}
