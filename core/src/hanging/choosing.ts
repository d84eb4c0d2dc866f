import type { LeafId, Message } from '../model/index.js';
import type { Ticks } from '../measure/index.js';
import type { HangingRecord } from './decisions.js';
import { valueOrUndefined, closesByItself, message } from '../model/index.js';
import { type ButtRow, type Practice, type UseClass, RATED_HINGES } from '../practice/index.js';
import type { SizedLeaf, Sizes } from '../sizing/index.js';
import { buttWidth, heavyReasons, madeWidths, widthForAngle } from './butt.js';
import { hingeCount, hingeNumbers } from './count.js';
import type { HungLeaf } from './hung.js';

const heightsOf = new WeakMap<Practice, Ticks[]>();

/** The hinge heights the practice's table lists, ascending; worked out once for each practice. */
function madeHeights(practice: Practice): Ticks[] {
  let heights = heightsOf.get(practice);
  if (!heights) {
    heights = [...new Set(practice.values.butts.value.map((row) => row.height))].sort(
      (a, b) => a - b,
    );
    heightsOf.set(practice, heights);
  }
  return heights;
}

/** The butt hinge’s height by the table of leaf thickness and width. */
export function chooseHeight(
  record: HangingRecord,
  practice: Practice,
  leaf: SizedLeaf,
  row: ButtRow,
): Ticks {
  return record.propose('hingeHeight', row.height, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.height.table', {
        thickness: { ticks: leaf.thickness! },
        width: { ticks: leaf.width!, rounding: 'down' },
        source: practice.values.butts.source,
      }),
    ],
    alternatives: () =>
      madeHeights(practice).map((ticks) =>
        ticks < row.height
          ? {
              value: ticks,
              against: message('hanging.against.lowerHinge', { height: { ticks: row.height } }),
            }
          : { value: ticks },
      ),
    facts: ['leafThickness', 'leafWidth'],
  });
}

/** Standard or heavy class, with every reason for the heavy one. */
export function chooseWeight(
  record: HangingRecord,
  practice: Practice,
  hung: HungLeaf,
  use: UseClass,
  row: ButtRow | undefined,
): 'standard' | 'heavy' {
  const { leaf } = hung;
  const heavy = heavyReasons(
    practice,
    { width: leaf.width!, thickness: leaf.thickness! },
    hung.mass,
    use,
    row,
  );
  return record.propose('weight', heavy.length > 0 ? 'heavy' : 'standard', {
    leaf: leaf.id,
    reasons: () =>
      heavy.length > 0
        ? heavy.map((reason) => reason())
        : [
            message(hung.mass === undefined ? 'hanging.standard.noMass' : 'hanging.standard', {
              mass: { grams: hung.mass ?? 0 },
            }),
          ],
    alternatives: () => [
      heavy.length > 0 ? { value: 'standard', against: heavy[0]!() } : { value: 'standard' },
      { value: 'heavy' },
    ],
    facts: ['frequency', 'passagesPerDay', 'leafMass'],
  });
}

/** Plain or bearing hinges, by rating, closer, use and weight. */
export function chooseBearing(
  record: HangingRecord,
  leaf: SizedLeaf,
  use: UseClass,
  weight: 'standard' | 'heavy',
): 'plain' | 'bearing' {
  const closing = closesByItself(record.facts);
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  const closes = closing === true;
  const wanted = rated || closes || use !== 'low' || weight === 'heavy' || closing === undefined;
  const reason = (): Message =>
    rated
      ? message('hanging.bearing.rated')
      : closes
        ? message('hanging.bearing.closer')
        : use !== 'low'
          ? message('hanging.bearing.use', { use: { term: `use.${use}` } })
          : message(weight === 'heavy' ? 'hanging.bearing.heavy' : 'hanging.bearing.unknown');
  const bearing = record.propose('bearing', wanted ? 'bearing' : 'plain', {
    leaf: leaf.id,
    reasons: () => [wanted ? reason() : message('hanging.bearing.plain')],
    alternatives: () => [
      { value: 'bearing' },
      wanted ? { value: 'plain', against: reason() } : { value: 'plain' },
    ],
    facts: ['closer', 'rating', 'frequency'],
  });
  if (bearing === 'plain' && (rated || closes)) {
    record.report(
      rated ? 'stop' : 'check',
      'hanging.plainBearing',
      {},
      rated ? RATED_HINGES : 'trade practice',
      ['hanging.bearing'],
    );
  }
  return bearing;
}

