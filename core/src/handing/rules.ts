import { defineRules } from '../model/index.js';

/** What may be found in handing: how grave each is, and who answers. */
export const HANDING_RULES = defineRules({
  'handing.contradictionAll': { levels: ['stop'], who: 'specifier' },
  'handing.contradiction': { levels: ['stop'], who: 'specifier' },
  'handing.contradictionList': { levels: ['stop'], who: 'specifier' },
});

type Declared = typeof HANDING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
