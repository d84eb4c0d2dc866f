import fc from 'fast-check';
import { candidates } from '../stageContract/index.js';
import { decideOpening, needsOf } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { bareBasis, projectBasis, PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText, TERMS } from '../phrasing/index.js';
import {
  adjustmentsFor,
  MAKERS,
  PRODUCT_FIELDS,
  PRODUCT_TRAITS,
  PRODUCT_TYPES,
  productCells,
  readProductCells,
  readProducts,
  SHIPPED_PRODUCTS,
  type Product,
  type ProductField,
} from './index.js';

function valueOf(field: ProductField): fc.Arbitrary<unknown> {
  switch (field.type) {
    case 'text':
      return fc.constantFrom('a', 'Door, “wide”', "it's 4 × 4", '=1+1');
    case 'type':
      return fc.constantFrom(...PRODUCT_TYPES);
    case 'length':
      return fc.nat({ max: 3_000_000 });
    case 'mass':
    case 'count':
      return fc.nat({ max: 500_000 });
    case 'yes-no':
      return fc.boolean();
    case 'list':
      return fc.array(fc.constantFrom('steel', 'x', 'a b'), { minLength: 1, maxLength: 3 });
  }
}
const anyProduct = fc
  .record(Object.fromEntries(PRODUCT_FIELDS.map((one) => [one.name, valueOf(one)])), {
    requiredKeys: ['maker', 'model', 'type'],
  })
  .map((one) => one as unknown as Product);
const anyCatalogue = fc
  .array(anyProduct, { maxLength: 12 })
  .map((list) => list.map((one, index) => ({ ...one, id: `p-${index}` })));

describe('plates and viewers as products', () => {
  it.each([
    ['us-commercial', 'toilet-group', ['protecting.mopProduct']],
    ['continental', 'patient-room', []],
  ] as const)('are to be had for every plate and viewer that is decided: %s', (id, role, mops) => {
    const project = bareBasis(PRACTICES[id]);
    const facts = {
      ...DOOR,
      closer: 'any' as const,
      role,
      viewer: true,
      bumperHeight: mm(760),
    };
    const decided = decideOpening(facts, project);
    const asked = needsOf(decided, project).filter(({ slot }) => slot.startsWith('protecting.'));
    expect(asked.map(({ slot }) => slot)).toEqual([
      'protecting.product',
      ...mops,
      'protecting.stretcherProduct',
      'protecting.viewerProduct',
    ]);
    for (const one of asked) {
      const [best] = candidates(one, project.products.values());
      expect([one.slot, best?.missing]).toEqual([one.slot, []]);
    }
    if (mops.length === 0) return;
    // What is named stands with its item, and no other.
    const mop = candidates(asked[1]!, project.products.values())[0]!.product;
    const named = decideOpening(
      { ...facts, choices: { 'protecting.mopProduct': { value: mop.id, reason: 'x' } } },
      project,
    );
    expect(named.items.filter(({ product }) => product).map(({ term }) => term)).toEqual([
      'item.mopPlate',
    ]);
  });
});

describe('hinges of rebated leaves', () => {
  const project = bareBasis(PRACTICES.continental);
  const fit = (facts: Partial<OpeningFacts>) => {
    const room = { ...DOOR, leafEdge: 'rebated', leafThickness: mm(40), ...facts } as const;
    const asked = needsOf(decideOpening(room, project), project);
    const need = asked.find(({ slot }) => slot === 'hanging.product')!;
    return candidates(need, project.products.values()).flatMap(({ product, missing }) =>
      missing.length === 0 && product.type === 'drill-in' ? [product.model] : [],
    );
  };
  it('stand by mass, rating, metal and grade', () => {
    const light = fit({ leafMass: 20_000, frequency: 'low' });
    expect(light).toEqual(expect.arrayContaining(['R 15/2', 'R 15/3', 'R 20/3']));
    expect(light).not.toContain('R 15/2 N');
    expect(fit({ leafMass: 45_000 }).sort()).toEqual(['R 15/3', 'R 20/3']);
    expect(fit({ leafMass: 100_000 })).toEqual(['R 20/3']);
    // Rated leaves ask for grade 13.
    expect(fit({ leafMass: 20_000, rating: 30 })).toEqual(['R 20/3']);
    expect(fit({ leafMass: 20_000, rating: 90 })).toEqual(['R 20/3']);
  });
  it('are named in the set', () => {
    const choices = { 'hanging.product': { value: 'tarnhollow-r-20-3', reason: 'x' } };
    const named = decideOpening({ ...DOOR, leafEdge: 'rebated', choices }, project);
    const hinge = named.items.find(({ term }) => term === 'item.drillIn');
    expect(hinge?.product).toBe('Tarnhollow R 20/3');
  });
});

