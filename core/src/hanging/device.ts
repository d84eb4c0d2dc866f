import {
  closesByItself,
  valueOrUndefined,
  message,
  swingsBothWays,
  type Alternative,
  type HangingDevice,
  type OpeningFacts,
  type Message,
  type Why,
} from '../model/index.js';
import type { Practice, UseClass } from '../practice/index.js';
import { wantsContinuous } from '../sizing/index.js';
import { drillInCarries } from './surfaceHinges.js';
import { type Role, ROLE } from '../roles/index.js';

/** What is known of the leaves when their device is chosen; absent lengths and masses are open. */
export interface DeviceCase {
  facts: OpeningFacts;
  practice: Practice;
  mass?: number | undefined;
  thickness?: number | undefined;
  use: UseClass;
  /** What the door is, where that is known or guessed. */
  role?: Role | undefined;
  /** Whether it is a gate to a pool. */
  pool?: boolean;
}

/** What speaks against a device: what rules it out, and what only argues against it. */
interface Objections {
  disqualifies: Message[];
  drawbacks: Message[];
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

/** Those that only some leaves may hang on: gates on T-hinges, cold rooms on rising hinges, rebated leaves on drill-in hinges. */
function swinging({ facts, role }: DeviceCase): readonly HangingDevice[] {
  const own = role && ROLE[role].make.hinge;
  return [
    ...(own ? [own] : []),
    ...(facts.leafEdge === 'rebated' ? (['drill-in'] as const) : []),
    ...SWINGING,
  ];
}

/** What speaks against hanging a leaf on a device, with the figures. */
export function objections(device: HangingDevice, at: DeviceCase): Objections {
  const { facts, practice, mass, thickness, use } = at;
  const { values } = practice;
  const rated = typeof facts.rating === 'number' && facts.rating > 0;
  const hidden = facts.nothingVisible === true;
  const disqualifies: Message[] = [];
  const drawbacks: Message[] = [];
  const tooHeavy = (
    code: 'hanging.against.tooHeavy' | 'hanging.against.massBeyond',
    beyond: number,
    limit = beyond,
  ) => {
    if (mass !== undefined && mass > beyond)
      disqualifies.push(message(code, { mass: { grams: mass }, limit: { grams: limit } }));
  };
  switch (device) {
    case 'butt':
      tooHeavy(
        'hanging.against.tooHeavy',
        values.massCarried.value.heavy * values.buttsBeyond.value,
        values.massCarried.value.heavy,
      );
      if (hidden) drawbacks.push(message('hanging.against.knucklesSeen'));
      if (wantsContinuous(facts)) drawbacks.push(message('hanging.against.screwsWorn'));
      break;
    case 'continuous':
      if (rated) drawbacks.push(message('hanging.against.continuousRated'));
      if (hidden) drawbacks.push(message('hanging.against.knucklesSeen'));
      drawbacks.push(
        message('hanging.against.continuousGap', {
          gap: { ticks: values.continuousHingeGap.value },
        }),
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
        disqualifies.push(
          message('hanging.against.concealedThin', {
            thickness: { ticks: thickness },
            least: { ticks: least, rounding: 'up' },
          }),
        );
      const depth = valueOrUndefined(facts.jambDepth);
      if (depth !== undefined && depth < jamb)
        disqualifies.push(
          message('hanging.against.concealedJamb', {
            depth: { ticks: depth },
            least: { ticks: jamb, rounding: 'up' },
          }),
        );
      if (device === 'spring-concealed') againstSprings(at, disqualifies, drawbacks);
      else tooHeavy('hanging.against.massBeyond', Math.max(...rows.map((row) => row.toMass)));
      if (rated) drawbacks.push(message('hanging.against.concealedRated'));
      if (closesByItself(facts)) drawbacks.push(message('hanging.against.concealedCloser'));
      if (depth === undefined)
        drawbacks.push(
          message('hanging.against.jambUnknown', { least: { ticks: jamb, rounding: 'up' } }),
        );
      if (use === 'high' && !adjustable) drawbacks.push(message('hanging.against.concealedUse'));
      break;
    }
    case 'spring-hinge':
      againstSprings(at, disqualifies, drawbacks);
      if (hidden) drawbacks.push(message('hanging.against.knucklesSeen'));
      break;
    case 'offset-pivot':
      if (valueOrUndefined(facts.slab) && facts.slab !== 'free')
        drawbacks.push(
          message('hanging.against.slab', { slab: { term: `slab.${String(facts.slab)}` } }),
        );
      if (hidden) drawbacks.push(message('hanging.against.pivotSeen'));
      drawbacks.push(message('hanging.against.pivotFloor'));
      break;
    case 'tee-hinge':
      if (rated) disqualifies.push(message('hanging.against.strapRated'));
      if (closesByItself(facts)) drawbacks.push(message('hanging.against.strapCloser'));
      if (hidden) drawbacks.push(message('hanging.against.knucklesSeen'));
      break;
    case 'rising':
      if (rated) disqualifies.push(message('hanging.against.strapRated'));
      break;
    case 'drill-in': {
      const construction = valueOrUndefined(facts.leafConstruction);
      if (construction !== undefined && !construction.startsWith('timber'))
        disqualifies.push(message('hanging.against.drillInTimber'));
      tooHeavy('hanging.against.massBeyond', drillInCarries(values.drillInHeavy.value));
      if (use === 'high') drawbacks.push(message('hanging.against.drillInUse'));
      if (hidden) drawbacks.push(message('hanging.against.knucklesSeen'));
      break;
    }
    case 'centre-pivot':
      if (rated) drawbacks.push(message('hanging.against.centreRated'));
      drawbacks.push(message('hanging.against.centreSeal'));
      break;
    default:
  }
  return { disqualifies, drawbacks };
}

/** Springs only bring a light leaf to: they have no checking. */
function againstSprings(at: DeviceCase, disqualifies: Message[], drawbacks: Message[]): void {
  const { facts, practice, mass } = at;
  const { springMass, springCount, springsMost } = practice.values;
  const most = (springMass.value * springsMost.value) / springCount.value;
  if (mass !== undefined && mass > springMass.value)
    (mass > most ? disqualifies : drawbacks).push(
      message('hanging.against.springHeavy', { mass: { grams: mass } }),
    );
  if (facts.accessible === true) disqualifies.push(message('hanging.against.springAccessible'));
  drawbacks.push(message('hanging.against.springUnchecked'));
}

function offered(devices: readonly HangingDevice[], at: DeviceCase): Alternative[] {
  return devices.map((value) => {
    const { disqualifies, drawbacks } = objections(value, at);
    const [first, ...also] = [...disqualifies, ...drawbacks];
    return { value, ...(first ? { against: first } : {}), ...(also.length > 0 ? { also } : {}) };
  });
}

/** The device Riegel takes, why, and every other with what speaks against it. */
export interface DeviceChoice {
  device: HangingDevice;
  reasons: Why;
  alternatives: () => Alternative[];
}

const NO_OTHER = (): Alternative[] => [];

/** Takes a device for what is known of the leaves. */
export function deviceFor(at: DeviceCase): DeviceChoice {
  const { facts, practice, mass } = at;
  const take = (
    device: HangingDevice,
    reason: () => Message,
    alternatives = () => offered(swinging(at), at),
  ): DeviceChoice => ({ device, reasons: () => [reason()], alternatives });
  if (facts.kind === 'bi-fold')
    return take(
      'folding-gear',
      () =>
        message(
          (valueOrUndefined(facts.foldLeaves) ?? 2) >= 4
            ? 'hanging.device.foldingApart'
            : 'hanging.device.folding',
        ),
      NO_OTHER,
    );
  if (facts.kind === 'sliding' || facts.kind === 'pocket')
    return take('sliding-gear', () => message('hanging.device.sliding'), NO_OTHER);
  if (swingsBothWays(facts.kind)) {
    const limit = practice.values.liftAlone.value;
    return take(
      'centre-pivot',
      () => message('hanging.device.doubleActing'),
      () => [
        { value: 'centre-pivot' },
        mass !== undefined && mass > limit
          ? {
              value: 'double-acting-spring',
              against: message('hanging.against.springHeavy', { mass: { grams: mass } }),
            }
          : { value: 'double-acting-spring' },
      ],
    );
  }
  const stands = (device: HangingDevice) => objections(device, at).disqualifies.length === 0;
  if (facts.nothingVisible === true) {
    const hidden = (['concealed', 'adjustable-concealed'] as const).find(stands);
    return hidden
      ? take(hidden, () => message('hanging.device.hidden'))
      : take('centre-pivot', () => message('hanging.device.hiddenPivot'));
  }
  if (wantsContinuous(facts)) return take('continuous', () => message('hanging.device.worn'));
  if (valueOrUndefined(facts.leafConstruction) === 'glass')
    return take('centre-pivot', () => message('hanging.device.glass'));
  const passages = valueOrUndefined(facts.passagesPerDay) ?? 0;
  const { continuousUse } = practice.values;
  if (passages >= continuousUse.value)
    return take('continuous', () =>
      message('hanging.device.use', { passages, from: continuousUse.value }),
    );
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  if (valueOrUndefined(facts.leafConstruction) === 'aluminium-narrow' && !rated)
    return take('continuous', () => message('hanging.device.narrow'));
  if (at.pool && stands('spring-hinge'))
    return take('spring-hinge', () => message('hanging.device.pool'));
  const own = at.role && ROLE[at.role].make.hinge;
  if (own === 'tee-hinge' && stands(own))
    return take('tee-hinge', () => message('hanging.device.gate'));
  if (own === 'rising' && stands(own)) return take('rising', () => message('hanging.device.cold'));
  if (facts.leafEdge === 'rebated' && stands('drill-in'))
    return take('drill-in', () => message('hanging.device.rebated'));
  if (!stands('butt'))
    return take('offset-pivot', () =>
      message('hanging.device.heavy', {
        mass: { grams: mass! },
        limit: { grams: practice.values.massCarried.value.heavy },
      }),
    );
  return take('butt', () => message('hanging.device.butt'));
}
