import type { LockSpec } from '../catalogue/index.js';

/** What of a lock is thrown, blocked or powered, and whether the leaf stands closed. */
export interface LockState {
  bolt: boolean;
  /** Outside handle blocked. */
  outside: boolean;
  /** Inside handle blocked. */
  inside: boolean;
  /** What blocks the outside handle was set to stay: a push-and-turn button, turned. */
  stays: boolean;
  /** The latch is held drawn: dogged, snibbed, or by a key. */
  heldBack: boolean;
  powered: boolean;
  closed: boolean;
}

/** What a person can do to a lock. `-lock` and `-free` are the two ways a key or a turn is turned. */
export const LOCK_ACTIONS = [
  'inside-handle',
  'outside-handle',
  'inside-push',
  'outside-push',
  'inside-turn-lock',
  'inside-turn-free',
  'outside-turn-lock',
  'outside-turn-free',
  'inside-button',
  'inside-hold-back',
  'inside-let-go',
  'outside-key-hold-back',
  'outside-key-let-go',
  'inside-key-lock',
  'inside-key-free',
  'outside-key-lock',
  'outside-key-free',
  'stop-lock',
  'stop-free',
  'emergency',
  'outside-card',
  'close',
  'power-off',
  'power-on',
  'outside-slip',
] as const;
export type LockAction = (typeof LOCK_ACTIONS)[number];

/** What an action comes to. */
export interface LockStep {
  state: LockState;
  /** Withdrawn while the action lasts. */
  latch: boolean;
  /** Whether the leaf comes open by it. */
  opens: boolean;
}

/** Whether a latch holds the leaf by itself. */
export function isLatching(spec: LockSpec): boolean {
  return spec.latch === 'spring' || spec.latch === 'dead-latching';
}

/** How the lock stands when nobody has done anything: closed, powered, as the key was taken out. */
export function restingState(spec: LockSpec): LockState {
  return {
    bolt: false,
    outside: spec.startsBlocked,
    inside: false,
    stays: false,
    heldBack: false,
    powered: true,
    closed: true,
  };
}

/** Whether a lock has what the action works on. */
export function hasAction(spec: LockSpec, action: LockAction): boolean {
  switch (action) {
    case 'inside-handle':
      return spec.insideHandle !== 'none';
    case 'outside-handle':
      return spec.outsideHandle !== 'none';
    case 'inside-turn-lock':
    case 'inside-turn-free':
      return spec.insideTurn.length > 0;
    case 'outside-turn-lock':
    case 'outside-turn-free':
      return spec.outsideTurn.length > 0;
    case 'inside-button':
      return spec.insideButton;
    case 'inside-hold-back':
    case 'inside-let-go':
      return spec.heldBackBy.includes('inside');
    case 'outside-key-hold-back':
    case 'outside-key-let-go':
      return spec.heldBackBy.includes('outside-key');
    case 'inside-key-lock':
    case 'inside-key-free':
      return spec.insideKey.length > 0;
    case 'outside-key-lock':
    case 'outside-key-free':
      return spec.outsideKey.length > 0;
    case 'stop-lock':
    case 'stop-free':
      return spec.edgeStops;
    case 'emergency':
      return spec.emergency;
    case 'close':
      return true;
    // Nothing but a roller, or nothing at all, holds the leaf: it is pushed or pulled.
    case 'inside-push':
    case 'outside-push':
      return spec.latch === 'none' || spec.latch === 'roller' || spec.heldBackBy.length > 0;
    case 'outside-card':
      return spec.power !== 'none';
    case 'power-off':
    case 'power-on':
      return spec.power !== 'none';
    case 'outside-slip':
      return isLatching(spec);
  }
}

/** The actions there are on a lock, in one order. */
export function actionsOf(spec: LockSpec): LockAction[] {
  return LOCK_ACTIONS.filter((action) => hasAction(spec, action));
}

