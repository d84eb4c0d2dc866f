import type { Ticks } from '../measure/index.js';
import type { Settling } from '../opening/index.js';
import { length, said, term } from '../opening/index.js';
import type { ButtRow, Practice, UseClass } from '../practice/index.js';
import type { SizedLeaf, Sizes } from '../sizing/index.js';
import { buttWidth, heavyReasons, widthForAngle } from './butt.js';
import { hingeCount } from './count.js';
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

/** The fewest and the most hinges of one leaf. */
export const COUNTS = [2, 12] as const;

/** The butt hinge’s height by the table of leaf thickness and width. */
export function chooseHeight(
  settling: Settling,
  practice: Practice,
  leaf: SizedLeaf,
  row: ButtRow,
): Ticks {
  return settling.choose('hingeHeight', row.height, (ticks) => length(ticks), {
    leaf: leaf.id,
    reasons: [
      said('hanging.height.table', {
        thickness: { ticks: leaf.thickness! },
        width: { ticks: leaf.width!, rounding: 'down' },
        source: practice.values.butts.source,
      }),
    ],
    alternatives: madeHeights(practice).map((ticks) =>
      ticks < row.height
        ? {
            value: ticks,
            against: said('hanging.against.lowerHinge', { height: { ticks: row.height } }),
          }
        : { value: ticks },
    ),
    facts: ['leafThickness', 'leafWidth'],
  });
}

/** Standard or heavy class, with every reason for the heavy one. */
export function chooseWeight(
  settling: Settling,
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
  return settling.choose<string>(
    'weight',
    heavy.length > 0 ? 'heavy' : 'standard',
    (value) => term(`weight.${value}`),
    {
      leaf: leaf.id,
      reasons:
        heavy.length > 0
          ? heavy
          : [
              said(hung.mass === undefined ? 'hanging.standard.noMass' : 'hanging.standard', {
                mass: { grams: hung.mass ?? 0 },
              }),
            ],
      alternatives: [
        heavy.length > 0 ? { value: 'standard', against: heavy[0]! } : { value: 'standard' },
        { value: 'heavy' },
      ],
      facts: ['use', 'passagesPerDay', 'leafMass'],
    },
  ) as 'standard' | 'heavy';
}

/** Plain or bearing hinges, by rating, closer, use and weight. */
export function chooseBearing(
  settling: Settling,
  leaf: SizedLeaf,
  use: UseClass,
  weight: 'standard' | 'heavy',
): string {
  const closer = settling.fact('closer');
  const rated = (settling.fact('rating') ?? 0) > 0;
  const reason = rated
    ? said('hanging.bearing.rated')
    : closer && closer !== 'none'
      ? said('hanging.bearing.closer')
      : use !== 'low'
        ? said('hanging.bearing.use', { use: { term: `use.${use}` } })
        : weight === 'heavy'
          ? said('hanging.bearing.heavy')
          : closer === undefined
            ? said('hanging.bearing.unknown')
            : undefined;
  const bearing = settling.choose<string>(
    'bearing',
    reason ? 'bearing' : 'plain',
    (value) => term(`bearing.${value}`),
    {
      leaf: leaf.id,
      reasons: [reason ?? said('hanging.bearing.plain')],
      alternatives: [
        { value: 'bearing' },
        reason ? { value: 'plain', against: reason } : { value: 'plain' },
      ],
      facts: ['closer', 'rating', 'use'],
    },
  );
  if (bearing === 'plain' && (rated || (closer && closer !== 'none'))) {
    settling.find(
      rated ? 'stop' : 'check',
      'hanging.plainBearing',
      {},
      rated ? 'NFPA 80; EN 1935' : 'trade practice',
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
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
): Ticks | undefined {
  const trim = settling.fact('trimProjection');
  const openTo = settling.fact('openTo');
  const thickness = hung.leaf.thickness!;
  const toAngle =
    trim && openTo !== undefined && openTo < 180 && sizes.hingeGap !== undefined
      ? widthForAngle(
          practice,
          { width: hung.leaf.width!, thickness, hingeGap: sizes.hingeGap },
          trim,
          openTo,
        )
      : undefined;
  const wide = toAngle ?? buttWidth(practice, thickness, trim);
  if (!wide) {
    settling.find(
      'stop',
      'hanging.trimTooDeep',
      { trim: { ticks: trim ?? 0 } },
      practice.values.hingeWidths.source,
      ['trimProjection'],
    );
    settling.open('hingeWidth', said('ask.trim'), ['trimProjection'], { leaf: hung.leaf.id });
    return undefined;
  }
  return settling.choose('hingeWidth', wide.width, (ticks) => length(ticks), {
    leaf: hung.leaf.id,
    reasons: [
      toAngle
        ? said('hanging.width.angle', {
            trim: { ticks: trim! },
            wanted: { degrees: openTo! },
            width: { ticks: wide.width },
          })
        : said(trim ? 'hanging.width.trim' : 'hanging.width.least', {
            thickness: { ticks: thickness },
            setBack: { ticks: wide.setBack },
            clearance: { ticks: wide.clearance },
            exact: { ticks: wide.exact, rounding: 'up' },
            width: { ticks: wide.width },
          }),
    ],
    alternatives: practice.values.hingeWidths.value.map((ticks) =>
      ticks < wide.exact
        ? {
            value: ticks,
            against: said('hanging.against.narrowHinge', {
              exact: { ticks: wide.exact, rounding: 'up' },
            }),
          }
        : { value: ticks },
    ),
    facts: ['trimProjection', 'openTo', 'leafThickness'],
  });
}

/** Corners of the recess: square, chiselled, or round, routed; as in the frame where it was surveyed. */
export function chooseCorner(settling: Settling, practice: Practice, hung: HungLeaf): string {
  const { corner } = practice.values;
  return settling.choose<string>('corner', corner.value, (value) => term(`corner.${value}`), {
    leaf: hung.leaf.id,
    reasons: [said('hanging.corner', { source: corner.source })],
    alternatives: [
      { value: 'square' },
      { value: 'round-quarter' },
      { value: 'round-five-eighths' },
    ],
  });
}

/** How many hinges a leaf takes. */
export function chooseCount(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  width: Ticks,
  height: Ticks,
  half: boolean,
  inFrame?: number,
): number {
  const wanted = hingeCount(practice, { width, height }, hung.mass, hung.weight!, half);
  const count = settling.choose(
    'count',
    inFrame ?? wanted.count,
    (value) => ({ type: 'count', count: value }),
    {
      leaf: hung.leaf.id,
      reasons: inFrame
        ? [said('hanging.count.surveyed', { count: inFrame }), ...wanted.reasons]
        : wanted.reasons,
      alternatives: [2, 3, 4, 5, 6].map((value) =>
        value < wanted.count
          ? { value, against: said('hanging.against.fewer', { count: wanted.count }) }
          : { value },
      ),
      facts: ['leafHeight', 'leafMass'],
      within: COUNTS,
    },
  );
  if (count < wanted.count) {
    const rated = (settling.fact('rating') ?? 0) > 0;
    settling.find(
      rated ? 'stop' : 'check',
      'hanging.fewHinges',
      { count, wanted: wanted.count },
      practice.values.counts.source,
      ['hanging.count'],
    );
  }
  return count;
}
