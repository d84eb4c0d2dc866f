import type { Ticks } from '../measure/index.js';
import type { Settling } from '../opening/index.js';
import { said, term } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import { hingeForces } from './force.js';
import { hingeLoads } from './loads.js';
import { gradeFor, gradingMass } from './mass.js';
import { halfPattern, hingePositions } from './positions.js';
import type { HungLeaf } from './hung.js';

/** Where the hinges stand, by the frame’s usual pattern or a chosen one. */
export function decidePositions(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  half: boolean,
): void {
  const { patterns, patternSteel, patternTimber } = practice.values;
  const { leaf } = hung;
  if (hung.hingeHeight === undefined || sizes.headGap === undefined || leaf.bottom === undefined) {
    settling.open('positions', said('ask.sizeFirst'), ['frameHeight'], { leaf: leaf.id });
    return;
  }
  const material = settling.fact('frameMaterial');
  const steel = material !== undefined && material !== 'timber';
  const patternId = settling.choose(
    'pattern',
    (steel ? patternSteel : patternTimber).value,
    (id) => term(`pattern.${id}`),
    {
      leaf: leaf.id,
      reasons: [
        said(
          material ? `hanging.pattern.${steel ? 'steel' : 'timber'}` : 'hanging.pattern.unknown',
          { practice: practice.name },
        ),
      ],
      alternatives: patterns.value.map((pattern) => ({ value: pattern.id })),
      facts: ['frameMaterial'],
    },
  );
  let pattern =
    patterns.value.find((candidate) => candidate.id === patternId) ?? patterns.value[0]!;
  if (half) pattern = halfPattern(pattern, leaf.id as 'upper' | 'lower');
  const positions = hingePositions(pattern, {
    leafHeight: leaf.height!,
    hingeHeight: hung.hingeHeight,
    count: hung.count!,
    headGap: sizes.headGap,
    bottom: leaf.bottom,
  });
  if (positions) hung.pattern = positions;
  if (placedByHand(settling, hung)) return;
  if (!positions) {
    settling.find(
      'stop',
      'hanging.noRoom',
      { count: hung.count!, height: { ticks: leaf.height!, rounding: 'down' } },
      patterns.source,
      ['hanging.pattern', 'hanging.count'],
    );
    settling.open('positions', said('ask.otherPattern'), ['hanging.pattern'], { leaf: leaf.id });
    return;
  }
  hung.positions = positions;
  settling.fix(
    'positions',
    { type: 'positions', ticks: positions },
    {
      leaf: leaf.id,
      reasons: [
        said(`hanging.positions.${pattern.top.from}`, {
          top: { ticks: pattern.top.distance },
          head: { ticks: sizes.headGap },
          bottom: { ticks: pattern.bottom.distance },
          bottomFrom: { term: `datum.${pattern.bottom.from}` },
          to: { term: `to.${pattern.top.to}` },
        }),
      ],
      facts: ['hanging.pattern'],
    },
  );
}

/** Hinges a person set on the drawing; false where there are none, or not as many as the leaf takes. */
function placedByHand(settling: Settling, hung: HungLeaf): boolean {
  const { leaf } = hung;
  const set = settling.facts.hingePositions?.[leaf.id];
  if (!set) return false;
  if (set.length !== hung.count) {
    settling.find(
      'note',
      'hanging.setIgnored',
      { count: set.length, wanted: hung.count! },
      'recorded',
      ['hanging.count', 'hanging.positions'],
    );
    return false;
  }
  const h = hung.hingeHeight!;
  const fits = set.every(
    (top, index) =>
      top >= 0 && top + h <= leaf.height! && (index === 0 || top >= set[index - 1]! + h),
  );
  if (!fits) {
    settling.find('stop', 'hanging.setOverlap', {}, 'recorded', ['hanging.positions']);
    return false;
  }
  hung.positions = [...set];
  settling.fix(
    'positions',
    { type: 'positions', ticks: [...set] },
    {
      basis: 'given',
      leaf: leaf.id,
      reasons: [said('hanging.positions.set')],
      facts: ['hingePositions'],
    },
  );
  return true;
}

/** Pull on the top hinge and shear, and in metric practices the EN 1935 grade. */
export function decideForces(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  width: Ticks,
  height: Ticks,
): void {
  const { leaf, mass, positions } = hung;
  if (mass === undefined || !positions || sizes.hingeGap === undefined) return;
  const distance = positions[positions.length - 1]! - positions[0]!;
  const offset = sizes.hingeGap / 2;
  const forces = hingeForces(mass, width, offset, distance, hung.count!);
  hung.loads = hingeLoads(
    mass,
    width,
    offset,
    positions.map((top) => height - top - hung.hingeHeight! / 2),
  );
  settling.fix(
    'pull',
    { type: 'force', newtons: forces.pull },
    {
      leaf: leaf.id,
      reasons: [
        said('hanging.pull', {
          mass: { grams: mass },
          half: { ticks: Math.round(width / 2 + offset) },
          distance: { ticks: distance },
          shear: { newtons: forces.shear },
          count: hung.count!,
        }),
      ],
    },
  );
  if (practice.system !== 'metric') return;
  const closer =
    settling.fact('closer') ?? ((settling.fact('rating') ?? 0) > 0 ? 'closer' : 'none');
  const graded = gradingMass(practice, mass, { width, height }, closer);
  const grade = gradeFor(practice, graded);
  const rated = (settling.fact('rating') ?? 0) > 0;
  if (grade === undefined) {
    settling.find(
      'stop',
      'hanging.noGrade',
      { mass: { grams: graded } },
      practice.values.grades.source,
      ['hanging.mass', 'hanging.device'],
    );
    return;
  }
  const holds = rated ? Math.max(grade, 13) : grade;
  settling.fix(
    'grade',
    { type: 'count', count: holds },
    {
      leaf: leaf.id,
      reasons: [
        said('hanging.grade', {
          mass: { grams: mass },
          graded: { grams: graded },
          closer: { term: `closer.${closer}` },
        }),
        ...(rated && grade < 13 ? [said('hanging.grade.rated')] : []),
      ],
      facts: ['closer', 'leafMass'],
    },
  );
}
