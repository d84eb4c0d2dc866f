import { defineRules } from '../model/index.js';

/** What may be found in finishing: how grave each is, and who answers. */
export const FINISHING_RULES = defineRules({
  'finishing.corrosion': { levels: ['note'], who: 'specifier' },
  'finishing.salt': { levels: ['note'], who: 'specifier' },
  'finishing.wears': { levels: ['note'], who: 'specifier' },
  'finishing.none': { levels: ['check'], who: 'specifier' },
  'finishing.bare': { levels: ['note'], who: 'specifier' },
  'finishing.outside': { levels: ['check'], who: 'specifier' },
});

type Declared = typeof FINISHING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
