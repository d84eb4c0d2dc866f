import { defineRules } from '../model/index.js';

/** What may be found in protecting: how grave each is, and who answers. */
export const PROTECTING_RULES = defineRules({
  'protecting.viewerRated': { levels: ['note'], who: 'authority' },
  'protecting.label': { levels: ['check', 'note'], who: 'authority' },
  'protecting.smooth': { levels: ['check'], who: 'authority' },
});

type Declared = typeof PROTECTING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
