import type { LockSpec } from '../catalogue/index.js';
import { remembered } from '../measure/index.js';
import { motionsToOpen, restingState, type LockAction } from '../securing/index.js';

/** In which state an electrified opening is looked at. */
export const POWER_STATES = ['normal', 'alarm', 'power-lost'] as const;
export type PowerState = (typeof POWER_STATES)[number];

/** Who passes: anybody, who has been let in, who has a key, nobody. */
export type Who = 'anybody' | 'released' | 'key' | 'nobody';

/** Who can enter and who can leave in one state. */
export interface PassingIn {
  state: PowerState;
  enter: Who;
  leave: Who;
}

const IN: readonly LockAction[] = ['outside-handle', 'outside-push'];
const OUT: readonly LockAction[] = [
  'inside-handle',
  'inside-push',
  'inside-turn-free',
  'inside-turn-lock',
];

/**
 * Who can enter and leave an electrified lock, normally, in a fire alarm and without power: its machine
 * run through in each. An alarm that reaches it cuts the power of what fails safe.
 */
export const passingIn = remembered((spec: LockSpec, alarmReaches: boolean): readonly PassingIn[] =>
  POWER_STATES.map((state) => {
    const cut =
      state === 'power-lost' || (state === 'alarm' && alarmReaches && spec.power === 'fail-safe');
    const resting = { ...restingState(spec), powered: !cut };
    const passes = (allowed: readonly LockAction[]) =>
      motionsToOpen(spec, resting, allowed) !== undefined;
    return {
      state,
      enter: passes(IN)
        ? 'anybody'
        : passes([...IN, 'outside-card'])
          ? 'released'
          : passes([...IN, 'outside-key-free'])
            ? 'key'
            : 'nobody',
      leave: passes(OUT) ? 'anybody' : passes([...OUT, 'inside-key-free']) ? 'key' : 'nobody',
    };
  }),
);
