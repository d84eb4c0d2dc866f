import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm, toInches, toMm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { soundFacts } from '../testing/arbitrary.js';
import {
  cutsOf,
  dxf,
  prepSheets,
  reinforcements,
  spread,
  storySticks,
  templateOpening,
} from './index.js';

const us = projectBasis('us-commercial');
const british = projectBasis('british');
const FACTS: OpeningFacts = {
  ...DOOR,
  mark: '101',
  hingeSide: 'left',
  swing: 'in',
  role: 'office',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafThickness: inches(1.75),
  leafConstruction: 'timber-particle',
  rating: 0,
};
const decide = (facts: Partial<OpeningFacts> = {}, basis = us) =>
  decideOpening({ ...FACTS, ...facts }, basis);

describe('what leaf and frame are cut for', () => {
  const decided = decide();
  const cuts = cutsOf(decided);
  const leaf = decided.results.sizing.leaves[0]!;
  it('has hinges in both, as far from the leaf’s top as was decided', () => {
    const hinges = cuts.filter(({ thing }) => thing === 'solid.hinge');
    const of = (member: string) => hinges.filter((cut) => cut.member === member);
    const { positions, hingeHeight } = decided.results.hanging.leaves[0]!;
    expect(of('hinge-edge').map(({ down }) => down)).toEqual(
      positions!.map((at) => [at, at + hingeHeight!]),
    );
    // With the leaf in place both halves are at one height: the head gap apart from the head.
    const headGap = decided.results.sizing.headGap!;
    expect(of('hinge-jamb').map(({ down }) => down[0])).toEqual(
      of('hinge-edge').map(({ down }) => down[0] + headGap),
    );
    expect(hinges.every(({ depth }) => depth > 0 && depth < leaf.thickness!)).toBe(true);
  });
  it('has the lock in the leaf and its strike in the lock jamb', () => {
    const members = new Map(cuts.map((cut) => [cut.thing, cut.member]));
    expect(members.get('solid.strike')).toBe('lock-jamb');
    expect([members.get('solid.lockCase') ?? members.get('solid.latchBore')]).toEqual([
      'lock-edge',
    ]);
  });
  it('is told to the makers line by line', () => {
    const frame = reinforcements(decided, 'frame');
    expect(frame.map(({ member, thing, count }) => [member, thing, count])).toEqual([
      ['hinge jamb', 'the hinge', 3],
      ['lock jamb', 'the strike', 1],
    ]);
    expect(frame[0]!.places.split('; ')).toHaveLength(3);
    expect(reinforcements(decide({ frameHeight: undefined }), 'leaf')).toEqual([]);
  });
});

describe('the sheets of an opening', () => {
  it('are a leaf and a frame each, with every dimension from one datum', () => {
    const sheets = prepSheets(decide());
    expect(sheets.map(({ member, title }) => [member, title])).toEqual([
      ['leaf', '101, leaf'],
      ['frame', '101, frame'],
    ]);
    for (const { ordinates, cuts } of sheets) {
      const heights = ordinates.filter(({ axis }) => axis === 'vertical');
      expect(heights.every(({ from }) => from.y === 0)).toBe(true);
      expect(heights.every(({ to, ticks }) => Math.abs(-to.y - ticks) < 1)).toBe(true);
      for (const { member, down } of cuts.filter((cut) => /edge|jamb/.test(cut.member)))
        for (const at of down)
          expect([member, heights.some(({ ticks }) => ticks === Math.round(at))]).toEqual([
            member,
            true,
          ]);
    }
    expect(
      prepSheets(decide({ kind: 'pair', active: 'left', frameWidth: inches(72) })).length,
    ).toBe(4);
  });
  it('are not made by half a hand, nor without a size', () => {
    expect(prepSheets(decide({ hingeSide: undefined }))).toEqual([]);
    expect(prepSheets(decide({ frameWidth: undefined }))).toEqual([]);
    expect(prepSheets(decide({ kind: 'sliding' }))).toEqual([]);
  });
  it('of the other hand are the mirror image, cut for cut', () => {
    fc.assert(
      fc.property(soundFacts, fc.constantFrom('in', 'out'), (facts, swing) => {
        const [left, right] = (['left', 'right'] as const).map((hingeSide) =>
          prepSheets(
            decideOpening({ ...facts, kind: 'single', hingeSide, swing, active: undefined }, us),
          ),
        );
        expect(left!.length).toBe(right!.length);
        left!.forEach((sheet, at) => {
          const other = right![at]!;
          expect(other.ordinates).toEqual(
            sheet.ordinates
              .map((one) => ({
                ...one,
                from: { x: -one.from.x || 0, y: one.from.y },
                to: { x: -one.to.x || 0, y: one.to.y },
              }))
              .map((one) => ({
                ...one,
                from: { ...one.from, x: expect.closeTo(one.from.x, 3) },
                to: { ...one.to, x: expect.closeTo(one.to.x, 3) },
              })),
          );
        });
      }),
      { numRuns: 30 },
    );
  });
  it('show the pull face where the leaf swings out', () => {
    const labels = (swing: 'in' | 'out') =>
      prepSheets(decide({ swing }))[0]!.drawing.elements.flatMap((one) =>
        one.kind === 'text' && one.layer === 'label' ? [one.text] : [],
      );
    expect(labels('out')).toContain('pull face, outside');
    expect(labels('in')).toContain('push face, outside');
  });
  it('spread figures that would lie on each other, in their order', () => {
    expect(spread([0, 1, 2], 10)).toEqual([-9, 1, 11].map((at) => expect.closeTo(at, 3)));
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 1000 }), { maxLength: 12 }), (list) => {
        const sorted = list.sort((a, b) => a - b);
        const places = spread(sorted, 8);
        expect(places).toEqual([...places].sort((a, b) => a - b));
      }),
    );
  });
});

