import { defineRules } from '../model/index.js';

/** What may be found in hanging: how grave each is, and who answers. */
export const HANGING_RULES = defineRules({
  'hanging.rebatedHinges': { levels: ['note'], who: 'specifier' },
  'hanging.noRoom': { levels: ['stop'], who: 'specifier' },
  'hanging.clearShort': { levels: ['stop', 'check'], who: 'source' },
  'hanging.opensShort': { levels: ['stop'], who: 'specifier' },
  'hanging.ratingUnknown': { levels: ['check'], who: 'specifier', once: true },
  'hanging.heelGap': { levels: ['stop'], who: 'specifier' },
  'hanging.openToUnknown': { levels: ['check'], who: 'specifier' },
  'hanging.noButt': { levels: ['stop'], who: 'specifier' },
  'hanging.slabOccupied': { levels: ['stop', 'check'], who: 'structure' },
  'hanging.slabUnknown': { levels: ['note'], who: 'structure' },
  'hanging.pivotThreshold': { levels: ['note'], who: 'structure' },
  'hanging.centreListed': { levels: ['check'], who: 'authority' },
  'hanging.openToShort': { levels: ['stop'], who: 'specifier' },
  'hanging.drillInListed': { levels: ['note'], who: 'authority' },
  'hanging.closerTemplated': { levels: ['check'], who: 'specifier' },
  'hanging.setIgnored': { levels: ['note'], who: 'specifier' },
  'hanging.useUnknown': { levels: ['note'], who: 'specifier' },
  'hanging.setOverlap': { levels: ['stop'], who: 'specifier' },
  'hanging.tooHeavy': { levels: ['stop'], who: 'specifier' },
  'hanging.noGrade': { levels: ['stop'], who: 'specifier' },
  'hanging.slabShallow': { levels: ['stop'], who: 'structure' },
  'hanging.securedUnknown': { levels: ['note'], who: 'specifier' },
  'hanging.trimTooDeep': { levels: ['stop'], who: 'specifier' },
  'hanging.concealedListed': { levels: ['check'], who: 'authority' },
  'hanging.jambUnknown': { levels: ['check'], who: 'frameMaker' },
  'hanging.brassRated': { levels: ['stop'], who: 'authority' },
  'hanging.plainBearing': { levels: ['stop', 'check'], who: 'source' },
  'hanging.fewHinges': { levels: ['stop', 'check'], who: 'source' },
  'hanging.continuousListed': { levels: ['check'], who: 'authority' },
  'hanging.springHeavy': { levels: ['check'], who: 'specifier' },
  'hanging.oldHeadGap': { levels: ['check'], who: 'specifier' },
  'hanging.concealedThin': { levels: ['stop'], who: 'specifier' },
  'hanging.springSlams': { levels: ['stop'], who: 'specifier' },
  'hanging.springAccessible': { levels: ['stop', 'check'], who: 'authority' },
  'hanging.springUnchecked': { levels: ['note'], who: 'specifier' },
  'hanging.jambShallow': { levels: ['stop'], who: 'frameMaker' },
  'hanging.wireTop': { levels: ['stop'], who: 'specifier' },
  'hanging.pinExposed': { levels: ['check'], who: 'specifier' },
  'hanging.patternMisses': { levels: ['stop'], who: 'specifier' },
});

type Declared = typeof HANGING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
