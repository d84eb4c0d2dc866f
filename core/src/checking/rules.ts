import { defineRules } from '../model/index.js';

/** What may be found across stages and openings: how grave each is, and who answers. */
export const CHECKING_RULES = defineRules({
  'checking.under': { levels: ['stop'], who: 'specifier' },
  'checking.beyond': { levels: ['stop'], who: 'specifier' },
  'checking.lead': { levels: ['note'], who: 'leafMaker' },
  'choice.nothing': { levels: ['check'], who: 'specifier' },
  'choice.notTaken': { levels: ['check'], who: 'specifier' },
  'checking.holeRated': { levels: ['check'], who: 'authority' },
  'checking.twoLeavesHand': { levels: ['note'], who: 'specifier' },
  'checking.ratedNoCloser': { levels: ['stop'], who: 'authority' },
  'checking.knob': { levels: ['stop', 'check'], who: 'source' },
  'catalogue.gone': { levels: ['check'], who: 'specifier' },
  'checking.joint': { levels: ['check'], who: 'leafMaker' },
  'checking.threshold': { levels: ['stop', 'check'], who: 'authority' },
  'checking.blockingUnknown': { levels: ['note'], who: 'leafMaker', once: true },
  'checking.twoLeaves': { levels: ['stop'], who: 'frameMaker' },
  'checking.sealSeen': { levels: ['check'], who: 'specifier' },
  'checking.noWire': { levels: ['stop'], who: 'electrician' },
  'checking.overlap': { levels: ['stop'], who: 'specifier' },
  'checking.ratedNoCloserWhere': { levels: ['check'], who: 'authority' },
  'checking.glassRated': { levels: ['check'], who: 'authority' },
  'checking.thin': { levels: ['check'], who: 'specifier' },
  'checking.noBlocking': { levels: ['check'], who: 'leafMaker' },
  'checking.void': { levels: ['stop'], who: 'leafMaker' },
  'checking.garageStep': { levels: ['note'], who: 'authority' },
  'checking.skin': { levels: ['check'], who: 'leafMaker' },
  'catalogue.lacks.trait': { levels: ['stop'], who: 'specifier' },
  'catalogue.lacks.listed': { levels: ['stop'], who: 'specifier' },
  'catalogue.lacks.leaf': { levels: ['stop'], who: 'specifier' },
  'checking.poolSwing': { levels: ['stop'], who: 'authority' },
  'checking.thresholdBevel': { levels: ['note'], who: 'authority' },
  'checking.jointAssumed': { levels: ['note'], who: 'leafMaker' },
  'checking.way.narrow': { levels: ['check'], who: 'authority' },
  'catalogue.lacks.function': { levels: ['stop'], who: 'specifier' },
  'catalogue.lacks.backset': { levels: ['stop'], who: 'specifier' },
  'catalogue.lacks.leafThick': { levels: ['stop'], who: 'specifier' },
  'checking.across.mark': { levels: ['check'], who: 'specifier' },
  'checking.across.markDiffers': { levels: ['check'], who: 'specifier' },
  'checking.across.odd': { levels: ['check'], who: 'specifier' },
  'checking.across.keyed': { levels: ['check'], who: 'specifier' },
  'checking.across.strike': { levels: ['check'], who: 'specifier' },
  'checking.across.noWayOut': { levels: ['check'], who: 'authority' },
  'checking.across.oneWay': { levels: ['check'], who: 'authority' },
  'checking.across.deadEnd': { levels: ['note'], who: 'authority' },
});

type Declared = typeof CHECKING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
