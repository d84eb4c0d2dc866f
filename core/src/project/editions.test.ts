import * as practice from '../practice/index.js';
import { mm } from '../measure/index.js';
import {
  adoptedCodes,
  citedAs,
  CODES,
  COUNTRY,
  PRACTICE_IDS,
  sourceIn,
  type Editions,
  type PracticeId,
} from '../practice/index.js';
import { decideOpening } from '../deciding/index.js';
import { LAWS } from '../laws/index.js';
import {
  buildPractice,
  fitsShape,
  readEditedPractices,
  type EditedPractice,
} from './editedPractices.js';
import { PRACTICES } from './practices.js';
import { projectBasis } from './basis.js';

const under = (base: PracticeId, editions?: Editions): EditedPractice => ({
  id: 'own-here',
  name: 'Here',
  base,
  ...(editions ? { editions } : {}),
  changes: {},
});
/** The sources that several stages cite. */
const SHARED = Object.values(practice).filter(
  (one): one is practice.SourceBy =>
    typeof one === 'object' && Object.keys(one).join() === practice.REGIONS.join(),
);
const valuesOf = (base: PracticeId, editions?: Editions) =>
  buildPractice(under(base, editions)).values;

describe('the editions that a project adopts', () => {
  it('are the usual ones until somebody says otherwise', () => {
    for (const id of PRACTICE_IDS) {
      expect(valuesOf(id)).toEqual(PRACTICES[id].values);
      expect(adoptedCodes(PRACTICES[id]).length).toBeGreaterThan(4);
      for (const { code, edition, said } of adoptedCodes(PRACTICES[id]))
        expect([said, edition]).toEqual([false, code.editions[0]]);
    }
  });

  it('are listed with what was said, and only those of the country', () => {
    const names = (base: PracticeId, editions: Editions) =>
      adoptedCodes(buildPractice(under(base, editions))).map(
        ({ code, edition, said }) => `${code.id} ${edition.id}${said ? '!' : ''}`,
      );
    expect(names('continental', { country: 'austria', oib: '2019' })).toEqual([
      'country austria!',
      'oib 2019!',
      'onorm-b1600 2023',
      'en1125 2008',
      'en1154 1996-2002',
    ]);
    expect(names('australasian', {})).toContain('ncc 2022');
    expect(names('australasian', { country: 'new-zealand' })).not.toContain('ncc 2022');
  });

  it('cite their own sections, never a part of a longer number', () => {
    const { cites } = buildPractice(under('us-commercial', { ibc: '2018' }));
    const cited = (source: string) => citedAs(source, cites);
    expect(cited('IBC 1010.2.9')).toBe('IBC 1010.1.10');
    expect(cited('IBC 1010.2.9: 50; NFPA 101')).toBe('IBC 1010.1.10: 50; NFPA 101');
    expect(cited('IBC 1010.2.')).toBe('IBC 1010.1.9.');
    expect(cited('IBC 1010.2.99')).toBe('IBC 1010.2.99');
    expect(cited('IBC 1010.1.2.1')).toBe('IBC 1010.1.2.1');
    const { values } = buildPractice(under('us-commercial', { ibc: '2018' }));
    expect(values.panicPeople.source).toContain('IBC 1010.1.10');
    expect(values.panicPeople.value).toEqual(PRACTICES['us-commercial'].values.panicPeople.value);
  });

  it.each<[PracticeId, Editions, string, unknown]>([
    ['continental', { country: 'austria' }, 'panicFrom', 16],
    ['continental', { country: 'switzerland' }, 'panicFrom', 21],
    ['continental', { country: 'switzerland' }, 'accessForce', 30],
    ['australasian', { country: 'new-zealand' }, 'clearWidth', mm(760)],
    ['australasian', { country: 'new-zealand' }, 'inspectionMonths', 12],
    ['australasian', { as1851: '2005' }, 'inspectionMonths', 3],
    ['australasian', {}, 'inspectionMonths', 6],
  ])('%s, %j: %s is %s', (base, editions, name, value) => {
    expect(valuesOf(base, editions)[name as 'panicFrom'].value).toBe(value);
  });

  it.each<[string, Editions, number, string]>([
    ['Germany', {}, 900, 'ASR A2.3 (2022)'],
    ['Germany, by the rule of 2007', { 'asr-a23': '2007' }, 1200, 'ASR A2.3 (2007)'],
    ['Austria', { country: 'austria' }, 800, 'OIB-Richtlinie 4'],
    ['Switzerland', { country: 'switzerland' }, 900, 'VKF-Richtlinie 16-15'],
  ])('change what is found of 30 people at a leaf of 735 mm: %s', (_, editions, needed, source) => {
    const { findings } = decideOpening(
      {
        mark: '1',
        kind: 'single',
        leafWidth: mm(735),
        leafHeight: mm(2110),
        occupants: 30,
        egress: true,
      },
      projectBasis('own-here', [under('continental', editions)]),
    );
    const narrow = findings.filter(({ code }) => code === 'checking.way.narrow');
    expect(narrow).toMatchObject([
      { params: { needed: { ticks: mm(needed) } }, source: expect.stringContaining(source) },
    ]);
  });

  it('have figures of the shape of the practice’s own that differ from them', () => {
    for (const { practices, editions, id } of CODES)
      for (const base of practices)
        for (const edition of editions) {
          const values = valuesOf(base, { [id]: edition.id });
          for (const name of Object.keys(edition.values) as 'panicFrom'[]) {
            expect([
              name,
              fitsShape(values[name].value, PRACTICES[base].values[name].value),
            ]).toEqual([name, true]);
            expect(values[name]).not.toEqual(PRACTICES[base].values[name]);
          }
        }
  });

  it('cite otherwise only what a source of the practice says', () => {
    const unmet = CODES.flatMap(({ id, practices, editions }) =>
      editions.flatMap(({ id: edition, cites }) => {
        const [base] = practices;
        const sources = [
          ...Object.values(PRACTICES[base!].values).map(({ source }) => source as string),
          ...[...LAWS.map(({ source }) => source), ...SHARED].map((source) =>
            sourceIn(source, PRACTICES[base!]),
          ),
        ];
        return cites
          .filter(([usual]) => !sources.some((source) => source.includes(usual)))
          .map(([usual]) => `${id} ${edition}: ${usual}`);
      }),
    );
    expect(unmet).toEqual([]);
  });

  it('are refused where the practice has no such code or edition', () => {
    const read = (editions: unknown, base: PracticeId = 'us-commercial') =>
      readEditedPractices([{ ...under(base), editions }]);
    expect(read({ ibc: '2018' }).ok).toBe(true);
    expect(read({}).ok).toBe(true);
    for (const wrong of [{ ibc: '1812' }, { mbo: '2002-2022' }, { toString: 'x' }, [], 'x', null])
      expect(read(wrong)).toMatchObject({ ok: false, fault: { code: 'practice.editions' } });
    expect(read({ [COUNTRY]: 'austria' }, 'continental').ok).toBe(true);
    expect(read({ [COUNTRY]: 'austria' }, 'australasian').ok).toBe(false);
  });
});
