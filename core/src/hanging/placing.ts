import type { Ticks } from '../measure/index.js';
import type { HangingRecord } from './decisions.js';
import { valueOrUndefined, closesByItself, message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { SizedLeaf, Sizes } from '../sizing/index.js';
import { hingeForces } from './force.js';
import { hingeLoads } from './loads.js';
import { gradeFor, gradingMass } from './mass.js';
import { halfPattern, hingePositions } from './positions.js';
import type { HungLeaf } from './hung.js';

/** A leaf whose hinges are placed. */
export interface Placing {
  record: HangingRecord;
  practice: Practice;
  sizes: Sizes;
  leaf: SizedLeaf;
  hingeHeight: Ticks | undefined;
  count: number;
  /** Whether it is one of a stable door's. */
  half: boolean;
}

/** Top edges of hinges below the leaf's top: as they stand, and as the pattern alone would have them. */
export interface Placed {
  positions: readonly Ticks[] | undefined;
  pattern: readonly Ticks[] | undefined;
  patternId: string | undefined;
}

const NOWHERE: Placed = {
  positions: undefined,
  pattern: undefined,
  patternId: undefined,
};

/** Where the hinges stand, by the frame’s usual pattern or a chosen one. */
export function decidePositions(at: Placing): Placed {
  const { record, practice, sizes, leaf, hingeHeight, count, half } = at;
  const { patterns, patternSteel, patternTimber } = practice.values;
  if (hingeHeight === undefined || sizes.headGap === undefined || leaf.bottom === undefined) {
    record.ask('positions', 'ask.sizeFirst', ['frameHeight'], { leaf: leaf.id });
    return NOWHERE;
  }
  const { headGap } = sizes;
  const material = valueOrUndefined(record.facts.frameMaterial);
  const steel = material !== undefined && material !== 'timber';
  const patternId = record.propose('pattern', (steel ? patternSteel : patternTimber).value, {
    leaf: leaf.id,
    reasons: () => [
      message(
        material ? `hanging.pattern.${steel ? 'steel' : 'timber'}` : 'hanging.pattern.unknown',
        {
          practice: practice.name,
        },
      ),
    ],
    alternatives: () => patterns.value.map((pattern) => ({ value: pattern.id })),
    facts: ['frameMaterial'],
  });
  let pattern =
    patterns.value.find((candidate) => candidate.id === patternId) ?? patterns.value[0]!;
  if (half) pattern = halfPattern(pattern, leaf.id as 'upper' | 'lower');
  const positions = hingePositions(pattern, {
    leafHeight: leaf.height!,
    hingeHeight,
    count,
    headGap,
    bottom: leaf.bottom,
  });
  const byHand = placedByHand(record, leaf, hingeHeight, count);
  if (byHand) return { positions: byHand, pattern: positions, patternId };
  if (!positions) {
    record.report(
      'stop',
      'hanging.noRoom',
      { count, height: { ticks: leaf.height!, rounding: 'down' } },
      patterns.source,
      ['hanging.pattern', 'hanging.count'],
    );
    record.ask('positions', 'ask.otherPattern', ['hanging.pattern'], { leaf: leaf.id });
    return { ...NOWHERE, patternId };
  }
  record.decide('positions', positions, {
    leaf: leaf.id,
    reasons: () => [
      message(`hanging.positions.${pattern.top.from}`, {
        top: { ticks: pattern.top.distance },
        head: { ticks: headGap },
        bottom: { ticks: pattern.bottom.distance },
        bottomFrom: { term: `datum.${pattern.bottom.from}` },
        to: { term: `to.${pattern.top.to}` },
      }),
    ],
    facts: ['hanging.pattern'],
  });
  return { positions, pattern: positions, patternId };
}

/** Hinges a person set on the drawing; undefined where there are none, or not as many as the leaf takes. */
function placedByHand(
  record: HangingRecord,
  leaf: SizedLeaf,
  hingeHeight: Ticks,
  count: number,
): readonly Ticks[] | undefined {
  const set = record.facts.hingePositions?.[leaf.id];
  if (!set) return undefined;
  if (set.length !== count) {
    record.report('note', 'hanging.setIgnored', { count: set.length, wanted: count }, 'recorded', [
      'hanging.count',
      'hanging.positions',
    ]);
    return undefined;
  }
  const fits = set.every(
    (top, index) =>
      top >= 0 &&
      top + hingeHeight <= leaf.height! &&
      (index === 0 || top >= set[index - 1]! + hingeHeight),
  );
  if (!fits) {
    record.report('stop', 'hanging.setOverlap', {}, 'recorded', ['hanging.positions']);
    return undefined;
  }
  record.decide('positions', set, {
    basis: 'given',
    leaf: leaf.id,
    reasons: () => [message('hanging.positions.set')],
    facts: ['hingePositions'],
  });
  return set;
}

/** Pull on the top hinge and shear, and in metric practices the EN 1935 grade. */
export function decideForces(
  { record, practice, sizes, leaf, hingeHeight, count }: Placing,
  positions: readonly Ticks[] | undefined,
  mass: number | undefined,
  { width, height }: { width: Ticks; height: Ticks },
): Pick<HungLeaf, 'loads' | 'grade'> {
  if (mass === undefined || !positions || sizes.hingeGap === undefined)
    return { loads: undefined, grade: undefined };
  const distance = positions[positions.length - 1]! - positions[0]!;
  const offset = sizes.hingeGap / 2;
  const forces = hingeForces(mass, width, offset, distance, count);
  const loads = hingeLoads(
    mass,
    width,
    offset,
    positions.map((top) => height - top - hingeHeight! / 2),
  );
  record.decide('pull', forces.pull, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.pull', {
        mass: { grams: mass },
        half: { ticks: Math.round(width / 2 + offset) },
        distance: { ticks: distance },
        shear: { newtons: forces.shear },
        count: count,
      }),
    ],
  });
  if (practice.system !== 'metric') return { loads, grade: undefined };
  const closes = closesByItself(record.facts) ?? (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  const closer = !closes
    ? 'none'
    : valueOrUndefined(record.facts.backCheck) === true
      ? 'back-check'
      : 'closer';
  const graded = gradingMass(practice, mass, { width, height }, closer);
  const grade = gradeFor(practice, graded);
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  if (grade === undefined) {
    record.report(
      'stop',
      'hanging.noGrade',
      { mass: { grams: graded } },
      practice.values.grades.source,
      ['hanging.mass', 'hanging.device'],
    );
    return { loads, grade: undefined };
  }
  const { ratedGrade } = practice.values;
  const holds = rated ? Math.max(grade, ratedGrade.value) : grade;
  record.decide('grade', holds, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.grade', {
        mass: { grams: mass },
        graded: { grams: graded },
        closer: { term: `graded.${closer}` },
      }),
      ...(rated && grade < ratedGrade.value ? [message('hanging.grade.rated')] : []),
    ],
    facts: ['closer', 'backCheck', 'leafMass'],
  });
  return { loads, grade: holds };
}
