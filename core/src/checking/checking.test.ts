import { inches } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { decideOpening } from '../deciding/index.js';
import { duplicateMarks } from './index.js';

const base: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-stave',
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'low',
};
const decide = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening({ ...base, ...facts }, PRACTICES['us-commercial']);
const bolt = (facts: Partial<OpeningFacts>, stage: string) =>
  decide(facts).progress.find((one) => one.stage === stage)!;
const cautions = (facts: Partial<OpeningFacts>) => decide(facts).cautions.map((one) => one.code);

describe('bolts', () => {
  it('of a stage that is only recorded is thrown when all there is to it is', () => {
    const finishing = (facts: Partial<OpeningFacts>) =>
      decide(facts).progress.find(({ stage }) => stage === 'finishing')!.state;
    expect(finishing({ finish: 'unknown' })).toBe('open');
    expect(finishing({ finish: '626' })).toBe('decided');
  });
  it('stand in working order, one for each stage that an opening can be decided in', () => {
    expect(decide().progress.map((one) => one.stage)).toEqual([
      'sizing',
      'handing',
      'hanging',
      'securing',
      'closing',
      'protecting',
      'sealing',
      'powering',
      'finishing',
    ]);
  });
  it('are thrown when decided, open while a question is, and carry the worst finding', () => {
    expect(bolt({}, 'hanging')).toEqual({ stage: 'hanging', state: 'decided', open: 0 });
    expect(bolt({ hingeSide: undefined }, 'handing')).toMatchObject({ state: 'open', open: 1 });
    expect(bolt({ rating: undefined, frequency: undefined }, 'hanging').finding).toBe('check');
    expect(
      bolt({ rating: 90, choices: { 'hanging.count': { value: 2, reason: 'x' } } }, 'hanging')
        .finding,
    ).toBe('stop');
  });
  it('are thrown by written hardware and notched by a reason for none', () => {
    expect(bolt({}, 'securing').state).toBe('open');
    expect(
      bolt(
        { manualItems: [{ stage: 'securing', quantity: 1, unit: 'each', description: 'Lock' }] },
        'securing',
      ).state,
    ).toBe('decided');
    expect(bolt({ omitted: { securing: 'nothing to lock' } }, 'securing').state).toBe('none');
    expect(bolt({ omitted: { hanging: 'hung by others' } }, 'hanging').state).toBe('none');
    expect(
      decide({ omitted: { hanging: 'hung by others' } }).items.filter(
        ({ stage }) => stage === 'hanging',
      ),
    ).toEqual([]);
  });
});

describe('cautions', () => {
  it('always say that Riegel is an aid, first', () => {
    expect(cautions({})[0]).toBe('care.aid');
    expect(cautions({ frameWidth: undefined })[0]).toBe('care.aid');
  });
  it('follow the work: heavy, unknown, rated, secured, replacement, glass, pivots', () => {
    expect(cautions({})).toContain('care.heavy');
    expect(cautions({ leafMass: 20_000 })).not.toContain('care.heavy');
    expect(cautions({ leafConstruction: undefined })).toContain('care.massUnknown');
    expect(cautions({ rating: 20 })).toContain('care.rated');
    expect(cautions({ secured: true, lockUse: 'store' })).toContain('care.egress');
    expect(cautions({ work: 'replacement' })).toEqual(
      expect.arrayContaining(['care.oldPaint', 'care.outOfUse']),
    );
    expect(cautions({ leafConstruction: 'glass' })).toContain('care.glass');
    expect(cautions({ kind: 'double-acting' })).toContain('care.pivot');
    expect(cautions({})).not.toContain('care.rated');
  });
  it('never call an opening compliant', () => {
    const words = JSON.stringify(decide({ rating: 90, accessible: true }));
    expect(words).not.toMatch(/compliant|approved|certified/i);
  });
});

describe('marks that stand twice', () => {
  it('are found whatever their case and blanks', () => {
    expect([...duplicateMarks(['101', ' 101', 'A1', 'a1 ', '102'])]).toEqual(['101', 'a1']);
    expect(duplicateMarks([]).size).toBe(0);
  });
});
