import type { LockSpec } from '../catalogue/index.js';
import { memoize } from '../measure/index.js';
import { exploreLock, restingState, type LockAction, type LockState } from './lock.js';
import { INSIDE_FREE, motionsToOpen, OUTSIDE_FREE } from './motions.js';
import {
  isHeld,
  isLetGo,
  releaseStep,
  RESTING_RELEASE,
  unlockDelay,
  type Release,
  type ReleaseEvent,
} from './release.js';

/** When somebody comes to a door: as it stands by day, locked in whatever way it can be, in need. */
export const CONDITIONS = ['day', 'locked', 'alarm', 'no-power', 'alarm-no-power'] as const;
/** Those, and what happens only to some: a sensor that sees nobody, a stair unlocked by command. */
const EVERY_CONDITION = [...CONDITIONS, 'sensor-blind', 'command'] as const;
export type Condition = (typeof EVERY_CONDITION)[number];

/** From which face of the lock somebody comes. */
export type LockFace = 'inside' | 'outside';

/** What holds the leaf shut: its locks, one above the other, and what is electric beside them. */
export interface Holding {
  readonly locks: readonly LockSpec[];
  /** Undefined where nothing electric holds the leaf. */
  readonly release: Release | undefined;
}

/** Who comes through: anybody, somebody let in, somebody with a key, nobody. */
export type Passer = 'anybody' | 'released' | 'key' | 'nobody';

/** Who comes through from one face in one condition, and how. */
export interface Passage {
  readonly who: Passer;
  /** Motions that open it, of whoever comes through; 0 for nobody. */
  readonly motions: number;
  /** Seconds until it lets through; 0 at once. */
  readonly after: number;
  /** What lets go what is electric, last of what is done. */
  readonly by: ReleaseEvent | undefined;
}

/** Who comes through from both faces in one condition. */
export interface PassageRow {
  readonly condition: Condition;
  readonly inside: Passage;
  readonly outside: Passage;
}

const FREE: Readonly<Record<LockFace, readonly LockAction[]>> = {
  inside: [...INSIDE_FREE, 'inside-let-go'],
  outside: [...OUTSIDE_FREE, 'outside-turn-free', 'outside-turn-lock'],
};
const KEY: Readonly<Record<LockFace, LockAction>> = {
  inside: 'inside-key-free',
  outside: 'outside-key-free',
};

/** Motions that one lock takes; undefined where none of what is allowed opens it, 0 where it does not hold. */
function motionsOf(
  spec: LockSpec,
  state: LockState,
  allowed: readonly LockAction[],
): number | undefined {
  if (spec.latch === 'none' && !state.bolt) return 0;
  return motionsToOpen(spec, state, allowed);
}

/** The most motions over states; undefined as soon as one holds for good. */
function most(
  spec: LockSpec,
  states: readonly LockState[],
  allowed: readonly LockAction[],
): number | undefined {
  let worst = 0;
  for (const state of states) {
    const motions = motionsOf(spec, state, allowed);
    if (motions === undefined) return undefined;
    worst = Math.max(worst, motions);
  }
  return worst;
}

/** The closed states of a lock in which somebody may find it: as it rests, or every one it gets into. */
const statesOf = memoize((spec: LockSpec, locked: boolean, powered: boolean): LockState[] => {
  const found = locked ? [...exploreLock(spec).states.values()] : [restingState(spec)];
  return found.filter(({ closed }) => closed).map((state) => ({ ...state, powered }));
});

/** What one lock asks of somebody at one face: the motions with bare hands, let in, and with a key. */
interface Asked {
  readonly free: number | undefined;
  readonly released: number | undefined;
  readonly key: number | undefined;
}

const askedBy = memoize(
  (spec: LockSpec, face: LockFace, locked: boolean, powered: boolean): Asked => {
    const states = statesOf(spec, locked, powered);
    return {
      free: most(spec, states, FREE[face]),
      released:
        face === 'outside' ? most(spec, states, [...FREE.outside, 'outside-card']) : undefined,
      key: most(spec, states, [...FREE[face], KEY[face]]),
    };
  },
);

const HAPPENS: Readonly<Record<Condition, readonly ReleaseEvent[]>> = {
  day: [],
  locked: [],
  alarm: ['alarm'],
  'no-power': ['power-off'],
  'alarm-no-power': ['alarm', 'power-off'],
  'sensor-blind': ['blind'],
  command: ['command'],
};

const ASKS = ['free', 'released', 'key'] as const;
const PASSER = { free: 'anybody', released: 'released', key: 'key' } as const;

const NOBODY: Passage = { who: 'nobody', motions: 0, after: 0, by: undefined };

/**
 * Says who comes through from one face in one condition: run through the machines of its locks and of what is
 * electric beside them, in the worst state that the condition allows.
 *
 * @param holding what holds the leaf shut
 * @param face from which face somebody comes
 * @param condition when
 * @param letIn whether somebody outside can be let in: a reader, an intercom
 * @returns who comes through, in how many motions, after how many seconds
 */
export function passageOf(
  { locks, release }: Holding,
  face: LockFace,
  condition: Condition,
  letIn: boolean,
): Passage {
  let state = RESTING_RELEASE;
  if (release) for (const event of HAPPENS[condition]) state = releaseStep(release, state, event);
  const blackout = condition === 'no-power' || condition === 'alarm-no-power';
  const letGo = release !== undefined && (isLetGo(release, state) || state.commanded);
  const locked = condition !== 'day';
  const asked = locks.map((spec) => {
    const powered = spec.battery || !(blackout || (spec.power === 'fail-safe' && letGo));
    return askedBy(spec, face, locked, powered);
  });
  const held = release !== undefined && isHeld(release, state);
  // Inside is the side that sensor, button and hardware let go from.
  const goes = release && face === 'inside' ? unlockDelay(release, state) : undefined;
  if (release && face === 'inside' && !goes) return NOBODY;
  for (const ask of ASKS) {
    if (ask === 'released' && !letIn) continue;
    let motions = 0;
    let passes = true;
    for (const one of asked) {
      const takes = one[ask] ?? (ask === 'key' ? undefined : one.free);
      if (takes === undefined) passes = false;
      else motions += takes;
    }
    // A magnet lets nobody in but whoever is let in.
    if (held && face === 'outside' && !(ask === 'released' && letIn)) continue;
    if (passes)
      return {
        who: PASSER[ask],
        motions: Math.max(1, motions),
        after: goes?.seconds ?? 0,
        by: goes?.by.at(-1),
      };
  }
  return NOBODY;
}

/**
 * Draws up who comes through a door, when and how: both faces in every condition. Without anything electric
 * alarm and want of power change nothing and are left out.
 *
 * @param holding what holds the leaf shut
 * @param letIn whether somebody outside can be let in
 */
export function passageMatrix(holding: Holding, letIn: boolean): PassageRow[] {
  const electric =
    holding.release !== undefined || holding.locks.some(({ power }) => power !== 'none');
  return EVERY_CONDITION.filter((condition) => {
    if (condition === 'sensor-blind') return holding.release?.magnet === 'sensor';
    if (condition === 'command') return holding.release?.command === true;
    return electric || condition === 'day' || condition === 'locked';
  }).map((condition) => ({
    condition,
    inside: passageOf(holding, 'inside', condition, letIn),
    outside: passageOf(holding, 'outside', condition, letIn),
  }));
}
