import { wholeUp } from '../measure/index.js';
import {
  valueOrUndefined,
  centredSpan,
  itemOf,
  message,
  solid,
  span,
  type Item,
  type MeasuredLeaf,
} from '../model/index.js';
import type { HangingRecord } from './decisions.js';
import { type Practice, LISTED } from '../practice/index.js';
import { heelGap, measured } from '../sizing/index.js';
import { intermediatePivots } from './count.js';
import type { HangingCase } from './hangingCase.js';
import { hingeForces } from './force.js';
import { hungWith, type HungLeaf } from './hung.js';

/** Hangs a leaf on an offset or a centre-hung pivot set: foot, head, those between, what the floor must bear. */
export function hangOnPivots(
  at: HangingCase & { device: 'offset-pivot' | 'centre-pivot' },
): HungLeaf {
  const { record, practice, sizes, hung, device, metal } = at;
  const leaf = measured(hung.leaf);
  if (!leaf) {
    record.ask('size', 'ask.sizeFirst', ['frameWidth', 'frameHeight'], { leaf: hung.leaf.id });
    return hung;
  }
  const offset = device === 'offset-pivot';
  const foot = decideFoot(record, leaf, offset);
  decideHead(record, practice, leaf);
  floorFindings(record, practice, foot);
  const push = (code: string, quantity: number, unit: Item['unit'], traits: string[] = []) =>
    record.items.push(
      itemOf('hanging', code, quantity, {
        unit,
        traits: [...traits, `metal.${metal}`],
        handed: offset,
      }),
    );
  if (offset) {
    const between = intermediatePivots(practice, leaf.height);
    record.decide('count', between, {
      leaf: leaf.id,
      reasons: () => [
        message('hanging.intermediate', {
          count: between,
          height: { ticks: leaf.height, rounding: 'down' },
        }),
      ],
    });
    push('item.offsetPivot', leaf.quantity, 'set', [`foot.${foot}`]);
    push('item.intermediatePivot', between * leaf.quantity, 'each');
    offsetSolids(record, practice, leaf, foot, between);
  } else {
    const a = practice.values.centrePivotIn.value;
    record.decide('heel', wholeUp(heelGap(a, leaf.thickness)), {
      leaf: leaf.id,
      reasons: () => [
        message('hanging.heel', {
          a: { ticks: a },
          radius: { ticks: Math.round(Math.hypot(a, leaf.thickness / 2)) },
        }),
      ],
      facts: ['leafThickness', 'hingeGap'],
    });
    if ((valueOrUndefined(record.facts.rating) ?? 0) > 0)
      record.report('check', 'hanging.centreListed', {}, LISTED, ['hanging.device', 'rating']);
    push('item.centrePivot', leaf.quantity, 'set');
    centreSolids(record, practice, leaf);
  }
  const { mass } = hung;
  const standing = offset ? foot : undefined;
  if (mass === undefined) return hungWith(hung, { foot: standing });
  // The same axis that the clear width is swung about: so far in from the leaf's hinge edge.
  const { offsetPivotOut, centrePivotIn } = practice.values;
  const out = offset ? (sizes.hingeGap ?? 0) - offsetPivotOut.value : -centrePivotIn.value;
  const forces = hingeForces(mass, leaf.width, out, leaf.height, 1);
  // The head is pulled, the foot pressed; the foot alone carries.
  const loads = [
    { out: forces.pull, shear: 0 },
    { out: -forces.pull, shear: forces.shear },
  ];
  record.decide('pull', forces.pull, {
    leaf: leaf.id,
    reasons: () => [
      message('hanging.pull.pivot', {
        mass: { grams: mass },
        half: { ticks: Math.round(leaf.width / 2 + out) },
        distance: { ticks: leaf.height, rounding: 'down' },
        shear: { newtons: forces.shear },
      }),
    ],
  });
  return hungWith(hung, { foot: standing, loads });
}

type Foot = 'floor' | 'jamb';

/** What carries the leaf: an arm on the floor, or for offset sets a bracket on the foot of the jamb. */
function decideFoot(record: HangingRecord, leaf: MeasuredLeaf, offset: boolean): Foot {
  if (!offset) return 'floor';
  const slab = valueOrUndefined(record.facts.slab);
  const occupied = slab !== undefined && slab !== 'free';
  const byFloorCloser = valueOrUndefined(record.facts.closer) === 'floor';
  const derived: Foot = occupied && !byFloorCloser ? 'jamb' : 'floor';
  return record.propose('foot', derived, {
    leaf: leaf.id,
    reasons: () => [
      occupied
        ? message('hanging.foot.jamb', { slab: { term: `slab.${slab}` } })
        : message('hanging.foot.floor'),
    ],
    alternatives: () => [
      occupied
        ? {
            value: 'floor',
            against: message('hanging.against.slab', { slab: { term: `slab.${slab}` } }),
          }
        : { value: 'floor' },
      byFloorCloser
        ? { value: 'jamb', against: message('hanging.against.footByCloser') }
        : { value: 'jamb' },
    ],
    facts: ['slab', 'closer'],
  });
}

