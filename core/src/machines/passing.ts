import { LOCK_SPECS, type LockSpec } from '../catalogue/index.js';
import { memoize } from '../measure/index.js';
import { restingState, type LockAction } from './lock.js';
import { motionsToOpen } from './motions.js';
import {
  isHeld,
  isLetGo,
  unlockDelay,
  releaseStep,
  RESTING_RELEASE,
  type Magnet,
  type Release,
  type ReleaseEvent,
} from './release.js';

/** In which state an electrified opening is looked at. */
export const POWER_STATES = ['normal', 'sensor-blind', 'command', 'alarm', 'power-lost'] as const;
export type PowerState = (typeof POWER_STATES)[number];

/** Who passes: anybody, who has been let in, who has a key, nobody. */
export type PassingParty = 'anybody' | 'released' | 'key' | 'nobody';

/** Who can enter and who can leave in one state. */
export interface PassingIn {
  state: PowerState;
  enter: PassingParty;
  leave: PassingParty;
  /** Seconds until it lets out; 0 at once. */
  after: number;
  /** What lets go what is electric for somebody who leaves, last of what is done; undefined where nothing holds. */
  by: ReleaseEvent | undefined;
}

const IN: readonly LockAction[] = ['outside-handle', 'outside-push'];
const OUT: readonly LockAction[] = [
  'inside-handle',
  'inside-push',
  'inside-turn-free',
  'inside-turn-lock',
];

/** A leaf that a magnet alone holds is pushed and pulled. */
const FREE = LOCK_SPECS.find(({ id }) => id === 'passage')!;

const HAPPENS: Readonly<Record<PowerState, ReleaseEvent | undefined>> = {
  normal: undefined,
  'sensor-blind': 'blind',
  command: 'command',
  alarm: 'alarm',
  'power-lost': 'power-off',
};

/** From everybody to nobody: of two things in the way, the one fewer people pass. */
const FEWER: readonly PassingParty[] = ['anybody', 'released', 'key', 'nobody'];
const both = (one: PassingParty, other: PassingParty): PassingParty =>
  FEWER[Math.max(FEWER.indexOf(one), FEWER.indexOf(other))]!;

/**
 * Who can enter and leave an electrified opening: its lock's machine and what is electric beside it run
 * through normally, with a sensor that sees nobody, on the stair's command, in a fire alarm and without
 * power. An alarm that reaches it cuts the power of what fails safe.
 *
 * @param spec the lock; undefined where a magnet alone holds the leaf
 * @param letIn whether anything releases it from outside
 */
export function passingIn(
  spec: LockSpec | undefined,
  { magnet, delay, command, alarm }: Release,
  letIn: boolean,
): readonly PassingIn[] {
  return passing(spec ?? FREE, magnet, delay, command, alarm, letIn);
}

const passing = memoize(
  (
    spec: LockSpec,
    magnet: Magnet,
    delay: number,
    command: boolean,
    alarm: boolean,
    letIn: boolean,
  ): readonly PassingIn[] => {
    const release: Release = { magnet, delay, command, alarm };
    const states = POWER_STATES.filter(
      (state) =>
        (state !== 'sensor-blind' || magnet === 'sensor') && (state !== 'command' || command),
    );
    return states.map((state) => {
      const event = HAPPENS[state];
      const now = event ? releaseStep(release, RESTING_RELEASE, event) : RESTING_RELEASE;
      const cut =
        !now.powered || (spec.power === 'fail-safe' && (now.commanded || isLetGo(release, now)));
      const resting = { ...restingState(spec), powered: !cut };
      const passes = (allowed: readonly LockAction[]) =>
        motionsToOpen(spec, resting, allowed) !== undefined;
      const enters: PassingParty = passes(IN)
        ? 'anybody'
        : letIn && passes([...IN, 'outside-card'])
          ? 'released'
          : passes([...IN, 'outside-key-free'])
            ? 'key'
            : 'nobody';
      const leaves: PassingParty = passes(OUT)
        ? 'anybody'
        : passes([...OUT, 'inside-key-free'])
          ? 'key'
          : 'nobody';
      const goes = unlockDelay(release, now);
      return {
        state,
        enter: isHeld(release, now) ? both(enters, letIn ? 'released' : 'nobody') : enters,
        leave: goes ? leaves : 'nobody',
        after: goes?.seconds ?? 0,
        by: goes?.by.at(-1),
      };
    });
  },
);
