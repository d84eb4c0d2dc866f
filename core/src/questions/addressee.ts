import type { OpeningFacts } from '../model/index.js';

/** To whom a question goes. */
export const ADDRESSEES = [
  'architect',
  'owner',
  'authority',
  'leafMaker',
  'frameMaker',
  'electrician',
  'locksmith',
] as const;
export type Addressee = (typeof ADDRESSEES)[number];

type FactName = keyof OpeningFacts;

const BY_FACT: Readonly<Partial<Record<FactName, Addressee>>> = {
  lockUse: 'owner',
  secured: 'owner',
  access: 'owner',
  finish: 'architect',
  passagesPerDay: 'owner',
  frequency: 'owner',
  traffic: 'owner',
  occupants: 'architect',
  occupancy: 'authority',
  escape: 'authority',
  egress: 'authority',
  stairReentry: 'authority',
  rating: 'architect',
  smoke: 'architect',
  delayed: 'authority',
  leafMass: 'leafMaker',
  leafThickness: 'leafMaker',
  stileWidth: 'leafMaker',
  topRail: 'leafMaker',
  midRail: 'leafMaker',
  bottomRail: 'leafMaker',
  blocking: 'leafMaker',
  screwHold: 'leafMaker',
  listedTrim: 'leafMaker',
  leafSound: 'leafMaker',
  glassThickness: 'leafMaker',
  frameFace: 'frameMaker',
  rabbetDepth: 'frameMaker',
  jambDepth: 'frameMaker',
  reveal: 'frameMaker',
  stopWidth: 'frameMaker',
  lockKind: 'locksmith',
  backset: 'locksmith',
  latchThrow: 'locksmith',
  boltThrow: 'locksmith',
  amperes: 'electrician',
};

const ELECTRIC: ReadonlySet<string> = new Set([
  'wireToLeaf',
  'operator',
  'monitored',
  'alarmReleases',
  'electricLock',
  'supplyVolts',
  'cableRun',
  'standbyHours',
]);

/** Who can say what a fact is: whoever drew the building, unless it is another’s part. */
export function addresseeOf(fact: string): Addressee {
  return ELECTRIC.has(fact) ? 'electrician' : (BY_FACT[fact as FactName] ?? 'architect');
}
