import { bareBasis } from '../project/index.js';
import { candidates } from '../stageContract/index.js';
import { decideOpening, needsOf } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { LOCK_KINDS } from '../securing/index.js';
import { projectBasis, PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { LOCK_SPECS, practiceWith, readLocks, SHIPPED_PRODUCTS, type LockSpec } from './index.js';
import { stageOfType } from '../stageRegistry/index.js';
import { DOOR } from '../testing/door.js';

const locking = SHIPPED_PRODUCTS.filter((one) => stageOfType(one.type) === 'securing');
const facts: OpeningFacts = { ...DOOR, frameMaterial: 'timber', secured: true, lockUse: 'store' };

describe('the locking products that ship', () => {
  it('are many, of every kind of lock, with functions that there are', () => {
    expect(locking.length).toBeGreaterThanOrEqual(150);
    const types = new Set(locking.map((one) => one.type as string));
    for (const kind of LOCK_KINDS) if (kind !== 'none') expect(types).toContain(kind);
    const ids = LOCK_SPECS.map((spec) => spec.id);
    for (const product of locking)
      for (const id of product.functions ?? [])
        expect([product.id, ids]).toContainEqual(ids.includes(id) ? ids : id);
  });
  it('satisfy each practice’s usual lock', () => {
    for (const practice of Object.values(PRACTICES)) {
      const decided = decideOpening(
        { ...facts, leafThickness: practice.values.leafThickness.value },
        practice,
      );
      const need = needsOf(decided, bareBasis(practice)).find(
        (one) => one.slot === 'securing.product',
      )!;
      const fitting = candidates(need, SHIPPED_PRODUCTS).filter((one) => one.missing.length === 0);
      expect([practice.id, fitting.length > 0]).toEqual([practice.id, true]);
    }
  });
  it('put their own case, throw, strike and backset in place of the practice’s, each a solid', () => {
    const product = locking.find((one) => one.type === 'sash' && one.backset === mm(44))!;
    const named = decideOpening(
      {
        ...facts,
        lockKind: 'sash',
        choices: { 'securing.product': { value: product.id, reason: 'as asked' } },
      },
      projectBasis('british'),
    );
    expect(named.results.securing.backset).toBe(mm(44));
    const box = named.solids.find((one) => one.thing === 'solid.lockCase')!;
    expect(box.x[1] - box.x[0]).toBe(product.recessAcross);
    expect(box.y[1] - box.y[0]).toBe(product.recessUp);
    expect(box.z[1] - box.z[0]).toBe(product.recessThrough);
    expect(named.results.securing.strike?.plate.height).toBe(product.strikeHeight);
    expect(named.items.find((one) => one.term === 'item.lock.sash')?.product).toBe(
      `${product.maker} ${product.model}`,
    );
    const value = named.decisions.find((one) => one.key === 'securing.product')?.value;
    expect(value).toEqual({ type: 'term', term: `=${product.maker} ${product.model}` });
  });
  it('clash as themselves: a deep case meets the glass a shallow one clears', () => {
    const glazed = (id: string) =>
      decideOpening(
        {
          ...facts,
          lockKind: 'profile',
          leafThickness: mm(44),
          glassWidth: mm(500),
          glassHeight: mm(1200),
          glassAt: mm(500),
          glassFromLock: mm(95),
          choices: { 'securing.product': { value: id, reason: 'as asked' } },
        },
        projectBasis('continental'),
      ).clashes.filter((one) => one.kind === 'void' && one.a.thing === 'solid.lockCase').length;
    expect(glazed('osk-penn-pz-55')).toBe(0);
    expect(glazed('osk-penn-pz-80')).toBe(1);
  });
  it('are told what they lack: another function, another backset, a leaf too thick', () => {
    const lacks = (id: string, of: Partial<OpeningFacts>) =>
      decideOpening(
        { ...facts, ...of, choices: { 'securing.product': { value: id, reason: 'x' } } },
        PRACTICES['us-commercial'],
      ).findings.map((one) => one.code);
    expect(lacks('quillstead-t-pal', { lockKind: 'tubular', backset: inches(3) })).toEqual(
      expect.arrayContaining(['catalogue.lacks.backset', 'catalogue.lacks.function']),
    );
    expect(
      lacks('quillstead-t-pal', { lockKind: 'tubular', leafThickness: inches(2.5) }),
    ).toContain('catalogue.lacks.leafThick');
  });
  it('hold the bolts of a second leaf too', () => {
    const pair = {
      ...facts,
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      rating: 90,
    } as const;
    const decided = decideOpening(pair, PRACTICES['us-commercial']);
    const need = needsOf(decided, bareBasis(PRACTICES['us-commercial'])).find(
      (one) => one.slot === 'securing.boltsProduct',
    )!;
    expect(need.types).toEqual(['automatic-bolt']);
    expect(candidates(need, SHIPPED_PRODUCTS)[0]!.missing).toEqual([]);
  });
  it('leave a practice as it is where none is named', () => {
    expect(practiceWith(PRACTICES.british, [])).toBe(PRACTICES.british);
  });
});

describe('functions a project composes', () => {
  const own: LockSpec = {
    ...LOCK_SPECS.find((one) => one.id === 'storeroom')!,
    id: 'own-a1',
    name: 'Plant, with a button',
    number: undefined,
    insideButton: true,
  };
  it('are read as described, and stand beside those that ship', () => {
    expect(readLocks([own])).toEqual({ ok: true, value: [own] });
    for (const [value, code] of [
      [{}, 'locks.shape'],
      [[{ ...own, id: 'storeroom' }], 'locks.value'],
      [[own, own], 'locks.value'],
      [[{ ...own, name: undefined }], 'locks.value'],
      [[{ ...own, bolt: 'yes' }], 'locks.value'],
    ] as const)
      expect(readLocks(value)).toMatchObject({ ok: false, fault: { code } });
    const basis = projectBasis('us-commercial', [], undefined, [], [own]);
    const decided = decideOpening(
      { ...facts, choices: { 'securing.function': { value: 'own-a1', reason: 'ours' } } },
      basis,
    );
    expect(decided.results.securing.spec).toEqual(own);
    expect(decided.decisions.find((one) => one.key === 'securing.function')?.value).toEqual({
      type: 'term',
      term: '=Plant, with a button',
    });
  });
});
