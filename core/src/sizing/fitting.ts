import { type Ticks } from '../measure/index.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  type Message,
  type OpeningFacts,
} from '../model/index.js';
import type { SizingRecord } from './decisions.js';
import type { Practice, TrimLimits } from '../practice/index.js';
import type { Survey } from '../survey/index.js';
import { halvesOf } from './halves.js';
import { copyReasons, findCopied, type Copy } from './copying.js';
import { isDrawn, neededLeaf, openingAround, type AroundLeaf } from './neededLeaf.js';
import { orderLeaf } from './orderLeaf.js';
import { outOfSquare, type OutOfSquare, type Quadrilateral } from './outOfSquare.js';
import type { FittedLeaf, Fitting, Sizes } from './result.js';

/** Length of the new leaf's hinge edge: what hinge patterns are read against. */
export function hingeEdgeOf(fitting: Fitting | undefined): number | undefined {
  const needed = fitting?.leaves[0]?.needed;
  return needed && Math.round(needed.hingeTop.y - needed.hingeBottom.y);
}

/** Kinds whose leaves fill one storey of the opening, so that a leaf can be cut to it. */
const cutToFit = (kind: SizingRecord['facts']['kind']) => !slides(kind) && kind !== 'stable';

/**
 * Out of square, leaf to order and cut plan of an existing opening, by what was read of it or recorded;
 * decisions and findings.
 *
 * @param copy the old leaf copied, where it is the master
 */
export function decideFitting(
  record: SizingRecord,
  practice: Practice,
  sizes: Sizes,
  survey: Survey,
  copy: Copy | undefined,
): Fitting | undefined {
  const frame = frameAsRead(record.facts, survey);
  const square = outOfSquare(frame.read);
  // A frame that is recorded by one width and one height is ordered for; how square it is nobody read.
  const read = frame.surveyed && (!copy || frame.whole) ? square : undefined;
  if (read) decideSquareness(record, practice, read);
  if (copy) return fitCopy(record, practice, survey, copy, read);
  if (!square) return undefined;
  const gaps = aroundLeaf(record, practice, sizes);
  if (!gaps || !cutToFit(record.facts.kind)) return undefined;
  const limits = trimLimits(record, practice);
  const parts = partsOf(record, practice, sizes, square.shape).map(({ shape, lock }) => ({
    shape,
    around: { ...gaps, lock },
    needed: neededLeaf(shape, { ...gaps, lock }),
  }));
  // Readings of next to nothing leave edges that do not cross: there is no leaf to be ordered.
  if (!parts.every(({ needed }) => isDrawn(needed))) return undefined;
  const leaves = parts.map(({ shape, around, needed }): FittedLeaf => ({
    shape,
    needed,
    order: orderLeaf(needed, around, practice, limits),
  }));
  leaves.forEach((leaf, index) => recordOrder(record, leaf, index, leaves.length));
  findFaults(record, practice, leaves, limits);
  return { square: read, gaps, limits, leaves, copied: undefined };
}

/** The frame's lengths by their names: as read, else as recorded, which is one width and one height. */
function frameAsRead(
  facts: OpeningFacts,
  survey: Survey,
): { read: (name: string) => Ticks | undefined; surveyed: boolean; whole: boolean } {
  const has = (names: readonly string[]) => names.some((name) => survey.number(name) !== undefined);
  const widths = has(['widthTop', 'widthMiddle', 'widthBottom']);
  const heights = has(['heightHinge', 'heightLock']);
  const given: Readonly<Record<string, Ticks | undefined>> = {
    widthTop: widths ? undefined : valueOrUndefined(facts.frameWidth),
    heightHinge: heights ? undefined : valueOrUndefined(facts.frameHeight),
  };
  return {
    read: (name) => survey.number(name) ?? given[name],
    surveyed: widths && heights,
    whole: ['widthTop', 'widthBottom', 'heightHinge', 'heightLock'].every(
      (name) => survey.number(name) !== undefined,
    ),
  };
}