describe('the catalogue that ships', () => {
  it('has products of every type in the invented makers, each with an id of its own, all valid', () => {
    expect(SHIPPED_PRODUCTS.length).toBeGreaterThanOrEqual(120);
    expect(new Set(SHIPPED_PRODUCTS.map((one) => one.type))).toEqual(new Set(PRODUCT_TYPES));
    expect(new Set(SHIPPED_PRODUCTS.map((one) => one.maker))).toEqual(new Set(MAKERS));
    const read = readProducts([...SHIPPED_PRODUCTS]);
    expect(read.ok).toBe(true);
    for (const { traits } of SHIPPED_PRODUCTS)
      for (const trait of traits ?? []) expect(PRODUCT_TRAITS).toContain(trait);
  });
  it('is named in words throughout', () => {
    const wanted = [
      ...PRODUCT_TYPES.map((type) => `product.${type}`),
      ...PRODUCT_FIELDS.map((field) => `productField.${field.name}`),
      ...PRODUCT_TRAITS.map((trait) => `trait.${trait}`),
    ];
    expect(wanted.filter((key) => !TERMS[key])).toEqual([]);
  });
});

describe('catalogue files', () => {
  it('read back what they were written from, as cells and as JSON', () => {
    fc.assert(
      fc.property(anyCatalogue, (products) => {
        const rows = readProductCells(productCells(products));
        expect(rows.ok && rows.value.map((row) => row.product)).toEqual(
          products.map((one) => Object.fromEntries(Object.entries(one))),
        );
        const json = readProducts(JSON.parse(JSON.stringify(products)));
        expect(json).toEqual({ ok: true, value: products });
      }),
    );
    const shipped = readProductCells(productCells(SHIPPED_PRODUCTS));
    expect(shipped.ok && shipped.value.map((row) => row.product)).toEqual([...SHIPPED_PRODUCTS]);
  });
  it('say which row and field cannot be read, and refuse what is no catalogue', () => {
    const cells = [
      ['Id', 'Maker', 'Model', 'Type', 'Height', 'handed'],
      ['a-1', 'Marrowby', 'One', 'butt', '4 1/2 in', 'no'],
      ['a-1', 'Marrowby', 'Two', 'butt', '', ''],
      ['a-2', '', 'Three', 'gadget', 'tall', 'perhaps'],
      ['', '', '', '', '', ''],
    ];
    const read = readProductCells(cells);
    expect(read.ok && read.value.map((row) => row.faults.map((one) => one.field))).toEqual([
      [],
      ['id'],
      ['maker', 'type', 'height', 'handed'],
    ]);
    expect(read.ok && read.value[0]!.product!.height).toBe(mm(114.3));
    expect(readProductCells([['Mark', 'Size']])).toMatchObject({
      ok: false,
      fault: { code: 'catalogue.columns' },
    });
    for (const [value, code] of [
      [{}, 'catalogue.shape'],
      [[1], 'catalogue.shape'],
      [[{ id: 'x' }], 'catalogue.value'],
      [[{ id: 'X y', maker: 'a', model: 'b', type: 'butt' }], 'catalogue.value'],
      [[{ id: 'x', maker: 'a', model: 'b', type: 'butt', spring: 1 }], 'catalogue.value'],
      [
        Array.from({ length: 2 }, () => ({ id: 'x', maker: 'a', model: 'b', type: 'butt' })),
        'catalogue.repeated',
      ],
    ] as const)
      expect(readProducts(value)).toMatchObject({ ok: false, fault: { code } });
  });
});

