import { defineRules } from '../model/index.js';

/** What laws find: how grave each is, and who answers. */
export const LAW_RULES = defineRules({
  'law.shutIn': { levels: ['stop'], who: 'authority' },
  'law.shutInAsked': { levels: ['check'], who: 'specifier' },
  'law.noHelp': { levels: ['check'], who: 'specifier' },
  'law.childLocks': { levels: ['check'], who: 'specifier' },
  'law.shutOut': { levels: ['check', 'note'], who: 'specifier' },
  'law.stairLocked': { levels: ['check', 'note'], who: 'authority' },
  'law.shutInCold': { levels: ['stop'], who: 'authority' },
  'law.barAsked': { levels: ['check'], who: 'specifier' },
  'law.secondByHand': { levels: ['stop', 'check'], who: 'authority' },
  'law.swingBoth': { levels: ['check'], who: 'authority' },
  'law.swingHazard': { levels: ['stop', 'check'], who: 'authority' },
  'law.swingExit': { levels: ['check'], who: 'authority' },
  'law.swingAsked': { levels: ['check'], who: 'authority' },
  'law.swingStair': { levels: ['check'], who: 'specifier' },
  'law.toiletIn': { levels: ['stop', 'check'], who: 'authority' },
  'law.toiletFloor': { levels: ['note'], who: 'authority' },
  'law.specialWidth': { levels: ['check'], who: 'authority' },
  'law.faultIn': { levels: ['stop', 'check'], who: 'authority' },
  'law.ratedOpen': { levels: ['check'], who: 'authority' },
  'law.smokeAround': { levels: ['stop', 'check'], who: 'authority' },
  'law.smokeUnder': { levels: ['check'], who: 'authority' },
  'law.secondLoose': { levels: ['stop', 'check'], who: 'authority' },
  'law.leafNeverRated': { levels: ['stop'], who: 'leafMaker' },
  'law.leafSeldomRated': { levels: ['check'], who: 'leafMaker' },
  'law.frameRated': { levels: ['stop'], who: 'authority' },
  'law.notRated': { levels: ['check', 'note'], who: 'authority' },
  'law.garageSleeping': { levels: ['stop', 'check'], who: 'authority' },
  'law.reachIn': { levels: ['note'], who: 'specifier' },
  'law.unseen': { levels: ['check'], who: 'specifier' },
  'law.fingers': { levels: ['check', 'note'], who: 'specifier' },
  'law.approach': { levels: ['check'], who: 'authority' },
  'law.unhung': { levels: ['check'], who: 'specifier' },
  'law.unshut': { levels: ['check'], who: 'specifier' },
  'law.shutTwice': { levels: ['check'], who: 'specifier' },
  'law.unstruck': { levels: ['check'], who: 'specifier' },
  'law.unordered': { levels: ['check'], who: 'specifier' },
  'law.unfed': { levels: ['check'], who: 'electrician' },
  'law.unwired': { levels: ['check'], who: 'electrician' },
  'law.over': { levels: ['check'], who: 'specifier' },
  'law.writtenCut': { levels: ['stop'], who: 'specifier' },
  'law.leftOut': { levels: ['check'], who: 'authority' },
});

type Declared = typeof LAW_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
