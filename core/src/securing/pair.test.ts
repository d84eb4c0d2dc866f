import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { boltLengths, datumsOf } from './index.js';

const pair: OpeningFacts = {
  mark: '1',
  kind: 'pair',
  active: 'left',
  swing: 'in',
  frameMaterial: 'steel',
  frameWidth: inches(72),
  frameHeight: inches(84),
  leafConstruction: 'steel-honeycomb-18',
  leafThickness: inches(1.75),
  rating: 0,
  frequency: 'medium',
  secured: true,
  lockUse: 'store',
  egress: false,
};
const us = (facts: Partial<OpeningFacts> = {}) =>
  decideOpening({ ...pair, ...facts }, PRACTICES['us-commercial']);
const held = (facts: Partial<OpeningFacts>) => {
  const { bolts, coordinator } = us(facts).results.securing;
  return [bolts, coordinator];
};
const codes = (facts: Partial<OpeningFacts>) => us(facts).findings.map((one) => one.code);

describe('the second leaf of a pair', () => {
  it('is bolted by hand only where it is neither rated, nor on a way out, nor needed', () => {
    expect(held({ closer: 'none' })).toEqual(['flush', false]);
    expect(held({ rating: 90 })).toEqual(['automatic', true]);
    expect(held({ egress: true, closer: 'any' })).toEqual(['automatic', true]);
    expect(held({ clearWanted: inches(60), closer: 'none' })).toEqual(['automatic', false]);
    expect(held({ clearWanted: inches(30), closer: 'none' })).toEqual(['flush', false]);
    // Nobody said whether people leave by it: that is not “no”, but for rooms of goods and plant.
    for (const egress of [undefined, 'unknown'] as const) {
      expect(held({ egress, closer: 'none' })).toEqual(['automatic', false]);
      expect(held({ egress, closer: 'none', role: 'plant' })).toEqual(['flush', false]);
    }
  });
  it('is bolted by hand in a dwelling, where people leave by the other, unless it is a way out or rated', () => {
    const home = { lockUse: 'dwelling', egress: undefined } as const;
    for (const role of ['house-entrance', 'balcony', 'bedroom'] as const)
      expect(held({ ...home, role })[0]).toBe('flush');
    expect(held({ ...home, role: 'entrance', occupancy: 'residential' })[0]).toBe('automatic');
    // Nobody said that few leave by it: a device on each leaf.
    expect(held({ ...home, role: 'entrance' })[0]).toBeUndefined();
    expect(held({ ...home, role: 'balcony', egress: true })[0]).toBe('automatic');
    expect(held({ ...home, role: 'balcony', rating: 20 })[0]).toBe('automatic');
  });

  it('takes the strike: no long screws into a stud', () => {
    const screws = (facts: Partial<OpeningFacts>) =>
      us({
        role: 'house-entrance',
        lockUse: 'dwelling',
        frameMaterial: 'timber',
        ...facts,
      }).items.some(({ term }) => term === 'item.strikeScrews');
    expect(screws({})).toBe(false);
    expect(screws({ kind: 'single', hingeSide: 'left', frameWidth: inches(36) })).toBe(true);
  });

  it('wants a coordinator where the active leaf must close last, and both are closed', () => {
    expect(held({ meetingEdge: 'astragal', closer: 'any' })).toEqual(['flush', true]);
    expect(held({ meetingEdge: 'rebated', closer: 'any' })).toEqual(['flush', true]);
    expect(held({ meetingEdge: 'square', closer: 'any' })).toEqual(['flush', false]);
    expect(held({ meetingEdge: 'astragal', closer: 'none' })).toEqual(['flush', false]);
    expect(held({ bolts: 'constant', closer: 'any' })).toEqual(['constant', true]);
  });
  it('needs no bolts where a mullion or rods hold each leaf', () => {
    expect(held({ meetingEdge: 'mullion' })[0]).toBe('none');
    expect(held({ egress: true, occupants: 200 })[0]).toBeUndefined();
    expect(held({ egress: true, occupants: 200, meetingEdge: 'mullion' })[0]).toBeUndefined();
    const items = us({ egress: true, occupants: 200, meetingEdge: 'mullion' }).items;
    const devices = items.filter((one) => one.term === 'item.lock.rim-exit');
    expect(devices.map(({ quantity, traits }) => `${quantity} ${traits[0]}`)).toEqual([
      '1 lock.exit-night-latch',
      '1 lock.exit-only',
    ]);
    expect(items.map((one) => one.term)).toContain('item.mullion');
  });
  it('of glass has a bolt by hand in its corner, and a magnet holds each leaf alone', () => {
    const glass = { leafConstruction: 'glass', glassThickness: mm(12), lockKind: 'patch' } as const;
    expect(held({ ...glass, egress: undefined })[0]).toBe('surface');
    const terms = us({ ...glass, egress: undefined }).items.map(({ term }) => term);
    expect(terms).toContain('item.bolts.patch');
    expect(terms).not.toContain('item.bolts.surface');
    expect(codes({ ...glass, egress: true })).toContain('securing.against.surface');
    expect(codes({ ...glass, bolts: 'automatic' })).toContain('securing.against.glassBolts');
    expect(codes({ bolts: 'automatic' })).not.toContain('securing.against.glassBolts');
    const shut = { electricLock: 'sensor-magnet' } as const;
    expect(held(shut)[0]).toBe('none');
    // What is rated latches, whatever holds it beside.
    expect(held({ ...shut, rating: 60 })[0]).toBe('automatic');
    expect(codes({ ...shut, rating: 60, bolts: 'none' })).toContain('securing.against.loose');
    expect(codes(shut)).not.toContain('securing.against.loose');
    expect(codes({ bolts: 'none' })).toContain('securing.against.loose');
  });
  it('that swings both ways is pushed, or held by bolts worked by hand', () => {
    const both = (facts: Partial<OpeningFacts>) => {
      const { items, decisions } = us({ kind: 'double-acting-pair', ...facts });
      return {
        terms: items.flatMap(({ stage, term, quantity }) =>
          stage === 'securing' ? [`${quantity} ${term!.slice(5)}`] : [],
        ),
        decided: (key: string) => decisions.find((one) => one.key === key)?.value,
      };
    };
    expect(both({ role: 'kitchen', lockUse: undefined, secured: undefined }).terms).toEqual([
      '4 pushPlate',
    ]);
    const locked = both({ role: 'store', egress: true });
    expect(locked.terms).toEqual([
      '1 lock.deadbolt',
      '2 keys',
      '4 pushPlate',
      '1 bolts.flush',
      '1 dustStrike',
    ]);
    expect(locked.decided('securing.bolts')).toEqual({ type: 'term', term: 'bolts.flush' });
    const why = (facts: Partial<OpeningFacts>) =>
      us(facts).decisions.find(({ key }) => key === 'securing.bolts')?.reasons[0]?.code;
    expect(why({ kind: 'double-acting-pair' })).toBe('securing.bolts.bothWays');
    expect(why({ role: 'riser', rating: 90 })).toBe('securing.bolts.shut');
    expect(why({ role: 'store' })).toBe('securing.bolts.manual');
    expect(codes({ role: 'riser', rating: 90 }).join()).not.toMatch(/against/);
    expect(both({}).decided('handing.hand')).toEqual({ type: 'term', term: 'doubleActing.pair' });
    expect(both({}).decided('handing.knuckles')).toBeUndefined();
  });
  it('is told when it is held as its rating or the way out does not allow', () => {
    expect(codes({ bolts: 'flush', rating: 90 })).toContain('securing.against.manualRated');
    expect(codes({ bolts: 'flush', egress: true })).toContain('securing.against.manualWayOut');
    expect(codes({ bolts: 'surface', rating: 20 })).toContain('securing.against.surface');
    // In a store, or where the leaf's width is not needed, it is a matter of the code: to be checked.
    const levels = (facts: Partial<OpeningFacts>) =>
      us({ bolts: 'flush', rating: 90, ...facts })
        .findings.filter((one) => /against/.test(one.code))
        .map((one) => [one.level, one.code]);
    expect(levels({})).toEqual([['stop', 'securing.against.manualRated']]);
    for (const where of [{ role: 'store' }, { occupancy: 'business' }] as const) {
      expect(levels(where)).toEqual([['check', 'securing.against.manualStore']]);
      expect(levels({ ...where, clearWanted: inches(60) })).toEqual([
        ['stop', 'securing.against.manualRated'],
      ]);
    }
    expect(levels({ occupancy: 'assembly' })[0]![0]).toBe('stop');
    expect(codes({ bolts: 'flush', clearWanted: inches(60) })).toContain(
      'securing.against.manualWidth',
    );
    expect(codes({ bolts: 'flush', closer: 'none' }).filter((one) => /against/.test(one))).toEqual(
      [],
    );
    const without = {
      rating: 90,
      choices: { 'securing.coordinator': { value: 'none', reason: 'no room at the head' } },
    };
    expect(codes(without)).toContain('securing.noCoordinator');
  });
  it('brings bolts, a floor strike, a coordinator and dummy trim into the set', () => {
    const terms = us({ rating: 90 })
      .items.filter((one) => one.stage === 'securing')
      .map((one) => one.term);
    // A bored lock's latch is shorter than listings of rated pairs ask for.
    expect(terms).toEqual([
      'item.lock.mortise',
      'item.cylinder.mortise',
      'item.keys',
      'item.trim.lever',
      'item.bolts.automatic',
      'item.dustStrike',
      'item.coordinator',
      'item.dummyTrim',
    ]);
    // On a way out a leaf that its bolts let go shows nothing to pull or turn.
    expect(us({ rating: 90, egress: true }).items.map((one) => one.term)).not.toContain(
      'item.dummyTrim',
    );
    expect(us({}).items.map((one) => one.term)).toContain('item.dummyTrim');
    const astragal = us({ meetingEdge: 'astragal' }).items.find(
      (one) => one.term === 'item.astragal',
    );
    expect(astragal?.length).toBe(us().results.sizing.leaves[0]!.height);
    expect(
      us({ meetingEdge: 'rebated', lockKind: 'mortise' }).items.map((one) => one.term),
    ).toContain('item.rebateSet');
  });
  it('has its top bolt longer where its lever would be out of reach', () => {
    const values = PRACTICES['us-commercial'];
    expect(boltLengths(inches(83), inches(0.75), values).top).toBe(inches(12));
    expect(boltLengths(inches(90), 0, values).top).toBe(inches(12));
    expect(boltLengths(inches(95), inches(1), values)).toEqual({
      top: inches(18),
      bottom: inches(12),
    });
  });
  it('takes the latch of its lock in its own edge, clear of rods or not', () => {
    const strikes = us({ lockKind: 'mortise' }).solids.filter(
      (one) => one.thing === 'solid.strike',
    );
    expect(strikes.map((one) => [one.leaf, one.on])).toEqual([]);
    const unequal = us({ kind: 'unequal-pair', leafWidth: inches(36), lockKind: 'mortise' });
    expect(
      unequal.solids.filter((one) => one.thing === 'solid.strike').map((one) => [one.leaf, one.on]),
    ).toEqual([['inactive', 'leaf']]);
  });
  it('tells a latch too short for a listing of a rated pair', () => {
    expect(codes({ rating: 90, lockKind: 'cylindrical' })).toContain('securing.ratedThrow');
    expect(codes({ rating: 90, lockKind: 'mortise' })).not.toContain('securing.ratedThrow');
  });
});

