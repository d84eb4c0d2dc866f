import type { LockSpec } from '../catalogue/index.js';
import {
  exploreLock,
  INSIDE_FREE,
  isLatching,
  lockStep,
  motionsToOpen,
  OUTSIDE_FREE,
  type LockAction,
  type LockGraph,
  type LockState,
} from '../machines/index.js';

/** What follows from a function, found by looking at every state it can get into. */
export interface LockProperties {
  /** Somebody outside can come in with nothing, in some state that lasts over a closing. */
  canStayOpen: boolean;
  /** In some state nobody comes in from outside without key or tool. */
  canBeLocked: boolean;
  /** A key from outside opens it from every state it can be in. */
  keyAlwaysEnters: boolean;
  /** From inside one motion without key or tool opens it, from every state, powered and not. */
  freeOut: boolean;
  /** In some state nobody inside comes out without a key, whatever he does. */
  canTrap: boolean;
  /** Out takes two motions in some state: the bolt, then the handle. */
  twoMotions: boolean;
  /** Closed behind somebody, it is locked from outside by itself. */
  locksItself: boolean;
  /** It can be locked without a key, from inside or by stops in the edge. */
  locksFromInside: boolean;
  locksFromInsideByKey: boolean;
  locksFromOutside: boolean;
  /** A tool outside opens what was locked from inside. */
  emergencyEnters: boolean;
  /** A card between leaf and jamb can push its latch back while no bolt is out. */
  canBeSlipped: boolean;
  /** Somebody who goes out with nothing can be locked out. */
  canLockOut: boolean;
  /** A latch holds the leaf when it closes. */
  latches: boolean;
  /** Its latch can be held drawn: dogged, snibbed, or by a key. */
  canBeHeldBack: boolean;
  /** Without power somebody can pass who could not, or cannot who could. */
  powerMatters: boolean;
}

const OUTSIDE_CARD: readonly LockAction[] = [...OUTSIDE_FREE, 'outside-card'];
const OUTSIDE_KEY: readonly LockAction[] = [...OUTSIDE_FREE, 'outside-key-free'];

/** Derives what a function is and does, from its machine alone. */
export function propertiesOf(spec: LockSpec, graph: LockGraph = exploreLock(spec)): LockProperties {
  const states = [...graph.states.values()];
  const closed = states.filter((state) => state.closed);
  const enters = (state: LockState, allowed: readonly LockAction[]) =>
    motionsToOpen(spec, state, allowed) !== undefined;
  const out = closed.map((state) => motionsToOpen(spec, state, INSIDE_FREE));
  /** The leaf opened from inside and closed again, with nothing else done. */
  const closedBehind = (state: LockState): LockState | undefined => {
    for (const action of INSIDE_FREE) {
      const step = lockStep(spec, state, action);
      if (step.opens) return lockStep(spec, step.state, 'close').state;
    }
    return undefined;
  };
  // What was held back on purpose says nothing of how it locks.
  const behind = closed
    .filter((state) => !state.heldBack)
    .map(closedBehind)
    .filter((state): state is LockState => state !== undefined);
  const lockedAfter = (actions: readonly LockAction[]) =>
    closed.some((state) =>
      actions.some((action) => {
        const { state: next } = lockStep(spec, state, action);
        return enters(state, OUTSIDE_FREE) && !enters(next, OUTSIDE_FREE) && next.closed;
      }),
    );
  const hasKey = spec.outsideKey.length > 0;
  const powered = (state: LockState) => ({ ...state, powered: true });
  return {
    canStayOpen: behind.some((state) => state.closed && enters(state, OUTSIDE_FREE)),
    canBeLocked: closed.some((state) => !enters(state, OUTSIDE_FREE)),
    keyAlwaysEnters: hasKey && closed.every((state) => enters(state, OUTSIDE_KEY)),
    freeOut: out.every((motions) => motions === 1),
    canTrap: out.some((motions) => motions === undefined),
    twoMotions: out.some((motions) => motions !== undefined && motions > 1),
    locksItself:
      behind.length > 0 && behind.every((state) => state.closed && !enters(state, OUTSIDE_FREE)),
    locksFromInside: lockedAfter(['inside-turn-lock', 'inside-button', 'stop-lock']),
    locksFromInsideByKey: lockedAfter(['inside-key-lock']),
    locksFromOutside: lockedAfter(['outside-key-lock']),
    emergencyEnters:
      spec.emergency &&
      closed
        .filter((state) => !enters(state, OUTSIDE_FREE))
        .every((state) => enters(state, ['emergency', ...OUTSIDE_FREE])),
    canBeSlipped: closed.some(
      (state) => !enters(state, OUTSIDE_FREE) && lockStep(spec, state, 'outside-slip').opens,
    ),
    canLockOut: behind.some((state) => state.closed && !enters(state, OUTSIDE_FREE)),
    latches: isLatching(spec),
    canBeHeldBack: spec.heldBackBy.length > 0,
    powerMatters: closed.some((state) =>
      [OUTSIDE_FREE, OUTSIDE_CARD].some(
        (allowed) => enters(state, allowed) !== enters(powered(state), allowed),
      ),
    ),
  };
}