/** The head pivot: one whose pin draws back, unless there is room to lift the leaf off its foot. */
function decideHead(record: HangingRecord, practice: Practice, leaf: MeasuredLeaf): void {
  const { liftOut } = practice.values;
  const room = valueOrUndefined(record.facts.headroom);
  const lifts = room !== undefined && room >= liftOut.value;
  record.propose('headPivot', lifts ? 'fixed' : 'retracting', {
    leaf: leaf.id,
    reasons: () => [
      message(lifts ? 'hanging.headPivot.lifts' : 'hanging.headPivot.retracts', {
        lift: { ticks: liftOut.value },
      }),
      message('hanging.removal'),
    ],
    alternatives: () => [
      { value: 'retracting' },
      lifts
        ? { value: 'fixed' }
        : {
            value: 'fixed',
            against: message('hanging.against.noHeadroom', { lift: { ticks: liftOut.value } }),
          },
    ],
    facts: ['headroom'],
  });
}

/** What the floor must bear and hold where a foot or a floor closer is set in it. */
function floorFindings(record: HangingRecord, practice: Practice, foot: Foot): void {
  if (foot !== 'floor') return;
  const { floorCase } = practice.values;
  const slab = valueOrUndefined(record.facts.slab);
  const depth = valueOrUndefined(record.facts.slabDepth);
  const closer = valueOrUndefined(record.facts.closer) === 'floor';
  const parts = ['slab', 'slabDepth', closer ? 'closer' : 'hanging.device'];
  if (slab === undefined) record.report('note', 'hanging.slabUnknown', {}, 'trade practice', parts);
  else if (slab !== 'free')
    record.report(
      closer ? 'stop' : 'check',
      'hanging.slabOccupied',
      { slab: { term: `slab.${slab}` } },
      'trade practice',
      parts,
    );
  if (closer && depth !== undefined && depth < floorCase.value)
    record.report(
      'stop',
      'hanging.slabShallow',
      { depth: { ticks: depth }, needed: { ticks: floorCase.value, rounding: 'up' } },
      floorCase.source,
      parts,
    );
  if ((valueOrUndefined(record.facts.threshold) ?? 'none') !== 'none')
    record.report('note', 'hanging.pivotThreshold', {}, 'trade practice', [
      'threshold',
      'hanging.device',
    ]);
}

function offsetSolids(
  record: HangingRecord,
  practice: Practice,
  leaf: MeasuredLeaf,
  foot: Foot,
  between: number,
): void {
  const body = practice.values.bodies.value;
  const middle = leaf.thickness / 2;
  const owner = record.key('device', leaf.id);
  const on = (thing: string, size: typeof body.offsetFoot, y: [number, number]) =>
    record.solids.push(
      solid(
        owner,
        thing,
        leaf.id,
        'in',
        { x: span(0, size.across), y, z: centredSpan(middle, size.through) },
        size.keep,
      ),
    );
  if (foot === 'floor') on('solid.pivotFoot', body.offsetFoot, span(0, body.offsetFoot.up));
  // A jamb foot stands above what may seal the bottom.
  else
    on(
      'solid.jambPivot',
      body.jambPivot,
      span(body.dropFull.up + 2 * body.dropFull.keep, body.jambPivot.up),
    );
  on(
    'solid.pivotHead',
    body.offsetHead,
    span(leaf.height - body.offsetHead.up, body.offsetHead.up),
  );
  for (let index = 1; index <= between; index++)
    on(
      'solid.intermediatePivot',
      body.intermediatePivot,
      centredSpan((leaf.height * index) / (between + 1), body.intermediatePivot.up),
    );
}

function centreSolids(record: HangingRecord, practice: Practice, leaf: MeasuredLeaf): void {
  const body = practice.values.bodies.value;
  const middle = leaf.thickness / 2;
  const owner = record.key('device', leaf.id);
  const closer = valueOrUndefined(record.facts.closer);
  const foot = closer === 'floor' ? body.floorCloserArm : body.pivotFoot;
  const head = closer === 'head' ? body.headCloserArm : body.pivotHead;
  record.solids.push(
    solid(
      owner,
      'solid.pivotFoot',
      leaf.id,
      'in',
      { x: span(0, foot.across), y: span(0, foot.up), z: centredSpan(middle, foot.through) },
      foot.keep,
    ),
    solid(
      owner,
      'solid.pivotHead',
      leaf.id,
      'in',
      {
        x: span(0, head.across),
        y: span(leaf.height - head.up, head.up),
        z: centredSpan(middle, head.through),
      },
      head.keep,
    ),
  );
}
