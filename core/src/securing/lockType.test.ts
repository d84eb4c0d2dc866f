import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { LOCK_KINDS } from './facts.js';
import { projectBasis, PRACTICES } from '../project/index.js';
import type { Building, OpeningFacts } from '../model/index.js';
import { LOCK_USES, PRACTICE_IDS } from '../practice/index.js';
import { LOCK_SPECS } from '../catalogue/index.js';
import { exitCase } from './exitDevice.js';
import { LOCK_FORMS } from './index.js';
import { DOOR } from '../testing/door.js';

const base = DOOR;
const us = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...base, ...facts }, PRACTICES['us-commercial']);
const british = (facts: Partial<OpeningFacts>) =>
  decideOpening(
    { ...base, frameMaterial: 'timber', leafThickness: mm(44), ...facts },
    PRACTICES.british,
  );
const codes = (decided: ReturnType<typeof us>) =>
  decided.findings.filter((one) => one.stage === 'securing').map((one) => one.code);

describe('the kind of lock', () => {
  it('is the practice’s usual one, and its stronger one in high use', () => {
    const usual = PRACTICE_IDS.map(
      (id) =>
        decideOpening(
          {
            ...base,
            secured: true,
            lockUse: 'store',
            leafThickness: PRACTICES[id].values.leafThickness.value,
          },
          PRACTICES[id],
        ).results.securing.kind,
    );
    expect(usual).toEqual(['cylindrical', 'tubular', 'sash', 'profile', 'mortise']);
    expect(us({ secured: true, lockUse: 'store', frequency: 'high' }).results.securing.kind).toBe(
      'mortise',
    );
  });
  it('follows the leaf: metal stiles, thin wood, glass, leaves that slide or swing both ways', () => {
    const kind = (facts: Partial<OpeningFacts>) =>
      us({ secured: true, lockUse: 'store', ...facts }).results.securing.kind;
    expect(kind({ leafConstruction: 'aluminium-narrow' })).toBe('narrow-stile');
    expect(kind({ leafConstruction: 'glass' })).toBe('patch');
    expect(kind({ leafConstruction: 'glass', lockUse: 'push-pull' })).toBe('none');
    expect(kind({ kind: 'pocket', slideTo: 'left' })).toBe('sliding');
    expect(kind({ kind: 'double-acting' })).toBe('deadbolt');
    expect(kind({ frequency: 'high', leafThickness: inches(1.25) })).toBe('rim-lock');
    expect(
      us({ secured: true, lockUse: 'store', leafConstruction: 'glass' }).findings.map(
        (f) => f.code,
      ),
    ).toContain('securing.glass');
  });
  it('is an exit device where the way out serves many, by how the leaves meet', () => {
    const kind = (facts: Partial<OpeningFacts>) =>
      us({ egress: true, occupants: 50, ...facts }).results.securing.kind;
    const pair = { kind: 'pair', active: 'left', frameWidth: inches(72) } as const;
    expect(kind({})).toBe('rim-exit');
    expect(kind({ ...pair })).toBe('rods-surface');
    expect(kind({ ...pair, nothingVisible: true })).toBe('rods-concealed');
    expect(kind({ ...pair, meetingEdge: 'mullion' })).toBe('rim-exit');
    expect(kind({ occupants: 49, secured: true, lockUse: 'store' })).toBe('cylindrical');
    expect(
      us({ egress: false, occupants: 500, secured: true, lockUse: 'store' }).results.securing.kind,
    ).toBe('cylindrical');
  });
  it('puts a wanted dead bolt into one case with the latch', () => {
    const dwelling = us({ lockUse: 'entrance' });
    expect(dwelling.results.securing.kind).toBe('mortise');
    expect(dwelling.results.securing.spec?.bolt).toBe(true);
    expect(dwelling.results.securing.spec?.handleDrawsBolt).toBe(true);
  });
  it('says what speaks against every other, and keeps what was recorded', () => {
    const decision = us({ secured: true, lockUse: 'store' }).decisions.find(
      (one) => one.key === 'securing.kind',
    )!;
    const against = Object.fromEntries(
      decision.alternatives.map((one) => [one.value, one.against?.code]),
    );
    expect(against).toMatchObject({
      mortise: undefined,
      roller: 'securing.against.roller',
      gate: 'securing.against.gate',
      'narrow-stile': 'securing.against.narrow',
      none: 'securing.against.none',
    });
    const thin = us({
      secured: true,
      lockUse: 'store',
      leafThickness: inches(1.375),
    }).decisions.find((one) => one.key === 'securing.kind')!;
    expect(thin.alternatives.find((one) => one.value === 'mortise')?.against?.code).toBe(
      'securing.against.thin',
    );
    expect(us({ lockKind: 'unit', secured: true, lockUse: 'store' }).decisions).toEqual(
      expect.arrayContaining([
        expect.objectContaining({
          key: 'securing.kind',
          value: { type: 'term', term: 'lockKind.unit' },
        }),
      ]),
    );
  });
  it('is asked for only while nothing is known of what the door is for', () => {
    const open = us({}).decisions.filter((one) => one.stage === 'securing');
    expect(open.map((one) => [one.key, one.status])).toEqual([['securing.kind', 'open']]);
    expect(us({ secured: false }).results.securing.spec?.id).toBe('passage');
  });
  it('is made in functions that there are, each with a word', () => {
    const ids = LOCK_SPECS.map((spec) => spec.id);
    for (const kind of LOCK_KINDS)
      for (const id of LOCK_FORMS[kind].functions) expect(ids).toContain(id);
  });
});