/** The leaf to order and its cuts where the old leaf is copied. */
function fitCopy(
  record: SizingRecord,
  practice: Practice,
  survey: Survey,
  copy: Copy,
  square: OutOfSquare | undefined,
): Fitting {
  const { leaf: copied, wanted: gaps } = copy;
  const limits = trimLimits(record, practice);
  const { needed } = copied;
  const shape = openingAround(needed, gaps);
  const leaves = [{ shape, needed, order: orderLeaf(needed, gaps, practice, limits) }];
  recordOrder(record, leaves[0]!, 0, 1, copy);
  findFaults(record, practice, leaves, limits);
  findCopied(record, practice, copy, survey);
  return { square, gaps, limits, leaves, copied };
}

function decideSquareness(record: SizingRecord, practice: Practice, square: OutOfSquare): void {
  const tolerance = practice.values.surveyTolerance;
  const { taperWidth, taperHeight, rack, shape } = square;
  const worst = Math.max(
    Math.abs(taperWidth),
    Math.abs(taperHeight),
    Math.abs(rack ?? 0),
    Math.abs(shape.bow),
  );
  const reasons = (): Message[] => [
    message('sizing.square.width', {
      taper: { ticks: Math.abs(Math.round(taperWidth)) },
      where: { term: taperWidth < 0 ? 'where.head' : 'where.foot' },
    }),
    message('sizing.square.height', {
      taper: { ticks: Math.abs(Math.round(taperHeight)) },
      where: { term: taperHeight < 0 ? 'where.hingeSide' : 'where.lockSide' },
      angle: { degrees: Math.abs(Math.round(square.headDegrees * 100) / 100) },
    }),
    rack === undefined
      ? message(square.by === 'plumb' ? 'sizing.square.plumb' : 'sizing.square.noRack')
      : message('sizing.square.rack', {
          rack: { ticks: Math.abs(Math.round(rack)) },
          where: { term: rack < 0 ? 'where.hingeSide' : 'where.lockSide' },
        }),
    ...(Math.abs(shape.bow) > tolerance.value / 2
      ? [
          message('sizing.square.bow', {
            bow: { ticks: Math.abs(Math.round(shape.bow)) },
            way: { term: shape.bow > 0 ? 'way.in' : 'way.out' },
          }),
        ]
      : []),
  ];
  record.decide('square', worst <= tolerance.value ? 'true' : 'crooked', {
    basis: 'measured',
    reasons,
    facts: ['readings'],
  });
  if (Math.abs(square.disagreement) > tolerance.value) {
    record.report(
      'stop',
      'sizing.remeasure',
      {
        by: { ticks: Math.abs(Math.round(square.disagreement)) },
        tolerance: { ticks: tolerance.value },
        what: { term: square.by === 'diagonals' ? 'reading.heightLock' : 'reading.widthTop' },
      },
      tolerance.source,
      ['readings'],
    );
  }
}

function aroundLeaf(
  record: SizingRecord,
  practice: Practice,
  sizes: Sizes,
): AroundLeaf | undefined {
  const { hingeGap, headGap, undercut } = sizes;
  const usual = practice.values.gapsTimber.value;
  if (headGap === undefined || undercut === undefined) return undefined;
  // Where the leaf itself is fixed its gaps follow; what is wanted around a new one is the practice's.
  const wanted = (gap: Ticks | undefined, name: 'hinge' | 'lock' | 'head') =>
    record.fact(`${name}Gap`) ??
    (valueOrUndefined(record.facts.leafWidth) ? usual[name] : (gap ?? usual[name]));
  const threshold = valueOrUndefined(record.facts.thresholdHeight) ?? 0;
  return {
    hinge: wanted(hingeGap, 'hinge'),
    lock: wanted(sizes.lockGap, 'lock'),
    head: wanted(headGap, 'head'),
    undercut: Math.max(0, undercut) + threshold + sizes.floorFinish,
  };
}