/**
 * The open width that bridges the leaf and clears the trim, or clears it as far as the leaf shall
 * open; undefined beyond the widest made.
 */
export function chooseWidth(
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  height: Ticks | undefined,
): Ticks | undefined {
  const trim = valueOrUndefined(record.facts.trimProjection);
  const openTo = valueOrUndefined(record.facts.openTo);
  const thickness = hung.leaf.thickness!;
  const toAngle =
    trim && openTo !== undefined && openTo < 180 && sizes.hingeGap !== undefined
      ? widthForAngle(
          practice,
          { width: hung.leaf.width!, thickness, hingeGap: sizes.hingeGap },
          trim,
          openTo,
          height,
        )
      : undefined;
  const wide = toAngle ?? buttWidth(practice, thickness, trim, height);
  if (!wide) {
    record.report(
      'stop',
      'hanging.trimTooDeep',
      { trim: { ticks: trim ?? 0 } },
      practice.values.hingeWidths.source,
      ['trimProjection'],
    );
    record.ask('hingeWidth', 'ask.trim', ['trimProjection'], { leaf: hung.leaf.id });
    return undefined;
  }
  return record.propose('hingeWidth', wide.width, {
    leaf: hung.leaf.id,
    reasons: () => [
      toAngle
        ? message('hanging.width.angle', {
            trim: { ticks: trim! },
            wanted: { degrees: openTo! },
            width: { ticks: wide.width },
          })
        : message(trim ? 'hanging.width.trim' : 'hanging.width.least', {
            thickness: { ticks: thickness },
            setBack: { ticks: wide.setBack },
            clearance: { ticks: wide.clearance },
            exact: { ticks: wide.exact, rounding: 'up' },
            width: { ticks: wide.width },
          }),
    ],
    alternatives: () =>
      madeWidths(practice, height).map((ticks) =>
        ticks < wide.exact
          ? {
              value: ticks,
              against: message('hanging.against.narrowHinge', {
                exact: { ticks: wide.exact, rounding: 'up' },
              }),
            }
          : { value: ticks },
      ),
    facts: ['trimProjection', 'openTo', 'leafThickness'],
  });
}

/** Corners of the recess: square, chiselled, or round, routed; as in the frame where it was surveyed. */
export function chooseCorner(record: HangingRecord, practice: Practice, leaf: LeafId): string {
  const { corner } = practice.values;
  return record.propose('corner', corner.value, {
    leaf,
    reasons: () => [message('hanging.corner', { source: corner.source })],
    alternatives: () => [
      { value: 'square' },
      { value: 'round-quarter' },
      { value: 'round-five-eighths' },
    ],
  });
}

/** What the number of hinges follows from. */
export interface CountedLeaf {
  id: LeafId;
  width: Ticks;
  height: Ticks;
  mass: number | undefined;
  weight: 'standard' | 'heavy';
  half: boolean;
}

/** How many hinges a leaf takes. */
export function chooseCount(
  record: HangingRecord,
  practice: Practice,
  leaf: CountedLeaf,
  inFrame: number | undefined,
): number {
  const { id, mass, weight, half } = leaf;
  const wanted = hingeCount(practice, leaf, mass, weight, half);
  const count = record.propose('count', inFrame ?? wanted.count, {
    leaf: id,
    reasons: () =>
      inFrame
        ? [message('hanging.count.surveyed', { count: inFrame }), ...wanted.reasons()]
        : wanted.reasons(),
    alternatives: () => hingeNumbers(wanted.count, 6),
    facts: ['leafHeight', 'leafMass'],
  });
  if (count < wanted.count) {
    const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
    record.report(
      rated ? 'stop' : 'check',
      'hanging.fewHinges',
      { count, wanted: wanted.count },
      practice.values.counts.source,
      ['hanging.count'],
    );
  }
  return count;
}