describe('the sheets as DXF', () => {
  /** What an independent reader finds: units, layers, the measurement of every dimension, faults. */
  const read = (text: string) => {
    const path = join(mkdtempSync(join(tmpdir(), 'riegel-dxf-')), 'sheet.dxf');
    writeFileSync(path, text);
    const script = `
import ezdxf, json, sys
from ezdxf.lldxf.encoding import decode_dxf_unicode
doc = ezdxf.readfile(sys.argv[1])
audit = doc.audit()
space = doc.modelspace()
print(json.dumps({
  'errors': len(audit.errors),
  'units': doc.header['$INSUNITS'],
  'layers': sorted({e.dxf.layer for e in space}),
  'dimensions': [round(d.get_measurement(), 3) for d in space.query('DIMENSION')],
  'texts': [decode_dxf_unicode(t.dxf.text) for t in space.query('TEXT')],
  'lines': len(space.query('LINE')),
}))`;
    return JSON.parse(
      execFileSync('/usr/bin/python3', ['-c', script, path], { encoding: 'utf8' }),
    ) as {
      errors: number;
      units: number;
      layers: string[];
      dimensions: number[];
      texts: string[];
      lines: number;
    };
  };
  const fileOf = (sheet: ReturnType<typeof prepSheets>[number], system: 'inch' | 'metric') =>
    dxf(
      {
        elements: sheet.drawing.elements,
        ordinates: sheet.ordinates,
        textHeight: sheet.drawing.textHeight,
      },
      system,
    );
  it('are measured right by another reader, in inches and in millimetres', () => {
    for (const [basis, system, unit, code] of [
      [us, 'inch', toInches, 1],
      [british, 'metric', toMm, 4],
    ] as const)
      for (const sheet of prepSheets(decide({}, basis))) {
        const found = read(fileOf(sheet, system));
        expect([found.errors, found.units]).toEqual([0, code]);
        expect(found.dimensions).toEqual(
          sheet.ordinates.map(({ ticks }) => expect.closeTo(unit(ticks), 2)),
        );
        expect(found.layers).toEqual(
          expect.arrayContaining(['OUTLINE', 'CUT', 'DIMENSION', 'TEXT']),
        );
        expect(found.lines).toBeGreaterThan(10);
      }
  });
  it('write other letters so that they are read', () => {
    const found = read(
      dxf(
        {
          elements: [
            { kind: 'text', layer: 'label', at: { x: 0, y: 0 }, text: 'Tür ¾', anchor: 'middle' },
          ],
          ordinates: [],
          textHeight: mm(10),
        },
        'metric',
      ),
    );
    expect(found.texts).toEqual(['Tür ¾']);
    expect(found.errors).toBe(0);
  });
});

describe('a story stick', () => {
  it('carries leaf and jamb with the head gap built in', () => {
    const decided = decide();
    const [hinge, lock] = storySticks(decided);
    const { headGap, frameHeight } = decided.results.sizing;
    expect(hinge).toMatchObject({ edge: 'hinge', length: frameHeight, leafTop: headGap });
    const of = (half: string) =>
      hinge!.marks.filter((mark) => mark.half === half).map(({ down }) => down);
    // Hinge halves meet: what is cut in leaf and jamb lies on one line of the stick.
    expect(of('leaf')).toEqual(of('frame'));
    expect(lock!.marks.map(({ half }) => half)).toEqual(expect.arrayContaining(['leaf', 'frame']));
    expect(storySticks(decide({ frameHeight: undefined }))).toEqual([]);
  });
  it('gives the opening of a template by collar and bit', () => {
    const recess = { width: mm(30), height: mm(100) };
    expect(templateOpening(recess, { bit: mm(12), collar: mm(16) })).toEqual({
      width: mm(34),
      height: mm(104),
      offset: mm(2),
    });
    expect(templateOpening(recess, { bit: mm(12), collar: mm(12) })?.offset).toBe(0);
    expect(templateOpening(recess, { bit: mm(16), collar: mm(12) })).toBeUndefined();
    expect(templateOpening(recess, { bit: mm(31), collar: mm(40) })).toBeUndefined();
    expect(templateOpening(recess, { bit: 0, collar: mm(12) })).toBeUndefined();
  });
});