/** Whether the outside handle withdraws nothing just now. */
function outsideBlocked(spec: LockSpec, state: LockState): boolean {
  if (spec.outsideHandle !== 'moves') return true;
  // Without power the handle falls to its side; with it, it stays blocked until access is given.
  if (spec.power !== 'none' && !state.powered) return spec.power === 'fail-secure';
  return state.outside;
}

/** Turns a key or a turn: towards locking, or towards freeing; what it works on follows. */
function worked(
  spec: LockSpec,
  state: LockState,
  works: readonly string[],
  way: 'lock' | 'free',
  key: boolean,
): { state: LockState; latch: boolean } {
  const next = { ...state };
  let latch = false;
  if (way === 'lock') {
    if (works.includes('bolt') && spec.bolt) next.bolt = true;
    if (works.includes('outside')) next.outside = true;
    if (works.includes('inside')) next.inside = true;
    return { state: next, latch };
  }
  const thrown = state.bolt && works.includes('bolt');
  if (thrown) next.bolt = false;
  if (works.includes('outside')) next.outside = false;
  if (works.includes('inside')) next.inside = false;
  // A key withdraws the bolt first; turned on, or with no bolt out, the latch.
  if (works.includes('latch') && spec.latch !== 'none' && (!state.bolt || thrown)) latch = true;
  if (key && spec.freedBy.includes('outside-key') && !state.stays) next.outside = false;
  return { state: next, latch };
}

/** What an action comes to: the state after it and whether the latch is drawn; undefined where it has no effect. */
type Effect = (
  spec: LockSpec,
  state: LockState,
) => { state: LockState; latch: boolean } | undefined;

const drawsLatch = (state: LockState) => ({ state: { ...state }, latch: true });
const becomes = (change: Partial<LockState>): Effect => {
  return (_spec, state) => ({ state: { ...state, ...change }, latch: false });
};

/** Turning or keying it locked: the latch is not drawn. */
const locks =
  (by: 'insideTurn' | 'outsideTurn' | 'insideKey' | 'outsideKey'): Effect =>
  (spec, state) => ({ state: worked(spec, state, spec[by], 'lock', false).state, latch: false });
const frees =
  (by: 'insideTurn' | 'outsideTurn' | 'insideKey' | 'outsideKey', key: boolean): Effect =>
  (spec, state) =>
    worked(spec, state, spec[by], 'free', key);
/** Pushing or pulling moves a leaf that nothing latches. */
const pushes: Effect = (spec, state) =>
  isLatching(spec) && !state.heldBack ? undefined : drawsLatch(state);

