import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { PRACTICES } from '../project/index.js';
import { headingOf, unitsOf } from '../scheduling/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import { phraseText, SENTENCES, TERMS, termIn, valueParts, partsText, wordsIn } from './index.js';

/** What a practice never says: the other’s spelling or word, as whole words. */
const NEVER = {
  us: /\b(aluminium|centre|centres|mortice|bevelled|panelled|stable door|storey|colour)\b/i,
  british:
    /\b(aluminum|center|mortise|thumbturn|Dutch door|exit device|kick plate|patient room|apartment entrance)\b/i,
  continental: /\b(aluminum|center|exit device|sash lock|apartment entrance)\b/i,
  australian: /\b(aluminum|center|mortise|thumbturn|Dutch door|apartment entrance)\b/i,
} as const;
const languages = Object.keys(NEVER) as (keyof typeof NEVER)[];

describe('the words of a practice', () => {
  it.each(languages)('are its own throughout, in every term and sentence: %s', (language) => {
    const wrong = [
      ...Object.keys(TERMS).map((code) => termIn(code, language)),
      ...Object.values(SENTENCES).map((text) => wordsIn(text, language)),
    ].filter((text) => NEVER[language].test(text));
    expect(wrong).toEqual([]);
  });
  it('are put in its spelling word by word, capitals kept, parts of words left', () => {
    expect(wordsIn('Centre of the aluminium stile', 'us')).toBe('Center of the aluminum stile');
    expect(wordsIn('concentred, epicentre', 'us')).toBe('concentred, epicentre');
    expect(wordsIn('Mortise lock', 'british')).toBe('Mortice lock');
    expect(wordsIn('Mortise lock')).toBe('Mortise lock');
    expect(termIn('kind.stable', 'us')).toBe('Dutch door');
    expect(termIn('kind.stable', 'british')).toBe('stable door');
    expect(termIn('=The Dutch centre', 'us')).toBe('The Dutch centre');
    expect(termIn('no.such.term', 'us')).toBe('no.such.term');
  });
  it('reach whatever is decided: values, reasons, findings, the heading', () => {
    fc.assert(
      fc.property(soundFacts, fc.constantFrom(...Object.values(PRACTICES)), (facts, practice) => {
        const decided = decideOpening({ ...facts, secured: true, lockUse: 'store' }, practice);
        const units = unitsOf(decided);
        const never = NEVER[practice.language];
        const said = [
          ...decided.decisions.flatMap(({ value, reasons }) => [
            ...(value ? [partsText(valueParts(value, units))] : []),
            ...reasons.map((one) => phraseText(one, units)),
          ]),
          ...decided.findings.map((one) => phraseText(one, units)),
          ...Object.values(headingOf(decided)),
        ];
        expect(said.filter((text) => never.test(text))).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });
});
