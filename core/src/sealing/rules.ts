import { defineRules } from '../model/index.js';

/** What may be found in sealing: how grave each is, and who answers. */
export const SEALING_RULES = defineRules({
  'sealing.plunger': { levels: ['note'], who: 'specifier', once: true },
  'sealing.airUnder': { levels: ['check'], who: 'specifier' },
  'sealing.soundLeaf': { levels: ['check', 'note'], who: 'leafMaker' },
  'sealing.dropShort': { levels: ['check'], who: 'specifier' },
  'sealing.airRated': { levels: ['check'], who: 'source' },
  'sealing.corners': { levels: ['note'], who: 'specifier', once: true },
  'sealing.force': { levels: ['note'], who: 'specifier', once: true },
  'sealing.soundShort': { levels: ['check', 'note'], who: 'specifier' },
  'sealing.closes': { levels: ['note'], who: 'specifier' },
  'sealing.soundFloor': { levels: ['check'], who: 'specifier' },
});

type Declared = typeof SEALING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
