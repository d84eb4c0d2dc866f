import { known, said, type OpeningFacts, type Said, type Basis } from '../opening/index.js';
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
  why: () => Said;
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
  const against = known(facts.openAgainst);
  const byArm = device === 'parallel' || device === 'top-jamb';
  const overhead: StopKind = byArm ? 'arm' : 'overhead';
  const told = (stop: StopKind, why: () => Said, basis: Basis = 'derived') => ({
    stop,
    why,
    basis,
  });
  if (device === 'floor' || device === 'head')
    return told('none', () => said('closing.stop.inCloser'));
  if (at.gate) return told('none', () => said('closing.stop.gate'));
  if (held) return told('none', () => said('closing.stop.holder'));
  if (against === 'glass') return told(overhead, () => said('closing.stop.glass'));
  if (against === 'wall') return told('wall', () => said('closing.stop.wall'));
  if (widest !== undefined && widest >= from && widest <= to)
    return told('wall', () =>
      said('closing.stop.meets', { angle: { degrees: Math.floor(widest) } }),
    );
  if (facts.exterior === true && outward)
    return told(overhead, () => said(byArm ? 'closing.stop.outArm' : 'closing.stop.out'));
  if (against === 'nothing')
    return facts.frequency === 'high'
      ? told(overhead, () => said('closing.stop.busy'))
      : told('floor', () => said('closing.stop.floor'));
  return told(stopUsual.value as StopKind, () => said('closing.stop.assumed'), 'assumed');
}

/** What speaks against a stop. */
export function againstStop(stop: StopKind, { facts, device }: StopCase): Said | undefined {
  const against = known(facts.openAgainst);
  if (stop === 'wall' && (against === 'glass' || against === 'nothing'))
    return said('closing.against.noWall');
  if (stop === 'floor' && facts.frequency === 'high') return said('closing.against.trip');
  if (stop === 'arm' && device !== 'parallel' && device !== 'top-jamb')
    return said('closing.against.noArm');
  if (stop === 'overhead' && (device === 'regular' || device === 'track-pull'))
    return said('closing.against.overhead');
  return undefined;
}