/** Single openings as they are, pairs as two, each with the gap at its lock or meeting edge. */
function partsOf(
  record: SizingRecord,
  practice: Practice,
  sizes: Sizes,
  shape: Quadrilateral,
): { shape: Quadrilateral; lock: number }[] {
  const usual = practice.values.gapsTimber.value;
  if (!meetsInMiddle(record.facts.kind)) return [{ shape, lock: sizes.lockGap ?? usual.lock }];
  const [first, second] = sizes.leaves;
  const width = first?.width ?? 1;
  const share = second?.width === undefined ? 0.5 : width / (width + second.width);
  const overlap = valueOrUndefined(record.facts.meetingEdge) === 'rebated' ? sizes.rebate : 0;
  const lock =
    sizes.mullion > 0
      ? (sizes.lockGap ?? usual.lock) + sizes.mullion / 2
      : ((sizes.meetingGap ?? usual.meeting) - overlap) / 2;
  return halvesOf(shape, share).map((half) => ({ shape: half, lock }));
}

/** What may come off each edge: by construction; of a rated leaf only what its listing says. */
function trimLimits(record: SizingRecord, practice: Practice): TrimLimits | undefined {
  const construction = valueOrUndefined(record.facts.leafConstruction);
  if (!construction) return undefined;
  const limits = practice.values.trimLimits.value[construction];
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  if (!rated) return limits;
  const listed = valueOrUndefined(record.facts.listedTrim) ?? 0;
  return {
    hinge: Math.min(limits.hinge, listed),
    head: Math.min(limits.head, listed),
    lock: Math.min(limits.lock, listed),
    bottom: Math.min(limits.bottom, listed),
  };
}

function recordOrder(
  record: SizingRecord,
  fitted: FittedLeaf,
  index: number,
  of: number,
  copy?: Copy,
): void {
  const { order } = fitted;
  const blank = order.kind === 'as-made' ? order.size : order.plan.blank;
  const name = index === 0 ? 'order' : 'orderSecond';
  record.decide(
    name,
    { width: blank.width, height: blank.height },
    {
      reasons: () => [
        ...(copy ? [message('sizing.copied'), ...copyReasons(copy)] : []),
        order.kind === 'stock'
          ? message('sizing.order.stock', { name: order.name })
          : order.kind === 'made'
            ? message('sizing.order.made')
            : message('sizing.order.asMade', {
                lock: { ticks: Math.round(order.widest.lock), rounding: 'up' },
                head: { ticks: Math.round(order.widest.head), rounding: 'up' },
              }),
        ...(of > 1 ? [message('sizing.order.half')] : []),
      ],
      facts: ['readings', 'leafConstruction', 'rating', 'listedTrim'],
    },
  );
}

function findFaults(
  record: SizingRecord,
  practice: Practice,
  leaves: FittedLeaf[],
  limits: TrimLimits | undefined,
): void {
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  if (rated && valueOrUndefined(record.facts.listedTrim) === undefined) {
    record.report(
      'check',
      'sizing.ratedTrim',
      {},
      'the leaf’s listing; NFPA 80; EN 1634 evidence',
      ['listedTrim', 'rating'],
    );
  }
  if (limits === undefined)
    record.report('check', 'sizing.trimUnknown', {}, practice.values.trimLimits.source, [
      'leafConstruction',
    ]);
  for (const { order } of leaves) {
    if (order.kind === 'as-made') {
      const limit = practice.values.ratedGapLimitTimber;
      const widest = Math.max(order.widest.lock, order.widest.head);
      if (widest > limit.value + practice.values.surveyTolerance.value) {
        record.report(
          rated ? 'stop' : 'check',
          'sizing.asMadeGaps',
          { widest: { ticks: Math.round(widest), rounding: 'up' } },
          'rotation and cut plan',
          ['sizing.order'],
        );
      }
      continue;
    }
    for (const edge of order.plan.beyond) {
      const cut = order.plan.cuts.find((one) => one.edge === edge)!;
      record.report(
        'stop',
        'sizing.cutBeyond',
        {
          edge: { term: `edge.${edge}` },
          most: { ticks: Math.max(...cut.ends), rounding: 'up' },
          limit: { ticks: cut.limit! },
        },
        practice.values.trimLimits.source,
        ['sizing.order', 'leafConstruction'],
      );
    }
  }
}