/** Every action of a lock. */
const EFFECTS: Readonly<Record<LockAction, Effect>> = {
  'inside-handle': (spec, state) => {
    if (spec.insideHandle === 'rigid' || state.inside) return undefined;
    const { state: next, latch } = drawsLatch(state);
    if (spec.handleDrawsBolt) next.bolt = false;
    if (spec.freedBy.includes('inside-handle') && !state.stays) next.outside = false;
    return { state: next, latch };
  },
  'outside-handle': (spec, state) => (outsideBlocked(spec, state) ? undefined : drawsLatch(state)),
  'inside-push': pushes,
  'outside-push': pushes,
  // Access given: the handle outside moves once.
  'outside-card': (_spec, state) => (state.powered ? drawsLatch(state) : undefined),
  // Closed, the strike holds the dead-latch pin in, and the latch out.
  'outside-slip': (spec, state) =>
    !state.closed || state.bolt || state.heldBack || spec.latch !== 'spring'
      ? undefined
      : drawsLatch(state),
  'inside-turn-lock': (spec, state) => {
    const { state: next } = worked(spec, state, spec.insideTurn, 'lock', false);
    // A button that is pushed and turned stays until it is turned back.
    if (spec.insideButton && spec.insideTurn.includes('outside')) next.stays = true;
    return { state: next, latch: false };
  },
  'inside-turn-free': (spec, state) => {
    const { state: next, latch } = worked(spec, state, spec.insideTurn, 'free', false);
    next.stays = false;
    return { state: next, latch };
  },
  'outside-turn-lock': locks('outsideTurn'),
  'outside-turn-free': frees('outsideTurn', false),
  'inside-hold-back': becomes({ heldBack: true }),
  'outside-key-hold-back': becomes({ heldBack: true }),
  'inside-let-go': becomes({ heldBack: false }),
  'outside-key-let-go': becomes({ heldBack: false }),
  'inside-button': becomes({ outside: true }),
  'stop-lock': becomes({ outside: true }),
  'stop-free': becomes({ outside: false }),
  'inside-key-lock': locks('insideKey'),
  'inside-key-free': frees('insideKey', false),
  'outside-key-lock': locks('outsideKey'),
  'outside-key-free': frees('outsideKey', true),
  emergency: (spec, state) => ({
    state: {
      ...state,
      outside: false,
      bolt: spec.insideKey.includes('bolt') ? state.bolt : false,
    },
    // Where no handle works outside, what opens it in need is a key that draws latch and bolt.
    latch: spec.outsideHandle === 'rigid',
  }),
  close: (spec, state) => {
    // A thrown bolt meets the jamb: the leaf does not close.
    if (state.closed || state.bolt) return undefined;
    const next = { ...state, closed: true };
    if (spec.freedBy.includes('closing') && !state.stays) next.outside = false;
    if (spec.boltsOnClosing && spec.bolt) next.bolt = true;
    return { state: next, latch: false };
  },
  'power-off': becomes({ powered: false }),
  'power-on': becomes({ powered: true }),
};

/**
 * One step of a lock: what an action does in a state. The one interpreter of every function. An action
 * the lock has not, or that has no effect just now, leaves it as it is.
 */
export function lockStep(spec: LockSpec, state: LockState, action: LockAction): LockStep {
  const effect = hasAction(spec, action) ? EFFECTS[action](spec, state) : undefined;
  if (!effect) return { state, latch: false, opens: false };
  const { state: next, latch } = effect;
  // Turning the bolt back and pulling is one motion where no latch holds the leaf as well.
  const drawn = latch || (spec.latch === 'none' && state.bolt && !next.bolt);
  const opens = state.closed && drawn && !next.bolt;
  if (opens) next.closed = false;
  return { state: next, latch, opens };
}

/** A state as a short key, the same for the same state. */
export function stateKey(state: LockState): string {
  return [
    state.bolt,
    state.outside,
    state.inside,
    state.stays,
    state.heldBack,
    state.powered,
    state.closed,
  ]
    .map((one) => (one ? '1' : '0'))
    .join('');
}

/** One transition of a lock: it leads somewhere else, or draws what holds the leaf. */
export interface Transition {
  from: string;
  action: LockAction;
  to: string;
  step: LockStep;
}

/** Every state a lock can get into and every action in each that does something. */
export interface LockGraph {
  states: Map<string, LockState>;
  transitions: Transition[];
  start: string;
}

/**
 * Explores a lock from its resting state: all states, all transitions that have an effect. What only
 * a burglar does, pushing the latch back, is no use of the lock and stands beside.
 */
export function exploreLock(spec: LockSpec): LockGraph {
  const rest = restingState(spec);
  const states = new Map([[stateKey(rest), rest]]);
  const transitions: Transition[] = [];
  const actions = actionsOf(spec).filter((action) => action !== 'outside-slip');
  for (const [from, state] of states) {
    for (const action of actions) {
      const step = lockStep(spec, state, action);
      const to = stateKey(step.state);
      if (to === from && !step.latch) continue;
      if (!states.has(to)) states.set(to, step.state);
      transitions.push({ from, action, to, step });
    }
  }
  return { states, transitions, start: stateKey(rest) };
}