describe('products for a decision', () => {
  const basis = projectBasis('us-commercial');
  const facts: OpeningFacts = {
    mark: '1',
    kind: 'single',
    frameMaterial: 'steel',
    frameWidth: 292_608,
    frameHeight: 682_752,
    leafConstruction: 'timber-mineral',
    hingeSide: 'left',
    swing: 'in',
    rating: 90,
    secured: false,
    exterior: false,
    closer: 'surface-pull',
    bottomSeal: 'drop-full',
  };
  const need = (more: Partial<OpeningFacts> = {}, slot = 'hanging.product') => {
    const decided = decideOpening({ ...facts, ...more }, basis);
    return needsOf(decided, basis).find((one) => one.slot === slot)!;
  };

  it('come first where they satisfy all, and say what they lack where they almost do', () => {
    const list = candidates(need(), basis.products.values());
    expect(list[0]!.missing).toEqual([]);
    expect(list[0]!.product.traits).toContain('bearing');
    expect(list[0]!.product.height).toBe(mm(114.3));
    const plain = list.find((one) => one.product.id === 'marrowby-p-4-5x4-5')!;
    expect(plain.missing.map((one) => one.code)).toEqual(
      expect.arrayContaining(['catalogue.lacks.trait', 'catalogue.lacks.listed']),
    );
    for (const { missing } of list)
      for (const lack of missing)
        expect(phraseText(lack, { system: 'inch' })).not.toMatch(/\?|lacks\./);
    for (let index = 1; index < list.length; index++)
      expect(list[index]!.missing.length).toBeGreaterThanOrEqual(list[index - 1]!.missing.length);
    const seals = candidates(need({}, 'sealing.product'), basis.products.values());
    expect(seals.every((one) => one.product.type === 'drop-full')).toBe(true);
    expect(
      seals.some((one) => one.missing.some((lack) => lack.code === 'catalogue.lacks.length')),
    ).toBe(true);
  });

  it('named, they stand in the set, and their own figures go before the usual ones', () => {
    const named = (id: string, more: Partial<OpeningFacts> = {}) =>
      decideOpening(
        {
          ...facts,
          ...more,
          choices: { ...more.choices, 'hanging.product': { value: id, reason: 'stock' } },
        },
        basis,
      );
    const heavy = named('marrowby-h-4-5x4-5');
    expect(heavy.items[0]!.product).toBe('Marrowby H 4.5x4.5');
    expect(heavy.solids.find((one) => one.thing === 'solid.hinge')!.x[1]).toBe(
      Math.round(0.18 * 8128),
    );
    expect(heavy.findings.filter((one) => one.code.startsWith('catalogue'))).toEqual([]);
    const plain = named('marrowby-p-4-5x4-5');
    expect(plain.findings.map((one) => one.code)).toContain('catalogue.lacks.listed');
    expect(named('gone-1').findings.map((one) => one.code)).toContain('catalogue.gone');
    const hidden = named('quillstead-a240', {
      rating: 0,
      choices: { 'hanging.device': { value: 'adjustable-concealed', reason: 'hidden' } },
    });
    expect(hidden.solids.find((one) => one.thing === 'solid.concealedHinge')!.x).toEqual([
      0,
      mm(40),
    ]);
    expect(hidden.findings.map((one) => one.code)).toContain('hanging.concealedThin');
  });
});

describe('adjusting three-way hinges', () => {
  const product = SHIPPED_PRODUCTS.find((one) => one.id === 'quillstead-a160')!;
  const leaf = { height: mm(2100), hingeHeight: mm(160) };
  it('makes the reveals parallel and equal, in turns, and says what is beyond the range', () => {
    const rows = adjustmentsFor(
      { hingeTop: mm(2), hingeBottom: mm(4), lockTop: mm(6), lockBottom: mm(4), head: mm(5) },
      [mm(100), mm(1840)],
      leaf,
      mm(3.5),
      product,
    )!;
    // At the very top half of 6 − 2, at the very bottom nothing; each hinge by its own height.
    expect(rows[0]!.side).toBe(Math.round(mm(2) * (1 - 180 / 2100)));
    expect(rows[1]!.side).toBe(Math.round(mm(2) * (1 - 1920 / 2100)));
    expect(rows.map((one) => one.liftTurns)).toEqual([1.5 / 0.8, 1.5 / 0.8]);
    expect(rows.every((one) => one.sideInRange && one.liftInRange)).toBe(true);
    const far = adjustmentsFor(
      { hingeTop: 0, hingeBottom: 0, lockTop: mm(9), lockBottom: mm(9), head: mm(9) },
      [mm(100)],
      leaf,
      mm(3),
      product,
    )!;
    expect(far[0]).toMatchObject({ sideInRange: false, liftInRange: false });
  });
  it('leaves the reveals equal at the hinges once turned', () => {
    const gap = fc.integer({ min: mm(1), max: mm(6) });
    fc.assert(
      fc.property(gap, gap, gap, gap, (hingeTop, hingeBottom, lockTop, lockBottom) => {
        const tops = [mm(100), mm(1000), mm(1840)];
        const rows = adjustmentsFor(
          { hingeTop, hingeBottom, lockTop, lockBottom, head: mm(3) },
          tops,
          leaf,
          mm(3),
          product,
        )!;
        rows.forEach((row, index) => {
          const along = (tops[index]! + mm(80)) / leaf.height;
          const at = (top: number, bottom: number) => top + (bottom - top) * along;
          const hinge = at(hingeTop, hingeBottom) + row.side;
          const lock = at(lockTop, lockBottom) - row.side;
          expect(Math.abs(hinge - lock)).toBeLessThanOrEqual(2);
        });
      }),
    );
  });
  it('has nothing to turn on a hinge that does not adjust', () => {
    const fixed = SHIPPED_PRODUCTS.find((one) => one.id === 'quillstead-c117')!;
    const even = { hingeTop: 0, hingeBottom: 0, lockTop: 0, lockBottom: 0, head: 0 };
    expect(adjustmentsFor(even, [mm(100)], leaf, 0, fixed)).toBeUndefined();
  });
});