describe('what a lock is for', () => {
  const building: Building = {
    storeys: [],
    rooms: [
      { name: 'Corridor', use: 'corridor' },
      { name: 'Washroom', use: 'sanitary' },
      { name: 'Boiler', use: 'plant' },
      { name: 'Guest 1', use: 'sleeping' },
      { name: 'Study', use: 'work' },
      { name: 'Court', use: 'outdoors' },
      { name: 'Hall', use: 'entrance' },
    ],
  };
  const basis = projectBasis('us-commercial', [], building);
  const spec = (from: string, to: string, facts: Partial<OpeningFacts> = {}) =>
    decideOpening({ ...base, from, to, ...facts }, basis).results.securing.spec?.id;
  it('follows from the room behind, unless somebody says otherwise', () => {
    expect(spec('Corridor', 'Washroom')).toBe('privacy-bolt');
    expect(spec('Corridor', 'Washroom', { secured: false })).toBe('privacy-bolt');
    expect(spec('Corridor', 'Boiler')).toBe('storeroom');
    expect(spec('Boiler', 'Corridor')).toBe('storeroom');
    expect(spec('Corridor', 'Guest 1')).toBe('passage');
    expect(spec('Corridor', 'Study')).toBe('office');
    // Out of a study one leaves to the open; by the hall people come in, and it is locked at night.
    expect(spec('Court', 'Study')).toBe('exit-night-latch');
    expect(spec('Court', 'Hall')).toBe('deadbolt-single');
    expect(spec('Corridor', 'Study', { secured: false })).toBe('passage');
    expect(spec('Corridor', 'Study', { lockUse: 'classroom' })).toBe('classroom');
    expect(spec('Corridor', 'Study', { lockUse: 'lock-down' })).toBe('classroom-inside');
  });
  it('never proposes a function that can hold people inside', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...LOCK_USES),
        fc.constantFrom(...PRACTICE_IDS),
        fc.constantFrom('single', 'pair', 'sliding', 'stable', 'double-acting'),
        fc.boolean(),
        (lockUse, id, kind, deadBolt) => {
          const decided = decideOpening(
            { ...base, kind: kind as 'single', active: 'left', slideTo: 'left', lockUse, deadBolt },
            PRACTICES[id],
          );
          expect(codes(decided)).not.toContain('securing.traps');
        },
      ),
    );
  });
});

