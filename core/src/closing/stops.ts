import { wholeDown } from '../measure/index.js';
import {
  valueOrUndefined,
  message,
  type OpeningFacts,
  type Message,
  type Basis,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { CloserDevice, StopKind } from './decisions.js';

/** What a stop is chosen for. */
export interface StopCase {
  facts: OpeningFacts;
  practice: Practice;
  device: CloserDevice | undefined;
  /** The widest the leaf opens, degrees, where something is in its way. */
  widest: number | undefined;
  /** Whether it is a gate, which its post stops. */
  gate?: boolean;
  /** Whether a magnet holds it where it stops. */
  held?: boolean;
  /** Whether the leaf swings out of the building or the room it is locked for. */
  outward: boolean;
}

export interface Stopped {
  stop: StopKind;
  why: () => Message;
  basis: Basis;
}

/**
 * What stops the leaf: a wall where it comes to one, the arm of a parallel closer or an overhead stop
 * where it opens into the open or against glass, a floor stop else (handbook, “Stops and hold-open”).
 */
export function stopFor(at: StopCase): Stopped {
  const { facts, practice, device, widest, outward, held } = at;
  const { stopAngles, stopUsual } = practice.values;
  const { from, to } = stopAngles.value;
  const against = valueOrUndefined(facts.openAgainst);
  const byArm = device === 'parallel' || device === 'top-jamb';
  const overhead: StopKind = byArm ? 'arm' : 'overhead';
  const told = (stop: StopKind, why: () => Message, basis: Basis = 'derived') => ({
    stop,
    why,
    basis,
  });
  if (device === 'floor' || device === 'head')
    return told('none', () => message('closing.stop.inCloser'));
  if (at.gate) return told('none', () => message('closing.stop.gate'));
  if (held) return told('none', () => message('closing.stop.holder'));
  if (against === 'glass') return told(overhead, () => message('closing.stop.glass'));
  if (against === 'wall') return told('wall', () => message('closing.stop.wall'));
  if (widest !== undefined && widest >= from && widest <= to)
    return told('wall', () =>
      message('closing.stop.meets', { angle: { degrees: wholeDown(widest) } }),
    );
  if (facts.exterior === true && outward)
    return told(overhead, () => message(byArm ? 'closing.stop.outArm' : 'closing.stop.out'));
  if (against === 'nothing')
    return facts.frequency === 'high'
      ? told(overhead, () => message('closing.stop.busy'))
      : told('floor', () => message('closing.stop.floor'));
  return told(stopUsual.value as StopKind, () => message('closing.stop.assumed'), 'assumed');
}

/** What speaks against a stop. */
export function againstStop(stop: StopKind, { facts, device }: StopCase): Message | undefined {
  const against = valueOrUndefined(facts.openAgainst);
  if (stop === 'wall' && (against === 'glass' || against === 'nothing'))
    return message('closing.against.noWall');
  if (stop === 'floor' && facts.frequency === 'high') return message('closing.against.trip');
  if (stop === 'arm' && device !== 'parallel' && device !== 'top-jamb')
    return message('closing.against.noArm');
  if (stop === 'overhead' && (device === 'regular' || device === 'track-pull'))
    return message('closing.against.overhead');
  return undefined;
}
