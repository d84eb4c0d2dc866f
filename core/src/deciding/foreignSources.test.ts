import { LAWS } from '../laws/index.js';
import { SENTENCES, phraseText, TERMS } from '../phrasing/index.js';
import { PRACTICE_IDS, REGIONS, type PracticeId, type Region } from '../practice/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';
import { madeOpening, numbersFrom } from '../testing/madeOpening.js';
import { decideOpening } from './index.js';

/** How each region’s codes and standards are cited. */
const CITED: Readonly<Record<Region | 'european', RegExp>> = {
  us: /\b(?:ANSI|BHMA|A156|A117|NFPA|IBC|IRC|ADA|UL ?\d|ICC|ISPSC|ASTM|CPSC)\b/,
  british: /\b(?:BS \d|BS EN|PAS 24|Approved Document|Fire Safety \(England\))/,
  european: /(?<!BS )\bEN \d/,
  continental: /\b(?:DIN|MBO|ASR|VStättVO|GarVO|FeuVO|EltBauVO|EltVTR|DGUV)\b/,
  australasian: /\b(?:AS \d|AS\/NZS|NZS|NCC|NZBC)\b/,
};

/** What must not be printed where a region’s codes govern. */
const FOREIGN: Readonly<Record<Region, readonly RegExp[]>> = {
  us: [CITED.british, CITED.european, CITED.continental, CITED.australasian],
  british: [CITED.us, CITED.european, CITED.continental, CITED.australasian],
  continental: [CITED.us, CITED.british, CITED.australasian],
  australasian: [CITED.us, CITED.british, CITED.european, CITED.continental],
};

const isForeign = (text: string, region: Region) => FOREIGN[region].some((one) => one.test(text));

/** Everything that is printed of made openings in a practice. */
function printed(id: PracticeId): Map<string, string> {
  const numbers = numbersFrom(20_261_203);
  const texts = new Map<string, string>();
  for (let met = 0; met < 150;) {
    const { facts, practice } = madeOpening(numbers, (one) => projectBasis(one));
    if (practice !== id) continue;
    met++;
    const decided = decideOpening(facts, projectBasis(id));
    const units = unitsOf(decided);
    for (const { code, source, params } of decided.findings) {
      texts.set(`${code}: ${source}`, source);
      texts.set(code, phraseText({ code, params } as never, units));
    }
    for (const { key, reasons } of decided.decisions)
      for (const reason of reasons) texts.set(`${key} ${reason.code}`, phraseText(reason, units));
    for (const { term, standard } of decided.items)
      texts.set(`${term}: ${standard}`, standard ?? '');
  }
  return texts;
}

describe('a source of one region', () => {
  it.each(PRACTICE_IDS)('is never printed in another: %s', (id) => {
    const { region, values } = PRACTICES[id];
    for (const [name, { source }] of Object.entries(values) as [string, { source: string }][])
      expect([name, source, isForeign(source, region)]).toEqual([name, source, false]);
    const texts = printed(id);
    expect(texts.size).toBeGreaterThan(250);
    expect([...texts].filter(([, text]) => isForeign(text, region))).toEqual([]);
  });

  it.each(REGIONS)('stands behind no law of another: %s', (region) => {
    const foreign = LAWS.map(({ id, source }) => [id, source[region]] as const).filter(
      ([, source]) => isForeign(source, region),
    );
    expect(foreign).toEqual([]);
  });

  it('stands in no sentence and no name, but the practice’s own', () => {
    const any = Object.values(CITED);
    const cites = (text: unknown) => typeof text === 'string' && any.some((one) => one.test(text));
    const named = [...Object.entries(SENTENCES), ...Object.entries(TERMS)].filter(([, text]) =>
      cites(text),
    );
    expect(named.map(([code]) => code)).toEqual(['practice.continental']);
  });
});
