import { message, type HangingDevice } from '../model/index.js';
import { type Practice, REBATED_HINGES } from '../practice/index.js';
import type { StageInput } from '../stageContract/index.js';
import { hangOnButts } from './butts.js';
import { hangConcealed } from './concealed.js';
import type { HangingRecord } from './decisions.js';
import { deviceFor, type DeviceCase } from './device.js';
import { existingHinges } from './existing.js';
import { decideMetal, decidePin } from './fastening.js';
import { checkOpening } from './form.js';
import { unhung, type Hanging, type HungLeaf } from './hung.js';
import { decideMass, decideUse } from './massAndUse.js';
import { hangOtherwise } from './otherDevices.js';
import { hangOnPivots } from './pivots.js';
import { hangOnFace } from './surfaceHinges.js';
import { decideClearWidth, decideFolded, decideSwing } from './swinging.js';
import { swingPlan } from './swingPlan.js';

/** Runs the hanging stage: mass, device, size, number, positions, force, metal, pins, clear width. */
export function decideHanging(
  { facts, practice, survey, results }: StageInput<'opening' | 'sizing' | 'handing'>,
  record: HangingRecord,
): Hanging {
  const { sizing: sizes, handing } = results;
  const bare = sizes.leaves.map((leaf) => unhung(leaf, decideMass(record, practice, leaf)));
  const use = decideUse(record, practice);
  const heaviest = bare.reduce((most, { mass = 0 }) => Math.max(most, mass), 0);
  const device = proposeDevice(record, {
    facts,
    practice,
    mass: heaviest > 0 ? heaviest : undefined,
    thickness: sizes.leaves[0]!.thickness,
    use,
    role: results.opening.role,
    pool: results.opening.pool !== undefined,
  });
  const metal = decideMetal(record, device, practice, results.opening.role);
  const existing =
    device === 'butt' && !survey.empty
      ? existingHinges(record, practice, survey, sizes)
      : undefined;
  const butts = device === 'butt' || device === 'spring-hinge';
  if (butts && record.facts.leafEdge === 'rebated')
    record.report('note', 'hanging.rebatedHinges', {}, REBATED_HINGES, [
      'leafEdge',
      'hanging.device',
    ]);
  const pin = butts ? decidePin(record, handing) : undefined;
  const leaves = bare.map((hung): HungLeaf => {
    switch (device) {
      case 'butt':
      case 'spring-hinge':
        return hangOnButts({
          record,
          practice,
          sizes,
          hung,
          metal,
          use,
          pin,
          existing,
          spring: device === 'spring-hinge',
        });
      case 'concealed':
      case 'adjustable-concealed':
      case 'spring-concealed':
        return hangConcealed({ record, practice, sizes, hung, metal, device });
      case 'tee-hinge':
      case 'drill-in':
      case 'rising':
        return hangOnFace({ record, practice, sizes, hung, metal, device });
      case 'offset-pivot':
      case 'centre-pivot':
        return hangOnPivots({ record, practice, sizes, hung, metal, device });
      default:
        hangOtherwise({ record, practice, sizes, hung, metal, device });
        return hung;
    }
  });
  massFindings(record, practice, device, leaves);
  const plan = swingPlan(practice, sizes, { device, leaves });
  let clearWidthActive: Hanging['clearWidthActive'];
  let lockEdge: Hanging['lockEdge'];
  let widest: number | undefined;
  if (plan) {
    clearWidthActive = decideClearWidth(record, practice, sizes, plan);
    const swing = decideSwing(record, practice, sizes, plan, device);
    ({ lockEdge, widest } = swing);
    checkOpening(record, swing.widest);
  } else if (device === 'folding-gear') {
    decideFolded(record, sizes);
  } else if (device === 'sliding-gear' && sizes.frameWidth !== undefined) {
    record.decide('clearWidth', sizes.frameWidth, {
      reasons: () => [message('hanging.clear.sliding')],
      facts: ['frameWidth'],
    });
  }
  return {
    device,
    leaves,
    metal,
    pin,
    axis: plan?.axis,
    wireHinge: leaves.reduce<number | undefined>((at, one) => one.wireHinge ?? at, undefined),
    existing,
    clearWidthActive,
    widest,
    lockEdge,
    // So far nothing else was let in.
    solids: [...record.solids],
  };
}

function proposeDevice(record: HangingRecord, at: DeviceCase): HangingDevice {
  const wanted = deviceFor(at);
  return record.propose('device', wanted.device, {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['kind', 'nothingVisible', 'screwHold'],
  });
}

function massFindings(
  record: HangingRecord,
  practice: Practice,
  device: HangingDevice,
  leaves: readonly HungLeaf[],
): void {
  const { massCarried, buttsBeyond, liftAlone } = practice.values;
  const { heavy } = massCarried.value;
  for (const { mass } of leaves) {
    if (mass === undefined) continue;
    if (device === 'butt' && mass > heavy * buttsBeyond.value) {
      record.report(
        'stop',
        'hanging.tooHeavy',
        { mass: { grams: mass }, limit: { grams: heavy } },
        massCarried.source,
        ['hanging.device'],
      );
    }
    if (device === 'double-acting-spring' && mass > liftAlone.value) {
      record.report('check', 'hanging.springHeavy', { mass: { grams: mass } }, 'trade practice', [
        'hanging.device',
      ]);
    }
  }
}
