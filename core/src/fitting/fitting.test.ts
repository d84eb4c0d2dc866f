import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { decideOpening, type DecidedOpening } from '../deciding/index.js';
import { readProject } from '../exchange/index.js';
import { mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText, termText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import { DOOR } from '../testing/door.js';
import { fittingSteps } from './fittingSteps.js';
import { leafRemoval } from './leafRemoval.js';
import type { WorkStep } from './workStep.js';

const UNITS = { system: 'metric', denominator: 16 } as const;
const decide = (facts: Partial<OpeningFacts>, practice = PRACTICES.british) =>
  decideOpening({ ...DOOR, ...facts }, practice);
const ids = (steps: readonly WorkStep[]) => steps.map(({ id }) => id);

/** Every line of the set in just one step, every step said, every tool a word. */
function whole(decided: DecidedOpening): void {
  const steps = fittingSteps(decided);
  const fitted = steps.flatMap(({ items }) => items);
  expect(new Set(fitted).size).toBe(fitted.length);
  expect(new Set(fitted)).toEqual(new Set(decided.items));
  const off = leafRemoval(decided);
  const all = [...steps, ...(off ? [...off.off, ...off.on] : [])];
  expect(new Set(ids(all)).size).toBe(all.length);
  for (const { say, cares, tools, figures } of all) {
    for (const one of [say, ...cares]) expect(phraseText(one, UNITS)).not.toMatch(/[{}]|^\w+\.\w/);
    for (const tool of tools) expect(termText(tool)).not.toBe(tool);
    for (const { name } of figures) expect(termText(name)).not.toBe(name);
  }
}

describe('the steps of an opening', () => {
  it.each([
    'larkhollow-playhouse',
    'tamsin-terrace',
    'wendelmoor-mill-studios',
    'wattlebrook-primary',
    'quellmoor-7',
  ])('cover every line of every set of %s', (name) => {
    const read = readProject(readFileSync(`${__dirname}/../../../demo/${name}.json`, 'utf8'));
    if (!read.ok) throw new Error('no project');
    for (const facts of read.project.openings) whole(decideOpening(facts, PRACTICES.british));
  });
  it('cover whatever is recorded', () =>
    fc.assert(
      fc.property(anyFacts, (facts) => whole(decideOpening(facts, PRACTICES['us-commercial']))),
      { numRuns: 150 },
    ));
  it('stand in the order of the work: no hinge cut before the hinge edge, no stop before the latch', () => {
    const steps = ids(
      fittingSteps(
        decide({
          work: 'replacement',
          frameMaterial: 'timber',
          leafThickness: mm(44),
          role: 'office',
          readings: [],
        }),
      ),
    );
    const at = (id: string) => steps.indexOf(id);
    expect(steps[0]).toBe('before.check');
    // Nothing is cut after the edges are sealed, and nothing hangs before; the strike is marked from the hung leaf.
    expect(at('hang.recess')).toBeLessThan(at('lock.lock'));
    expect(at('lock.lock')).toBeLessThan(at('leaf.edges'));
    expect(at('leaf.edges')).toBeLessThan(at('hang.hang'));
    expect(at('hang.hang')).toBeLessThan(at('hang.gaps'));
    expect(at('hang.gaps')).toBeLessThan(at('hang.screws'));
    expect(at('hang.screws')).toBeLessThan(at('lock.strike'));
    expect(at('lock.strike')).toBeLessThan(at('lock.stops'));
    expect(steps.at(-1)).toBe('finish.clear');
  });
  it('hang the inactive leaf of a pair first, each leaf with steps of its own', () => {
    const steps = fittingSteps(
      decide({ kind: 'pair', active: 'left', frameMaterial: 'timber', frameWidth: mm(1800) }),
    );
    const hung = steps.filter(({ id }) => id.startsWith('hang.hang'));
    expect(hung.map(({ id, leaf }) => [id, leaf])).toEqual([
      ['hang.hang@inactive', 'leaf.inactive'],
      ['hang.hang', 'leaf.active'],
    ]);
    expect(steps.filter(({ id }) => id.startsWith('hang.gaps'))).toHaveLength(2);
    // Where neither leaf waits for the other neither is called inactive.
    const both = fittingSteps(decide({ kind: 'double-egress', frameWidth: mm(1800) }));
    expect(both.flatMap(({ leaf }) => leaf ?? [])).not.toContain('leaf.inactive');
    expect(both.flatMap(({ leaf }) => leaf ?? [])).toContain('leaf.one');
  });
  it('bore the faces of a bored lock before its edge, the edge of a cased one before its faces', () => {
    const say = (facts: Partial<OpeningFacts>) =>
      phraseText(
        fittingSteps(decide({ frameMaterial: 'timber', leafThickness: mm(44), ...facts })).find(
          ({ id }) => id === 'lock.lock',
        )!.say,
        UNITS,
      );
    expect(say({ lockKind: 'tubular', lockUse: 'passage' })).toMatch(/faces first.*edge/);
    expect(say({ lockKind: 'sash', lockUse: 'office' })).toMatch(/edge first.*both faces/);
    expect(say({ lockKind: 'rim-lock', lockUse: 'passage' })).toMatch(/through the leaf first/);
    expect(say({ lockKind: 'mortise-dead', lockUse: 'dwelling' })).toMatch(
      /then the key hole from both faces/,
    );
    expect(
      say({ lockKind: 'rim-exit', lockUse: 'exit', leafConstruction: 'timber-stave' }),
    ).toMatch(/^Exit device: mark it out by its template/);
    expect(
      say({
        lockKind: 'mortise',
        lockUse: 'office',
        leafConstruction: 'steel-honeycomb-16',
        work: 'replacement',
      }),
    ).toMatch(/slow and cooled/);
  });
  it('let drop seals, wires and concealed closers in before the leaf hangs, and speak of none that is not there', () => {
    const timber = { frameMaterial: 'timber', leafThickness: mm(44), role: 'office' } as const;
    const chosen = (value: string) => ({ value, reason: 'wanted' });
    const letIn = ids(
      fittingSteps(
        decide({
          ...timber,
          closer: 'concealed',
          choices: {
            'closing.device': chosen('concealed'),
            'sealing.bottom': chosen('drop-full'),
            'powering.transfer': chosen('transfer'),
          },
          lockUse: 'reader',
          reader: true,
        } as never),
      ),
    );
    const hang = letIn.indexOf('hang.hang');
    for (const id of ['seal.drop', 'power.wires', 'close.closer']) {
      expect([id, letIn.includes(id)]).toEqual([id, true]);
      expect(letIn.indexOf(id)).toBeLessThan(hang);
      expect(letIn.indexOf(id)).toBeLessThan(letIn.indexOf('leaf.edges'));
    }
    const plain = fittingSteps(decide({ ...timber, role: 'store' }));
    for (const { say } of plain) expect(phraseText(say, UNITS)).not.toMatch(/drop seal/i);
  });
  it('bore drill-in hinges, and recess nothing for them', () => {
    const steps = fittingSteps(
      decide(
        { leafEdge: 'rebated', leafConstruction: 'timber-particle', rating: 0 },
        PRACTICES.continental,
      ),
    ).map(({ say }) => say.code);
    expect(steps).toEqual(expect.arrayContaining(['fit.drillIn', 'fit.hangDrillIn']));
    expect(steps).not.toContain('fit.recess');
  });
  it('tell one number of people for one leaf, wherever it is told', () => {
    const heavy = decide({ leafMass: 60_000, frameMaterial: 'timber' });
    const told = [...fittingSteps(heavy), ...leafRemoval(heavy)!.off, ...leafRemoval(heavy)!.on]
      .flatMap(({ say, cares }) => [say, ...cares])
      .flatMap(({ params }) => params['people'] ?? []);
    expect(told.length).toBeGreaterThan(3);
    expect(new Set(told)).toEqual(new Set([3]));
  });
  it('have the numbers of just this opening', () => {
    const steps = fittingSteps(decide({ frameWidth: mm(926), frameHeight: mm(2040) }));
    const check = steps.find(({ id }) => id === 'before.check')!;
    expect(check.figures.map(({ name }) => name)).toContain('name.sizing.leafWidth');
    expect(
      check.figures.find(({ name }) => name === 'name.sizing.frameWidth')!.value,
    ).toMatchObject({ type: 'length', ticks: mm(926) });
  });
  it('say of soft screws that a steel one goes first, of glass its patches, of pivots their plumb', () => {
    const codes = (facts: Partial<OpeningFacts>) =>
      fittingSteps(decide(facts)).map(({ say }) => say.code);
    expect(codes({ exterior: true, coastal: true } as never).join(' ')).toContain('fit.screws');
    expect(codes({ leafConstruction: 'glass' })).toContain('fit.hangGlass');
    const pivots = codes({ choices: { 'hanging.device': { value: 'offset-pivot', reason: 'x' } } });
    expect(pivots).toEqual(expect.arrayContaining(['fit.pivots', 'fit.hangPivots']));
    expect(pivots).not.toContain('fit.recess');
    expect(codes({ kind: 'sliding' })).toContain('fit.track');
  });
  it('warn of the listing where the leaf is rated', () => {
    const rated = fittingSteps(decide({ rating: 30 }));
    expect(rated.map(({ say }) => say.code)).toContain('fit.finishRated');
    expect(rated.flatMap(({ cares }) => cares).map(({ code }) => code)).toContain('care.rated');
    expect(fittingSteps(decide({})).map(({ say }) => say.code)).toContain('fit.finish');
  });
});

describe('taking a leaf off', () => {
  const off = (facts: Partial<OpeningFacts>) => leafRemoval(decide(facts))!;
  const choice = (device: string) => ({
    choices: { 'hanging.device': { value: device, reason: 'x' } },
  });
  it('frees wires and arm first, props it, and only then touches a hinge', () => {
    const steps = ids(off({ rating: 30, closer: 'yes', operator: true } as never).off);
    expect(steps[0]).toBe('off.watch');
    expect(steps.indexOf('off.wires')).toBeLessThan(steps.indexOf('off.prop'));
    expect(steps.at(-2)).toBe('off.hinges');
    expect(steps.at(-1)).toBe('off.set');
  });
  it.each([
    ['adjustable-concealed', 'concealed'],
    ['offset-pivot', 'pivot'],
    ['continuous', 'continuous'],
    ['spring-hinge', 'spring'],
  ])('goes by how it hangs: %s', (device, way) => {
    const { off: steps, on } = off(choice(device));
    expect(steps.map(({ say }) => say.code)).toContain(`off.${way}`);
    expect(on.map(({ say }) => say.code)).toContain(`on.${way}`);
  });
  it('by its pins where they come out, by its screws where they do not', () => {
    const codes = (facts: Partial<OpeningFacts>) => off(facts).off.map(({ say }) => say.code);
    expect(codes({ swing: 'in' })).toContain('off.butts');
    expect(codes({ swing: 'out', exterior: true, secured: true })).toContain('off.buttsFixed');
  });
  it.each([
    [25_000, 1],
    [25_001, 2],
    [50_000, 2],
    [50_001, 3],
    [75_000, 3],
    [75_001, 4],
    [200_000, 4],
  ])('of %i g takes %i people', (leafMass, people) => {
    expect(leafRemoval(decide({ leafMass }))!.people).toBe(people);
  });
  it('asks for people by its mass, for a lifter beyond four times one person’s', () => {
    const light = off({ leafConstruction: 'timber-hollow', leafThickness: mm(35) });
    expect([light.people, light.lifter]).toEqual([1, false]);
    const solid = off({ leafConstruction: 'timber-stave' });
    expect(solid.mass).toBeGreaterThan(25_000);
    expect(solid.people).toBeGreaterThanOrEqual(2);
    const lead = off({
      leadThickness: mm(4),
      frameWidth: mm(1200),
      frameHeight: mm(2400),
    } as never);
    expect([lead.people, lead.lifter]).toEqual([4, true]);
    const unknown = off({ leafConstruction: 'unknown' });
    expect([unknown.mass, unknown.people]).toEqual([undefined, 2]);
  });
  it('is not told of leaves that slide', () =>
    expect(leafRemoval(decide({ kind: 'sliding' }))).toBeUndefined());
});
