import {
  isAssumed,
  valueOrUndefined,
  centredSpan,
  closesByItself,
  itemOf,
  message,
  solid,
  span,
  termKeyBuilder,
} from '../model/index.js';
import { type HangingRecord } from './decisions.js';
import { type Practice, LISTED } from '../practice/index.js';
import { measured } from '../sizing/index.js';
import type { HangingCase } from './hangingCase.js';
import { hingeNumbers } from './count.js';
import { hungWith, type HungLeaf } from './hung.js';
import { decideForces, decidePositions } from './placing.js';

const hingeItem = termKeyBuilder('item.');

export type ConcealedDevice = 'concealed' | 'adjustable-concealed' | 'spring-concealed';

/** What a concealed hinge needs, by kind, out of the practice’s tables. */
export function concealedData(practice: Practice, device: ConcealedDevice) {
  const { values } = practice;
  const adjustable = device === 'adjustable-concealed';
  return {
    leaf: adjustable ? values.bodies.value.adjustableHinge : values.bodies.value.concealedHinge,
    frame: adjustable
      ? values.bodies.value.adjustableHingeFrame
      : values.bodies.value.concealedHingeFrame,
    masses: adjustable ? values.adjustableMasses : values.concealedMasses,
    leastLeaf: adjustable ? values.adjustableLeaf : values.concealedLeaf,
    leastJamb: adjustable ? values.adjustableJamb : values.concealedJamb,
  };
}

/** Hangs a leaf on concealed hinges: number by mass, recesses in leaf and frame, what they need of both. */
export function hangConcealed(at: HangingCase & { device: ConcealedDevice }): HungLeaf {
  const { record, practice, sizes, hung, device, metal } = at;
  const leaf = measured(hung.leaf);
  if (!leaf) {
    record.ask('count', 'ask.sizeFirst', ['frameWidth', 'frameHeight'], { leaf: hung.leaf.id });
    return hung;
  }
  const data = concealedData(practice, device);
  const { mass } = hung;
  if (leaf.thickness < data.leastLeaf.value)
    record.report(
      'stop',
      'hanging.concealedThin',
      {
        thickness: { ticks: leaf.thickness },
        least: { ticks: data.leastLeaf.value, rounding: 'up' },
      },
      data.leastLeaf.source,
      ['hanging.device', 'leafThickness'],
    );
  const depth = valueOrUndefined(record.facts.jambDepth);
  if (depth === undefined)
    record.report(
      'check',
      'hanging.jambUnknown',
      { least: { ticks: data.leastJamb.value, rounding: 'up' } },
      data.leastJamb.source,
      ['jambDepth', 'hanging.device'],
    );
  else if (depth < data.leastJamb.value)
    record.report(
      'stop',
      'hanging.jambShallow',
      { depth: { ticks: depth }, least: { ticks: data.leastJamb.value, rounding: 'up' } },
      data.leastJamb.source,
      ['jambDepth', 'hanging.device'],
    );
  if (closesByItself(record.facts))
    record.report('check', 'hanging.closerTemplated', {}, 'trade practice', [
      'hanging.device',
      'closer',
    ]);
  if ((valueOrUndefined(record.facts.rating) ?? 0) > 0)
    record.report('check', 'hanging.concealedListed', {}, LISTED, ['hanging.device', 'rating']);
  if (device === 'spring-concealed') springFindings(record, practice, mass);

  const hingeHeight = data.leaf.up;
  record.decide('hingeHeight', hingeHeight, {
    leaf: leaf.id,
    reasons: () => [message('hanging.height.concealed', { thickness: { ticks: leaf.thickness } })],
  });
  const p = practice.values.concealedAxisOut.value;
  const rows = data.masses.value;
  const row =
    mass === undefined ? undefined : (rows.find((one) => mass <= one.toMass) ?? rows.at(-1)!);
  const low = practice.values.counts.value[0]!.toHeight;
  const byHeight = leaf.height > low ? 3 : 2;
  const wanted = Math.max(row?.count ?? 3, byHeight);
  const count = record.propose('count', wanted, {
    leaf: leaf.id,
    reasons: () => [
      row
        ? message('hanging.count.concealed', {
            mass: { grams: mass! },
            count: row.count,
            carried: { grams: row.toMass },
          })
        : message('hanging.count.massUnknown', { count: wanted }),
      ...(row && byHeight > row.count
        ? [message('hanging.count.tall', { count: byHeight, limit: { ticks: low } })]
        : []),
    ],
    alternatives: () => hingeNumbers(wanted, 4),
    facts: ['leafMass'],
  });
  record.decide('recessLeaf', data.leaf.across, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.recess.shallow', {
        up: { ticks: data.leaf.up },
        through: { ticks: data.leaf.through },
        deep: { ticks: data.leaf.across },
      }),
    ],
  });
  record.decide('recessFrame', data.frame.across, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.recess.deep', {
        deep: { ticks: data.frame.across },
        jamb: { ticks: data.leastJamb.value },
      }),
    ],
    facts: ['jambDepth'],
  });
  record.decide('axisMoves', p, {
    leaf: leaf.id,
    reasons: () => [message('hanging.axisMoves')],
  });
  const placing = { record, practice, sizes, leaf: hung.leaf, hingeHeight, count, half: false };
  const placed = decidePositions(placing);
  const forces = decideForces(placing, placed.positions, mass, leaf);
  record.items.push(
    itemOf('hanging', hingeItem(device), count * leaf.quantity, { traits: [`metal.${metal}`] }),
  );
  const middle = leaf.thickness / 2;
  const gap = sizes.hingeGap ?? 0;
  for (const top of placed.positions ?? []) {
    const y = span(leaf.height - top - data.leaf.up, data.leaf.up);
    record.solids.push(
      solid(
        record.key('device', leaf.id),
        'solid.concealedHinge',
        leaf.id,
        'in',
        { x: span(0, data.leaf.across), y, z: centredSpan(middle, data.leaf.through) },
        data.leaf.keep,
      ),
      solid(
        record.key('device', leaf.id),
        'solid.concealedHinge',
        leaf.id,
        'in',
        {
          x: span(-gap - data.frame.across, data.frame.across),
          y,
          z: centredSpan(middle, data.frame.through),
        },
        data.frame.keep,
        'frame',
      ),
    );
  }
  return hungWith(hung, {
    hingeHeight,
    count,
    p,
    positions: placed.positions,
    pattern: placed.pattern,
    patternId: placed.patternId,
    loads: forces.loads,
    grade: forces.grade,
  });
}

/** What is wrong with springs on this leaf: they slam, and a slow close cannot be had from them. */
export function springFindings(
  record: HangingRecord,
  practice: Practice,
  mass: number | undefined,
): void {
  const { springMass } = practice.values;
  if (mass !== undefined && mass > springMass.value)
    record.report(
      'stop',
      'hanging.springSlams',
      { mass: { grams: mass }, limit: { grams: springMass.value } },
      springMass.source,
      ['hanging.device'],
    );
  else record.report('note', 'hanging.springUnchecked', {}, 'trade practice', ['hanging.device']);
  if (valueOrUndefined(record.facts.accessible) === true)
    record.report(
      isAssumed(record.facts, 'accessible') ? 'check' : 'stop',
      'hanging.springAccessible',
      {},
      practice.values.springLeast.source,
      ['hanging.device', 'accessible'],
    );
}