describe('findings of a lock in its leaf', () => {
  it('tell a case too deep for its stile, and trim that stands on moulding or bead', () => {
    const framed = {
      leafConstruction: 'timber-panelled-softwood',
      lockKind: 'sash',
      midRail: 0,
    } as const;
    // 76 case and 12 behind want 88 of stile.
    expect(
      codes(british({ ...framed, secured: false, stileWidth: mm(87), backset: mm(57) })),
    ).toContain('securing.caseWide');
    // 57 + 26 + 10 of trim want 93.
    const trim = codes(british({ ...framed, secured: false, stileWidth: mm(92), backset: mm(57) }));
    expect(trim).toContain('securing.trimOver.stile');
    expect(trim).not.toContain('securing.caseWide');
    const wide = codes(british({ ...framed, secured: false, stileWidth: mm(93), backset: mm(57) }));
    expect(wide.filter((code) => /trimOver|caseWide/.test(code))).toEqual([]);
  });
  it('take the largest made backset that a narrow stile holds', () => {
    const of = (stile: number) =>
      british({
        leafConstruction: 'timber-panelled-softwood',
        secured: true,
        lockUse: 'store',
        midRail: 0,
        stileWidth: mm(stile),
      }).results.securing.backset;
    expect(of(114)).toBe(mm(57));
    expect(of(85)).toBe(mm(44));
  });
  it('tell a leaf too thin for the case, by the wood left beside it', () => {
    // (35 − 16) / 2 = 9.5 of 10.
    const thin = british({ lockKind: 'sash', secured: false, leafThickness: mm(35) });
    expect(codes(thin)).toContain('securing.thinLeaf');
    expect(thin.results.securing.fit?.skin).toEqual({ has: mm(9.5), needed: mm(10) });
    expect(
      codes(british({ lockKind: 'sash', secured: false, leafThickness: mm(36) })),
    ).not.toContain('securing.thinLeaf');
    // A board planted on later does not hold the lock.
    expect(
      codes(
        british({ lockKind: 'sash', secured: false, leafThickness: mm(44), faceFiller: mm(9) }),
      ),
    ).toContain('securing.thinLeaf');
    expect(
      codes(us({ lockKind: 'cylindrical', secured: false, leafThickness: inches(2.25) })),
    ).toContain('securing.boredThick');
  });
  it('skin knuckles with a knob on a short backset and a deep stop, not with a lever', () => {
    const knob = { lockKind: 'tubular', secured: false, backset: inches(2.375) } as const;
    expect(codes(us({ ...knob, handle: 'knob' }))).toContain('securing.fingers');
    expect(codes(us({ ...knob, handle: 'lever' }))).not.toContain('securing.fingers');
    expect(codes(us({ ...knob, handle: 'knob', backset: inches(2.75) }))).not.toContain(
      'securing.fingers',
    );
    // 2 3/8 + 1/8 gap − 1 of knob − 5/8 of stop.
    expect(us({ ...knob, handle: 'knob' }).results.securing.fit?.fingersPush).toBe(inches(0.875));
  });
  it('hold bolts to how far they are in the strike', () => {
    const latch = (latchThrow: number) =>
      us({ lockKind: 'cylindrical', secured: true, lockUse: 'store', latchThrow });
    expect(codes(latch(inches(0.5)))).not.toContain('securing.shortLatch');
    const short = latch(inches(0.4375)).findings.find((one) => one.code === 'securing.shortLatch');
    expect(short?.level).toBe('check');
    const hardly = latch(inches(0.3125)).findings.find((one) => one.code === 'securing.shortLatch');
    expect(hardly?.level).toBe('stop');
    const bolt = us({ lockKind: 'mortise', lockUse: 'entrance', boltThrow: inches(0.6875) });
    expect(codes(bolt)).toContain('securing.shortBolt');
  });
  it('tell double-keyed locks, two motions, rated leaves without a latch, a second lock on a way out', () => {
    const choose = (value: string) => ({ 'securing.function': { value, reason: 'asked for' } });
    const keyed = us({
      lockKind: 'deadbolt',
      lockUse: 'entrance',
      choices: choose('deadbolt-double'),
    });
    expect(codes(keyed)).toEqual(
      expect.arrayContaining(['securing.traps', 'securing.doubleKeyed']),
    );
    const rated = us({ lockKind: 'deadbolt', secured: true, lockUse: 'store', rating: 90 });
    expect(codes(rated)).toContain('securing.noLatch');
    expect(codes(us({ lockKind: 'none', rating: 90 }))).toContain('securing.noLatch');
    const second = {
      lockKind: 'cylindrical',
      secured: true,
      lockUse: 'store',
      deadBolt: true,
    } as const;
    const told = (facts: Partial<OpeningFacts>) =>
      us(facts)
        .findings.filter((one) => one.code.startsWith('securing.secondLock'))
        .map((one) => `${one.level} ${one.code}`);
    expect(told(second)).toEqual(['check securing.secondLock']);
    expect(told({ ...second, egress: 'unknown' })).toEqual(['check securing.secondLock']);
    // Two motions to get out: nobody may have to know of the second.
    expect(told({ ...second, egress: true })).toEqual(['stop securing.secondLockOut']);
    expect(told({ ...second, lockKind: 'mortise', egress: true })).toEqual([]);
    expect(us(second).results.securing.secondHeight).toBe(inches(48));
    expect(us(second).items.map((one) => one.term)).toContain('item.lock.deadbolt');
    const gone = us({ secured: true, lockUse: 'store', choices: choose('own-lost') });
    expect(codes(gone)).toContain('choice.notTaken');
  });
});

