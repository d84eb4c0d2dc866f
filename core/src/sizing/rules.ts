import { defineRules } from '../model/index.js';

/** What may be found in sizing: how grave each is, and who answers. */
export const SIZING_RULES = defineRules({
  'sizing.impossible': { levels: ['stop'], who: 'specifier' },
  'sizing.gapNegative': { levels: ['stop'], who: 'specifier' },
  'sizing.ratedGap': { levels: ['check'], who: 'authority' },
  'sizing.doesNotClose': { levels: ['stop'], who: 'specifier' },
  'sizing.ratedUndercut': { levels: ['check'], who: 'source' },
  'sizing.remeasure': { levels: ['stop'], who: 'specifier' },
  'sizing.cutBeyond': { levels: ['stop'], who: 'leafMaker' },
  'sizing.wideLeaf': { levels: ['check'], who: 'source' },
  'sizing.trimUnknown': { levels: ['check'], who: 'specifier' },
  'sizing.asMadeGaps': { levels: ['stop', 'check'], who: 'specifier' },
  'sizing.ratedTrim': { levels: ['check'], who: 'authority' },
  'sizing.copyUnread': { levels: ['check'], who: 'specifier' },
  'sizing.copyTaper': { levels: ['check'], who: 'specifier' },
  'sizing.copyHinge': { levels: ['note'], who: 'specifier' },
  'sizing.leafAgainstFrame': { levels: ['check'], who: 'specifier' },
});

type Declared = typeof SIZING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
