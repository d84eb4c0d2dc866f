import { defineRules } from '../model/index.js';

/** What may be found in closing: how grave each is, and who answers. */
export const CLOSING_RULES = defineRules({
  'closing.reveal': { levels: ['note'], who: 'frameMaker' },
  'closing.transom': { levels: ['check'], who: 'specifier' },
  'closing.beyond': { levels: ['check'], who: 'specifier' },
  'closing.delayed': { levels: ['check'], who: 'specifier' },
  'closing.time': { levels: ['note'], who: 'source', once: true },
  'closing.forceRated': { levels: ['check', 'note'], who: 'source' },
  'closing.armShort': { levels: ['check'], who: 'specifier' },
  'closing.pressureNone': { levels: ['stop'], who: 'specifier' },
  'closing.forceNone': { levels: ['check'], who: 'authority' },
  'closing.pressure': { levels: ['check'], who: 'specifier' },
  'closing.ceiling': { levels: ['stop'], who: 'specifier' },
  'closing.forceOutside': { levels: ['check'], who: 'authority' },
  'closing.latches': { levels: ['check', 'note'], who: 'specifier' },
  'closing.armStop': { levels: ['check'], who: 'specifier' },
  'closing.bodyWall': { levels: ['stop'], who: 'specifier' },
  'closing.movingAxis': { levels: ['check'], who: 'specifier' },
  'closing.headFace': { levels: ['check'], who: 'frameMaker' },
  'closing.springRated': { levels: ['check'], who: 'authority' },
  'closing.timeSpring': { levels: ['note'], who: 'authority' },
  'closing.heldRated': { levels: ['stop'], who: 'authority' },
  'closing.rail': { levels: ['note'], who: 'specifier' },
  'closing.poolOpen': { levels: ['stop'], who: 'authority' },
  'closing.keptLocked': { levels: ['note'], who: 'authority' },
});

type Declared = typeof CLOSING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
