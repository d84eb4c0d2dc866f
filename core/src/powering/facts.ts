import { choiceFact, countFact, swings, yesNoFact, type FactsOf } from '../model/index.js';

/** What tells an electrified opening to let somebody in. */
const ACCESS = ['none', 'keypad', 'reader', 'intercom', 'button'] as const;
export type Access = (typeof ACCESS)[number];

/** A magnet on the frame: none; let go by a sensor and a button; by a switch in lever or bar. */
export const ELECTRIC_LOCKS = ['none', 'sensor-magnet', 'hardware-magnet'] as const;

/** Back from a stair: never locked, unlocked by command from one place, by the fire alarm. */
const REENTRIES = ['free', 'command', 'alarm'] as const;

/** Facts about power. */
export const POWERING_FACTS = {
  /** What releases it from outside. */
  access: choiceFact(ACCESS, 'access', { by: 'owner', first: true }),
  /** A magnet that holds the leaf shut, and what lets it go for people who leave. */
  electricLock: choiceFact(ELECTRIC_LOCKS, 'electricLock', { by: 'electrician', applies: swings }),
  /** How people come back from a stair to its storeys. */
  stairReentry: choiceFact(REENTRIES, 'stairReentry', { by: 'authority', applies: swings }),
  /** Whether power or a signal passes from frame to leaf. */
  wireToLeaf: yesNoFact({ by: 'electrician', first: true, applies: swings }),
  /** Whether an operator opens it by power. */
  operator: yesNoFact({ by: 'electrician', first: true }),
  /** Whether somebody is told that it stands open. */
  monitored: yesNoFact({ by: 'electrician' }),
  /** Whether the fire alarm reaches the opening and lets go what it holds. */
  alarmReleases: yesNoFact({ by: 'electrician' }),
  /** Volts of the supply. */
  supplyVolts: countFact(240, { by: 'electrician' }),
  /** Length of the cable from the supply, metres. */
  cableRun: countFact(2000, { by: 'electrician' }),
  /** Hours the supply shall last without mains. */
  standbyHours: countFact(168, { by: 'electrician' }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof POWERING_FACTS> {}
}
