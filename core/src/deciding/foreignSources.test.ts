import { LAWS } from '../laws/index.js';
import { itemText, SENTENCES, phraseText, TERMS } from '../phrasing/index.js';
import {
  CODES,
  COUNTRY,
  PRACTICE_IDS,
  REGIONS,
  adoptedCodes,
  sourceIn,
  type Editions,
  type PracticeId,
  type Region,
} from '../practice/index.js';
import { buildPractice, PRACTICES, projectBasis } from '../project/index.js';
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

/** Everything that is printed of made openings in a practice, under editions that somebody chose. */
function printed(id: PracticeId, editions: Editions = {}): Map<string, string> {
  const own = { id: 'own-here', name: 'Here', base: id, editions, changes: {} };
  const numbers = numbersFrom(20_261_203);
  const texts = new Map<string, string>();
  for (let met = 0; met < 150;) {
    const { facts, practice } = madeOpening(numbers, (one) => projectBasis(one));
    if (practice !== id) continue;
    met++;
    const decided = decideOpening(facts, projectBasis('own-here', [own]));
    const units = unitsOf(decided);
    for (const { code, source, params } of decided.findings) {
      texts.set(`${code}: ${source}`, source);
      texts.set(code, phraseText({ code, params } as never, units));
    }
    for (const { key, reasons } of decided.decisions)
      for (const reason of reasons) texts.set(`${key} ${reason.code}`, phraseText(reason, units));
    for (const item of decided.items) {
      const text = `${itemText(item, units.language)} ${item.standard ?? ''}`;
      texts.set(text, text);
    }
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

/** What is printed in one country of a region and not in another. */
const ELSEWHERE: Readonly<Record<string, RegExp>> = {
  germany: /ÖNORM|OIB|TRVB|AUVA|AStV|\bOVE\b|VKF|\bSIA\b|ArGV|\bbfu\b|\bNIN\b/,
  austria: /\b(?:DIN|MBO|ASR|VStättVO|GarVO|FeuVO|EltBauVO|EltVTR|DGUV|VKF|SIA|ArGV|bfu|NIN)\b/,
  switzerland:
    /\b(?:DIN|MBO|ASR|VStättVO|GarVO|FeuVO|EltBauVO|EltVTR|DGUV|OIB|TRVB|AUVA|AStV|OVE)\b|ÖNORM/,
  australia: /\bNZBC\b|C\/AS2|(?<!AS\/)\bNZS\b|compliance schedule/,
  'new-zealand': /\bNCC\b|\bAS 1905|\bAS 1428|\bAS 1926|\bAS 1851|\bAS 1670|\bAS 3959/,
};

describe('a country of a region', () => {
  const countries = CODES.filter(({ id }) => id === COUNTRY).flatMap(({ practices, editions }) =>
    editions.map(({ id }) => [id, practices[0]!] as const),
  );

  it.each(countries)('is cited by its own codes alone: %s', (country, base) => {
    const editions = { [COUNTRY]: country };
    const practice = buildPractice({ id: 'own-x', name: 'x', base, editions, changes: {} });
    const texts = printed(base, editions);
    for (const [name, { source }] of Object.entries(practice.values)) texts.set(name, source);
    for (const { id, source } of LAWS) texts.set(id, sourceIn(source, practice));
    for (const { code, edition } of adoptedCodes(practice))
      texts.set(code.id, `${code.name} ${edition.name}`);
    expect(texts.size).toBeGreaterThan(250);
    const foreign = [...texts].filter(([, text]) => ELSEWHERE[country]!.test(text));
    expect(foreign).toEqual([]);
  });
});
