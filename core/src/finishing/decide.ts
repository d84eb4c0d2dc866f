import {
  valueOrUndefined,
  message,
  termKeyBuilder,
  type Item,
  type Message,
  type SetStage,
} from '../model/index.js';
import type { StageInput } from '../stageContract/index.js';
import { appearanceOf, finishOn, plainFinish } from './appearance.js';
import type { FinishingRecord } from './decisions.js';
import { metalOf } from './metals.js';
import type { BaseMetal, FinishRow } from './values.js';

/** What the stage is handed. */
export type FinishingInput = StageInput<'opening' | 'hanging' | 'securing' | 'closing'>;

/** What later stages read of the finishing. */
export interface Finishing {
  /** The appearance by its id, where the words that were recorded are known. */
  readonly appearance: string | undefined;
}

/** What a group of items is decided under. */
const GROUPS: Partial<Record<SetStage, 'hinges' | 'locks' | 'plates'>> = {
  hanging: 'hinges',
  securing: 'locks',
  protecting: 'plates',
};

const appearanceTerm = termKeyBuilder('finish.');

/**
 * Reads the finish that was recorded as an appearance and gives every item of the set its number by base
 * metal, or the nearest appearance; the items stand with it in the schedule.
 */
export function decideFinishing(
  { facts, practice, results }: FinishingInput,
  record: FinishingRecord,
): Finishing {
  const text = valueOrUndefined(facts.finish)?.trim();
  if (!text) {
    record.ask('appearance', 'ask.finish', ['finish']);
    return { appearance: undefined };
  }
  const finishes = practice.values.finishes.value;
  const row = appearanceOf(finishes, text);
  record.decide('appearance', row ? appearanceTerm(row.id) : `=${text}`, {
    basis: record.basisOf('finish'),
    reasons: () =>
      !row
        ? [message('finishing.unread')]
        : plainFinish(text) === row.id.replace(/-/g, ' ')
          ? []
          : [message('finishing.read', { text, appearance: { term: `finish.${row.id}` } })],
    facts: ['finish'],
  });
  if (!row) {
    for (const item of record.items) if (hasFinish(item, results.hanging.metal)) finish(item, text);
    return { appearance: undefined };
  }
  const inNumbers = practice.values.finishNames.value === 'numbers';
  const told = new Set<string>();
  for (const item of record.items) {
    const metal = metalOf(item, results.hanging.metal, row);
    if (!metal) continue;
    const coded = finishOn(finishes, row, metal);
    if (!coded) {
      if (!told.has(metal)) tellNone(record, row, metal, item);
      told.add(metal);
      continue;
    }
    finish(item, inNumbers ? coded.code : appearanceTerm(coded.row.id));
    const group = GROUPS[item.stage];
    if (!group || told.has(group)) continue;
    told.add(group);
    record.decide(group, inNumbers ? `=${coded.code}` : appearanceTerm(coded.row.id), {
      reasons: () => [
        reason(
          row,
          coded.row,
          metal,
          coded.nearest,
          inNumbers ? practice.values.finishes.source : undefined,
        ),
      ],
      facts: ['finish'],
    });
  }
  findFinishing({ facts, practice, results } as FinishingInput, record, row);
  return { appearance: row.id };
}

/** Whether an item is seen as metal at all. */
function hasFinish(item: Item, hinges: string): boolean {
  return metalOf(item, hinges, ANY) !== undefined;
}

const ANY: FinishRow = {
  id: '',
  us: '',
  nearest: '',
  brass: '',
  bronze: '',
  steel: '',
  stainless: '',
  aluminium: '',
  painted: '',
};

/** What somebody wrote on the line stays. */
function finish(item: Item, code: string): void {
  item.finish ??= code;
}

function reason(
  wanted: FinishRow,
  taken: FinishRow,
  metal: BaseMetal,
  nearest: boolean,
  source: string | undefined,
): Message {
  const on = { term: `baseMetal.${metal}` };
  return nearest
    ? message('finishing.near', {
        wanted: { term: `finish.${wanted.id}` },
        appearance: { term: `finish.${taken.id}` },
        metal: on,
      })
    : source === undefined
      ? message('finishing.words', { appearance: { term: `finish.${taken.id}` }, metal: on })
      : message('finishing.code', {
          appearance: { term: `finish.${taken.id}` },
          metal: on,
          source,
        });
}

function tellNone(record: FinishingRecord, row: FinishRow, metal: BaseMetal, item: Item): void {
  // Cases that are painted take the colour that is made.
  if (metal === 'painted') return;
  // What nobody asked for is no reason to ask anybody.
  if (record.basisOf('finish') === 'assumed') return;
  record.report(
    'check',
    'finishing.none',
    {
      appearance: { term: `finish.${row.id}` },
      metal: { term: `baseMetal.${metal}` },
      item: { term: item.term ?? '' },
    },
    'ANSI/BHMA A156.18',
    ['finish', `${item.stage}.product`],
  );
}

function findFinishing(
  { facts, practice, results }: FinishingInput,
  record: FinishingRecord,
  row: FinishRow,
): void {
  const outside = facts.exterior === true;
  if (row.id === 'oil-rubbed-bronze')
    record.report('note', 'finishing.wears', {}, 'ANSI/BHMA A156.18: 613', ['finish']);
  if (row.id === 'bright-brass' && outside)
    record.report('note', 'finishing.bare', {}, 'ANSI/BHMA A156.18: 605', ['finish']);
  if (outside && results.hanging.metal === 'steel' && row.id !== 'primed')
    record.report(
      'check',
      'finishing.outside',
      { item: { term: `device.${results.hanging.device}` } },
      'trade practice',
      ['hanging.metal', 'exterior'],
    );
  const { corrosionGrade } = practice.values;
  if (outside && corrosionGrade.value > 0)
    record.report(
      'note',
      'finishing.corrosion',
      { grade: corrosionGrade.value },
      corrosionGrade.source,
      ['finish', 'exterior'],
    );
  if (valueOrUndefined(facts.salt) === true)
    record.report('note', 'finishing.salt', {}, 'trade practice', ['finish', 'salt']);
}
