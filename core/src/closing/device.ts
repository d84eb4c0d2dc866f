import {
  valueOrUndefined,
  message,
  swingsBothWays,
  type Alternative,
  type HangingDevice,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { usualFace } from '../sizing/index.js';
import type { CloserDevice } from './decisions.js';
import { closerKindOf, type CloserKind } from './facts.js';

/** What a closer is chosen for. */
export interface CloserCase {
  facts: OpeningFacts;
  practice: Practice;
  hung: HangingDevice;
  thickness: number | undefined;
  /** Height of the frame's head face, where it is known. */
  headFace: number | undefined;
  /**
   * Whether the room that the closer belongs in is on the pull side; `either` where neither side is more
   * private, undefined while the hand is open.
   */
  insidePull: boolean | 'either' | undefined;
}

/** The recorded kinds that a device answers to. */
export const KIND_OF: Record<CloserDevice, CloserKind | undefined> = {
  none: undefined,
  regular: 'surface-pull',
  'track-pull': 'surface-pull',
  parallel: 'surface-push',
  'track-push': 'surface-push',
  'top-jamb': 'surface-push',
  concealed: 'concealed-overhead',
  floor: 'floor',
  head: 'head',
  spring: undefined,
  operator: undefined,
};

const PIVOTS: ReadonlySet<HangingDevice> = new Set(['centre-pivot', 'offset-pivot']);
const SPRINGS: ReadonlySet<HangingDevice> = new Set([
  'spring-hinge',
  'spring-concealed',
  'double-acting-spring',
]);

/** Whether the hinges are what closes the leaf. */
function closesBySprings(hung: HangingDevice): boolean {
  return SPRINGS.has(hung);
}

const ON_PULL: ReadonlySet<CloserDevice> = new Set(['regular', 'track-pull']);
const ON_PUSH: ReadonlySet<CloserDevice> = new Set(['parallel', 'track-push', 'top-jamb']);

/** Whether a closer or its arm stands on a face. */
export function isSurface(device: CloserDevice): boolean {
  return ON_PULL.has(device) || ON_PUSH.has(device);
}

/** The face a surface closer works on. */
export function closerSide(device: CloserDevice): 'pull' | 'push' | undefined {
  return ON_PULL.has(device) ? 'pull' : ON_PUSH.has(device) ? 'push' : undefined;
}

/** What speaks against a device, what rules it out first; undefined where nothing does. */
function againstCloser(device: CloserDevice, at: CloserCase): Message | undefined {
  const { facts, practice, hung, thickness, headFace, insidePull } = at;
  const { values } = practice;
  const surface = isSurface(device);
  const asked = closerKindOf(facts);
  if (device === 'none' || device === 'spring' || device === 'operator') return undefined;
  if (asked && KIND_OF[device] !== asked && facts.provenance?.['closer'] !== 'assumed')
    return message('closing.against.asked', { kind: { term: `closer.${asked}` } });
  if ((device === 'floor' || device === 'head') && !PIVOTS.has(hung))
    return message('closing.against.noPivot');
  if ((surface || device === 'concealed') && hung === 'centre-pivot')
    return message('closing.against.heel');
  if (surface && facts.nothingVisible === true) return message('closing.against.seen');
  if (surface && facts.leafConstruction === 'glass') return message('closing.against.glass');
  const { concealedCloserLeaf, topJambFace } = values;
  if (device === 'concealed' && thickness !== undefined && thickness < concealedCloserLeaf.value)
    return message('closing.against.thin', {
      needed: { ticks: concealedCloserLeaf.value },
      leaf: { ticks: thickness },
    });
  if (device === 'top-jamb' && headFace !== undefined && headFace < topJambFace.value)
    return message('closing.against.headFace', {
      needed: { ticks: topJambFace.value },
      has: { ticks: headFace },
    });
  const slab = valueOrUndefined(facts.slab);
  if (device === 'floor' && slab !== undefined && slab !== 'free')
    return message('closing.against.slab', { slab: { term: `slab.${slab}` } });
  const side = closerSide(device);
  if (side !== undefined && typeof insidePull === 'boolean' && (side === 'pull') !== insidePull)
    return facts.exterior === true
      ? message('closing.against.weather')
      : message('closing.against.publicSide');
  if (values.closerPower.value[device] < 80)
    return message('closing.against.power', { share: values.closerPower.value[device] });
  return undefined;
}

/** The devices of an opening, in the order they are offered, with what speaks against each. */
export function closerAlternatives(at: CloserCase): Alternative[] {
  const devices: CloserDevice[] = [
    'regular',
    'track-pull',
    'parallel',
    'track-push',
    'top-jamb',
    'concealed',
    ...(PIVOTS.has(at.hung) ? (['floor', 'head'] as const) : []),
  ];
  return devices.map((value) => {
    const against = againstCloser(value, at);
    return against ? { value, against } : { value };
  });
}

/** The device for a leaf that closes, with why; undefined while the hand is open that decides it. */
export function closerFor(
  at: CloserCase,
): { device: CloserDevice; why: () => Message } | undefined {
  const { facts, practice, hung, insidePull, headFace } = at;
  const { values } = practice;
  const pull = values.closerPull.value as CloserDevice;
  const push = values.closerPush.value as CloserDevice;
  const asked = facts.provenance?.['closer'] === 'assumed' ? undefined : closerKindOf(facts);
  const face = headFace ?? usualFace(valueOrUndefined(facts.frameMaterial), practice);
  const onPush =
    facts.leafConstruction === 'aluminium-narrow' && face >= values.topJambFace.value
      ? 'top-jamb'
      : push;
  if (facts.operator === true)
    return { device: 'operator', why: () => message('closing.device.operator') };
  if (closesBySprings(hung))
    return { device: 'spring', why: () => message('closing.device.spring') };
  switch (asked) {
    case 'surface-pull':
      return { device: pull, why: () => message('closing.device.asked') };
    case 'surface-push':
      return { device: onPush, why: () => message('closing.device.asked') };
    case 'concealed-overhead':
      return { device: 'concealed', why: () => message('closing.device.asked') };
    case 'floor':
    case 'head':
      return { device: asked, why: () => message('closing.device.asked') };
    case undefined:
  }
  const slab = valueOrUndefined(facts.slab);
  const occupied = slab !== undefined && slab !== 'free';
  if (hung === 'centre-pivot' || swingsBothWays(facts.kind))
    return occupied
      ? {
          device: 'head',
          why: () => message('closing.device.head', { slab: { term: `slab.${slab}` } }),
        }
      : { device: 'floor', why: () => message('closing.device.floor') };
  if (facts.nothingVisible === true)
    return { device: 'concealed', why: () => message('closing.device.hidden') };
  // Leaves that swing opposite ways have their closers where each is pushed.
  if (facts.kind === 'double-egress')
    return { device: push, why: () => message('closing.device.egress') };
  if (insidePull === undefined) return undefined;
  if (insidePull === 'either') return { device: pull, why: () => message('closing.device.either') };
  if (insidePull)
    return {
      device: pull,
      why: () =>
        message(facts.exterior === true ? 'closing.device.pullOut' : 'closing.device.pull'),
    };
  return {
    device: onPush,
    why: () =>
      message(
        onPush === 'top-jamb'
          ? 'closing.device.topJamb'
          : facts.exterior === true
            ? 'closing.device.pushOut'
            : 'closing.device.push',
      ),
  };
}