describe('an exit device', () => {
  const exit = (facts: Partial<OpeningFacts>) => us({ egress: true, occupants: 100, ...facts });
  it('is cut to its leaf from the next longer bar, with rods to head and floor', () => {
    const { securing, sizing: sizes } = exit({}).results;
    const leaf = sizes.leaves[0]!;
    expect(securing.exit).toMatchObject({
      made: inches(36),
      bar: leaf.width! - inches(2),
      cut: inches(36) - (leaf.width! - inches(2)),
    });
    const { topRod, bottomRod } = securing.exit!;
    // Rods and the case between them reach over the whole leaf.
    expect(topRod + bottomRod + inches(3)).toBe(leaf.height);
  });
  it('leaves the bottom rod out where the floor must stay plain, and says the listing decides', () => {
    const plain = exit({ plainFloor: true });
    expect(plain.results.securing.exit?.bottomRod).toBe(0);
    expect(plain.findings.map((one) => one.code)).toContain('securing.noBottomRod');
    expect(plain.solids.filter((one) => one.thing === 'solid.rod').length).toBe(1);
    expect(exit({}).findings.map((one) => one.code)).toContain('securing.rodFloor');
  });
  it('is told too wide for any bar, and fire exit hardware on rated leaves', () => {
    expect(exit({ frameWidth: inches(120) }).findings.map((one) => one.code)).toContain(
      'securing.barShort',
    );
    expect(exit({ rating: 90 }).findings.map((one) => one.code)).toContain('securing.fireExit');
  });
  it('does not lie on the glass between its stiles', () => {
    const glazed = exit({
      leafConstruction: 'aluminium-narrow',
      glassWidth: inches(28),
      glassHeight: inches(70),
    });
    expect(glazed.clashes.filter((one) => one.kind === 'void')).toEqual([]);
  });
});