describe('limits of a lock, on both sides', () => {
  const { values } = PRACTICES['us-commercial'];
  it('an exit device from so many people, unless it is no way out', () => {
    const kind = (occupants: number, egress?: boolean) =>
      us({ occupants, egress, secured: true, lockUse: 'store' }).results.securing.kind;
    const from = values.panicFrom.value;
    expect(kind(from - 1, true)).not.toMatch(/exit/);
    expect(kind(from, true)).toMatch(/exit/);
    expect(kind(from)).toMatch(/exit/);
    expect(kind(from, false)).not.toMatch(/exit/);
  });
  it('an exit device no wider than its stile', () => {
    const told = (stileWidth: number) =>
      us({
        leafConstruction: 'timber-panelled-hardwood',
        midRail: 0,
        lockKind: 'rim-exit',
        egress: true,
        stileWidth,
      }).findings.filter((one) => one.code === 'securing.exitStile');
    const across = exitCase({ ...base, lockKind: 'rim-exit' }, PRACTICES['us-commercial']).across;
    expect(told(across)).toEqual([]);
    expect(told(across - 1)).toMatchObject([
      {
        level: 'check',
        params: { needed: { ticks: across }, has: { ticks: across - 1 } },
      },
    ]);
  });
  it('a bored lock in a leaf of its range: much too thin stops, a little too thin or too thick is checked', () => {
    const told = (leafThickness: number) =>
      us({ lockKind: 'cylindrical', secured: true, lockUse: 'store', leafThickness })
        .findings.filter((one) => one.code.startsWith('securing.bored'))
        .map((one) => `${one.level} ${one.code}`);
    const { from, to } = values.boredLeaf.value;
    const nearly = values.nearlyFits.value;
    expect(told(from - nearly - 1)).toEqual(['stop securing.boredThin']);
    expect(told(from - nearly)).toEqual(['check securing.boredThin']);
    expect(told(from)).toEqual([]);
    expect(told(to)).toEqual([]);
    expect(told(to + 1)).toEqual(['check securing.boredThick']);
  });
  it('heights within reach, escape and range, each end belonging to it', () => {
    const told = (lockHeight: number, code: string) =>
      us({
        lockKind: 'mortise',
        secured: true,
        lockUse: 'store',
        accessible: true,
        egress: true,
        lockHeight,
      }).findings.some((one) => one.code === `securing.height.${code}`);
    const bands = { reach: values.reach.value, escape: values.escape.value };
    for (const [code, { from, to }] of Object.entries(bands)) {
      expect([told(from, code), told(to, code)]).toEqual([false, false]);
      expect([told(from - 1, code), told(to + 1, code)]).toEqual([true, true]);
    }
    const { from, to } = values.heights.value.lock;
    expect([told(from, 'range'), told(to, 'range')]).toEqual([false, false]);
    expect([told(from - 1, 'range'), told(to + 1, 'range')]).toEqual([true, true]);
  });
  it('the stronger lock from high use on', () => {
    const kind = (passagesPerDay: number) =>
      us({ secured: true, lockUse: 'store', frequency: undefined, passagesPerDay }).results.securing
        .kind;
    const from = values.highUse.value;
    expect(kind(from - 1)).toBe(values.lockUsual.value);
    expect(kind(from)).toBe(values.lockHighUse.value);
  });
});

describe('the things of the stage in the set', () => {
  it('stand there unless somebody wrote them or left them out', () => {
    const items = (facts: Partial<OpeningFacts>) =>
      us({ secured: true, lockUse: 'store', ...facts })
        .items.filter((one) => one.stage === 'securing')
        .map((one) => one.term ?? one.written);
    expect(items({})).toEqual(['item.lock.cylindrical', 'item.keys']);
    expect(
      items({
        manualItems: [{ stage: 'securing', quantity: 1, unit: 'each', description: 'Lock' }],
      }),
    ).toEqual(['Lock']);
    expect(items({ omitted: { securing: 'by others' } })).toEqual([]);
    expect(items({ kind: 'pocket', slideTo: 'left' })).toEqual([
      'item.lock.sliding',
      'item.keys',
      'item.edgePull',
    ]);
    expect(items({ kind: 'stable' })).toContain('item.stableBolt');
  });
  it('have the cylinder in made halves where the lock is for a profile cylinder', () => {
    const decided = decideOpening(
      { ...base, secured: true, lockUse: 'store', frameMaterial: 'timber', leafThickness: mm(40) },
      PRACTICES.continental,
    );
    const cylinder = decided.items.find((one) => one.term === 'item.cylinder')!;
    expect([cylinder.height, cylinder.width]).toEqual([mm(30), mm(30)]);
  });
});
