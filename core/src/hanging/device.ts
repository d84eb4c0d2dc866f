import {
  known,
  said,
  type Alternative,
  type HangingDevice,
  type OpeningFacts,
  type Said,
} from '../opening/index.js';
import type { Practice, UseClass } from '../practice/index.js';
import { wantsContinuous } from '../sizing/index.js';

/** What is known of the leaves when their device is chosen; absent lengths and masses are open. */
export interface DeviceCase {
  facts: OpeningFacts;
  practice: Practice;
  mass?: number | undefined;
  thickness?: number | undefined;
  use: UseClass;
}

/** What speaks against a device: what rules it out, and what only argues against it. */
export interface Against {
  out: Said[];
  but: Said[];
}

/** Devices that a leaf which swings one way may hang on, in the order they are offered. */
const SWINGING: readonly HangingDevice[] = [
  'butt',
  'continuous',
  'concealed',
  'adjustable-concealed',
  'spring-hinge',
  'spring-concealed',
  'offset-pivot',
  'centre-pivot',
];

/** A butt's class may be passed by half before a leaf is too heavy for more hinges (trade practice). */
const BUTTS_BEYOND = 1.5;

const MOST_SPRINGS = 3;

/** What speaks against hanging a leaf on a device, with the figures. */
export function against(device: HangingDevice, at: DeviceCase): Against {
  const { facts, practice, mass, thickness, use } = at;
  const { values } = practice;
  const rated = typeof facts.rating === 'number' && facts.rating > 0;
  const hidden = facts.nothingVisible === true;
  const out: Said[] = [];
  const but: Said[] = [];
  const tooHeavy = (code: string, beyond: number, limit = beyond) => {
    if (mass !== undefined && mass > beyond)
      out.push(said(code, { mass: { grams: mass }, limit: { grams: limit } }));
  };
  switch (device) {
    case 'butt':
      tooHeavy(
        'hanging.against.tooHeavy',
        values.massCarried.value.heavy * BUTTS_BEYOND,
        values.massCarried.value.heavy,
      );
      if (hidden) but.push(said('hanging.against.knucklesSeen'));
      if (wantsContinuous(facts)) but.push(said('hanging.against.screwsWorn'));
      break;
    case 'continuous':
      if (rated) but.push(said('hanging.against.continuousRated'));
      if (hidden) but.push(said('hanging.against.knucklesSeen'));
      but.push(
        said('hanging.against.continuousGap', { gap: { ticks: values.continuousHingeGap.value } }),
      );
      break;
    case 'concealed':
    case 'adjustable-concealed':
    case 'spring-concealed': {
      const adjustable = device === 'adjustable-concealed';
      const least = (adjustable ? values.adjustableLeaf : values.concealedLeaf).value;
      const jamb = (adjustable ? values.adjustableJamb : values.concealedJamb).value;
      const rows = (adjustable ? values.adjustableMasses : values.concealedMasses).value;
      if (thickness !== undefined && thickness < least)
        out.push(
          said('hanging.against.concealedThin', {
            thickness: { ticks: thickness },
            least: { ticks: least, rounding: 'up' },
          }),
        );
      const depth = known(facts.jambDepth);
      if (depth !== undefined && depth < jamb)
        out.push(
          said('hanging.against.concealedJamb', {
            depth: { ticks: depth },
            least: { ticks: jamb, rounding: 'up' },
          }),
        );
      if (device === 'spring-concealed') againstSprings(at, out, but);
      else tooHeavy('hanging.against.massBeyond', Math.max(...rows.map((row) => row.toMass)));
      if (rated) but.push(said('hanging.against.concealedRated'));
      if (known(facts.closer) && facts.closer !== 'none')
        but.push(said('hanging.against.concealedCloser'));
      if (depth === undefined)
        but.push(said('hanging.against.jambUnknown', { least: { ticks: jamb, rounding: 'up' } }));
      if (use === 'high' && !adjustable) but.push(said('hanging.against.concealedUse'));
      break;
    }
    case 'spring-hinge':
      againstSprings(at, out, but);
      if (hidden) but.push(said('hanging.against.knucklesSeen'));
      break;
    case 'offset-pivot':
      if (known(facts.slab) && facts.slab !== 'free')
        but.push(said('hanging.against.slab', { slab: { term: `slab.${String(facts.slab)}` } }));
      if (hidden) but.push(said('hanging.against.pivotSeen'));
      but.push(said('hanging.against.pivotFloor'));
      break;
    case 'centre-pivot':
      if (rated) but.push(said('hanging.against.centreRated'));
      but.push(said('hanging.against.centreSeal'));
      break;
    default:
  }
  return { out, but };
}

/** Springs only bring a light leaf to: they have no checking. */
function againstSprings(at: DeviceCase, out: Said[], but: Said[]): void {
  const { facts, practice, mass } = at;
  const { springMass, springCount } = practice.values;
  const most = (springMass.value * MOST_SPRINGS) / springCount.value;
  if (mass !== undefined && mass > springMass.value)
    (mass > most ? out : but).push(
      said('hanging.against.springHeavy', {
        mass: { grams: mass },
        limit: { grams: springMass.value },
      }),
    );
  if (facts.accessible === true) out.push(said('hanging.against.springAccessible'));
  but.push(said('hanging.against.springUnchecked'));
}

function offered(devices: readonly HangingDevice[], at: DeviceCase): Alternative[] {
  return devices.map((value) => {
    const { out, but } = against(value, at);
    const [first, ...also] = [...out, ...but];
    return { value, ...(first ? { against: first } : {}), ...(also.length > 0 ? { also } : {}) };
  });
}

/** The device Riegel takes and every other with what speaks against it. */
export function deviceFor(at: DeviceCase): {
  device: HangingDevice;
  reasons: Said[];
  alternatives: Alternative[];
} {
  const { facts, practice, mass } = at;
  if (facts.kind === 'bi-fold')
    return { device: 'folding-gear', reasons: [said('hanging.device.folding')], alternatives: [] };
  if (facts.kind === 'sliding' || facts.kind === 'pocket')
    return { device: 'sliding-gear', reasons: [said('hanging.device.sliding')], alternatives: [] };
  if (facts.kind === 'double-acting') {
    const { liftAlone } = practice.values;
    return {
      device: 'centre-pivot',
      reasons: [said('hanging.device.doubleActing')],
      alternatives: [
        { value: 'centre-pivot' },
        {
          value: 'double-acting-spring',
          ...(mass !== undefined && mass > liftAlone.value
            ? {
                against: said('hanging.against.springHeavy', {
                  mass: { grams: mass },
                  limit: { grams: liftAlone.value },
                }),
              }
            : {}),
        },
      ],
    };
  }
  const alternatives = offered(SWINGING, at);
  const stands = (device: HangingDevice) => against(device, at).out.length === 0;
  const take = (device: HangingDevice, reason: Said) => ({
    device,
    reasons: [reason],
    alternatives,
  });
  if (facts.nothingVisible === true) {
    const hidden = (['concealed', 'adjustable-concealed'] as const).find(stands);
    return hidden
      ? take(hidden, said('hanging.device.hidden'))
      : take('centre-pivot', said('hanging.device.hiddenPivot'));
  }
  if (wantsContinuous(facts)) return take('continuous', said('hanging.device.worn'));
  if (!stands('butt'))
    return take(
      'offset-pivot',
      said('hanging.device.heavy', {
        mass: { grams: mass! },
        limit: { grams: practice.values.massCarried.value.heavy },
      }),
    );
  return take('butt', said('hanging.device.butt'));
}