describe('heights', () => {
  it('are the trade’s, by practice and item', () => {
    const usual = (id: (typeof PRACTICE_IDS)[number]) => {
      const { heights, lockHeight, reach, escape } = PRACTICES[id].values;
      const { deadbolt, exit, pushPlate, pull, viewer } = heights.value;
      return [
        lockHeight.value,
        ...[deadbolt, exit, pushPlate, pull, viewer].map((row) => row.usual),
        reach.value.from,
        escape.value.from,
      ];
    };
    expect(usual('us-commercial')).toEqual([40.3125, 48, 40.3125, 45, 42, 60, 34, 34].map(inches));
    expect(usual('us-residential')[0]).toBe(inches(36));
    expect(usual('british')).toEqual([1000, 700, 1000, 1100, 1100, 1500, 800, 900].map(mm));
    expect(usual('continental')[0]).toBe(mm(1050));
    expect(usual('australasian').slice(0, 2)).toEqual([mm(1000), mm(1150)]);
    for (const id of PRACTICE_IDS)
      for (const row of Object.values(PRACTICES[id].values.heights.value)) {
        expect(row.from).toBeLessThanOrEqual(row.usual);
        expect(row.usual).toBeLessThanOrEqual(row.to);
      }
  });
  it('agree from every datum, whatever floor, finish and gaps', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 78, max: 96 }),
        fc.integer({ min: 30, max: 60 }),
        fc.integer({ min: 0, max: 3 }),
        (high, lock, finish) => {
          const { securing, sizing: sizes } = us({
            kind: 'single',
            hingeSide: 'left',
            frameWidth: inches(36),
            frameHeight: inches(high),
            lockHeight: inches(lock),
            floorFinish: inches(finish / 2),
          }).results;
          const at = datumsOf(securing.height!, sizes, securing.leaf);
          expect(at.leafBottom! + at.leafTop!).toBe(securing.leaf!.height);
          expect(at.floor + at.frameHead!).toBe(inches(high) - inches(finish / 2));
          expect(at.frameHead! - at.leafTop!).toBe(sizes.headGap);
          expect(at.floor - at.leafBottom!).toBe(securing.leaf!.bottom);
        },
      ),
    );
  });
  it('are told outside reach, escape and the practice’s range, each by its own rule', () => {
    const at = (lockHeight: number, facts: Partial<OpeningFacts> = {}) =>
      codes({ lockHeight: inches(lockHeight), ...facts }).filter((one) => /height/.test(one));
    expect(at(40)).toEqual([]);
    expect(at(50)).toEqual(['securing.height.range']);
    expect(at(50, { accessible: true })).toEqual(
      expect.arrayContaining(['securing.height.reach', 'securing.height.range']),
    );
    expect(at(50, { egress: true })).toContain('securing.height.escape');
    expect(at(48, { accessible: true })).not.toContain('securing.height.reach');
  });
  it('of a stable door’s lock leave its case within the lower leaf', () => {
    const stable = us({
      kind: 'stable',
      hingeSide: 'left',
      lockKind: 'mortise',
      frameWidth: inches(36),
    });
    const { securing } = stable.results;
    const top = securing.leaf!.bottom + securing.leaf!.height;
    expect(securing.height! + inches(3) + inches(1)).toBe(top);
    expect(stable.clashes.filter((one) => one.kind === 'beyond')).toEqual([]);
  });
});
