import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { panicOf } from './panic.js';
import { differsFrom, writtenUse } from './written.js';
import { LOCK_SPECS } from '../catalogue/index.js';

const us = (facts: Partial<OpeningFacts>) =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES['us-commercial']);
const british = (facts: Partial<OpeningFacts>) =>
  decideOpening(
    { ...DOOR, frameMaterial: 'timber', leafThickness: mm(44), ...facts },
    PRACTICES.british,
  );
const told = (decided: ReturnType<typeof us>, ...codes: string[]) =>
  decided.findings.flatMap(({ level, code }) =>
    codes.includes(code.replace(/^(?:securing|law)\./, '')) ? [`${level} ${code}`] : [],
  );

describe('a rated pair across a corridor', () => {
  it('has a device on each leaf where it latches, and none where nobody asks it to', () => {
    const across = { kind: 'pair', role: 'cross-corridor', active: 'left', rating: 20 } as const;
    expect(us(across).results.securing).toMatchObject({
      kind: 'rods-surface',
      spec: { id: 'exit-passage' },
      secondSpec: { id: 'exit-passage' },
    });
    expect(us({ ...across, rating: 0 }).results.securing.kind).toBe('none');
    expect(british(across).results.securing.kind).toBe('none');
  });
});

describe('panic hardware', () => {
  const wanted = (facts: Partial<OpeningFacts>, practice: PracticeId) =>
    panicOf({ ...DOOR, ...facts }, PRACTICES[practice], valueOrUndefined(facts.role)).wanted;
  it.each([
    ['assembly', 49, 'no', 'no'],
    ['assembly', 50, 'yes', 'no'],
    ['assembly', 61, 'yes', 'yes'],
    ['education', 50, 'yes', 'no'],
    ['high-hazard', 1, 'yes', 'yes'],
    ['business', 500, 'no', 'yes'],
    ['storage', 60, 'no', 'no'],
    ['storage', 61, 'no', 'yes'],
    ['dwelling', 500, 'no', 'no'],
    [undefined, 49, 'no', 'no'],
    [undefined, 50, 'perhaps', 'no'],
    [undefined, 61, 'perhaps', 'perhaps'],
  ] as const)('%s, %i people: %s in the US, %s in Britain', (occupancy, occupants, one, other) => {
    const facts = { occupancy, occupants, egress: true };
    expect([wanted(facts, 'us-commercial'), wanted(facts, 'british')]).toEqual([one, other]);
    expect(wanted({ ...facts, egress: false }, 'us-commercial')).toBe('no');
  });
  it('perhaps where so many gather in a room of a building that is something else', () => {
    const room = (role: OpeningFacts['role'], occupants: number) =>
      wanted({ occupancy: 'business', role, occupants }, 'us-commercial');
    expect(['classroom', 'meeting', 'assembly'].map((role) => room(role as 'meeting', 50))).toEqual(
      ['perhaps', 'perhaps', 'perhaps'],
    );
    expect([room('meeting', 49), room('office', 500), room(undefined, 500)]).toEqual([
      'no',
      'no',
      'no',
    ]);
    const decided = us({ occupancy: 'business', role: 'meeting', occupants: 60, swing: 'out' });
    expect(decided.results.securing.kind).toBe('rim-exit');
    expect(
      told(
        us({ occupancy: 'business', role: 'meeting', occupants: 60, lockKind: 'mortise' }),
        'panicMissing',
      ),
    ).toEqual(['check securing.panicMissing']);
  });
  it('is asked for by electrical equipment of 800 A and more', () => {
    expect(wanted({ amperes: 799 }, 'us-commercial')).toBe('no');
    expect(wanted({ amperes: 800 }, 'us-commercial')).toBe('yes');
    const room = us({ role: 'electrical', amperes: 1200, swing: 'out' });
    expect(room.results.securing.kind).toBe('rim-exit');
    expect(room.results.securing.spec?.id).toBe('exit-night-latch');
    expect(told(room, 'amperesOpen')).toEqual([]);
    // Where no number alone asks for it, as much as there may be.
    expect(wanted({ amperes: 4000 }, 'british')).toBe('no');
    expect(wanted({ amperes: 800 }, 'australasian')).toBe('yes');
  });
  it('is not silenced by a recorded lock or use', () => {
    const crowd = { egress: true, occupants: 300, swing: 'out', occupancy: 'assembly' } as const;
    expect(told(us({ ...crowd, lockKind: 'mortise', lockUse: 'passage' }), 'panicMissing')).toEqual(
      ['stop securing.panicMissing'],
    );
    const perhaps = { ...crowd, occupancy: undefined };
    expect(
      told(us({ ...perhaps, lockKind: 'mortise', lockUse: 'passage' }), 'panicMissing'),
    ).toEqual(['check securing.panicMissing']);
    // Its use says what the trim outside does; the bar stays.
    for (const [lockUse, id] of [
      ['passage', 'exit-passage'],
      ['classroom', 'exit-classroom'],
      ['store', 'exit-night-latch'],
      ['exit-only', 'exit-only'],
      ['lock-down', 'exit-classroom-inside'],
      ['reader', 'exit-retraction'],
    ] as const) {
      const { kind, spec } = us({ ...crowd, lockUse }).results.securing;
      expect([lockUse, kind, spec?.id]).toEqual([lockUse, 'rim-exit', id]);
    }
    // Nothing that latches: nothing to open.
    expect(told(us({ ...crowd, lockKind: 'none' }), 'panicMissing')).toEqual([]);
  });
});

describe('the direction of escape', () => {
  const stair = {
    from: 'Corridor',
    to: 'Stair',
    role: 'stair',
    occupants: 300,
    occupancy: 'assembly',
  } as const;
  it('puts the bar on the side people come from, never on the pull side', () => {
    // Seen from the corridor it swings away, into the stair: people push.
    const right = us({ ...stair, swing: 'in' });
    expect(right.results.opening.escape).toBe('to');
    expect(right.results.securing.outsidePull).toBe(true);
    expect(told(right, 'barOnPull', 'swingsAgainst')).toEqual([]);
    // The direction was guessed: to be checked. Recorded it stops.
    const wrong = us({ ...stair, swing: 'out' });
    expect(told(wrong, 'barOnPull', 'swingsAgainst', 'barAsked')).toEqual(['check law.barAsked']);
    const barred = { ...stair, lockKind: 'rim-exit' } as const;
    expect(told(us({ ...barred, swing: 'out', escape: 'to' }), 'barOnPull')).toEqual([
      'stop securing.barOnPull',
    ]);
    expect(told(us({ ...barred, swing: 'out', escape: 'from' }), 'barOnPull')).toEqual([]);
    expect(told(us({ ...barred, swing: 'in', escape: 'from' }), 'barOnPull')).toEqual([
      'stop securing.barOnPull',
    ]);
    // None is proposed that those who leave could not push: the swing is asked first.
    const kindOf = (facts: Partial<OpeningFacts>) =>
      us({ ...stair, ...facts }).results.securing.kind;
    expect(kindOf({ swing: 'out', escape: 'to' })).toBeUndefined();
    expect(kindOf({ swing: 'in', escape: 'to' })).toBe('rim-exit');
    expect(kindOf({ swing: 'in', escape: 'from' })).toBeUndefined();
  });
  it('does not lock the corridor out of its own stair', () => {
    const { spec } = us({ ...stair, swing: 'in' }).results.securing;
    expect(spec?.id).toBe('exit-passage');
    expect(us({ from: 'Corridor', to: 'Stair', swing: 'in' }).results.securing.spec?.id).toBe(
      'mortise-passage',
    );
  });
  it('stops where many leave through a leaf that swings against them', () => {
    const hall = {
      from: 'Corridor',
      to: 'Hall',
      egress: true,
      escape: 'from',
      lockKind: 'none',
    } as const;
    // From the hall, inside, a leaf that swings in is pulled.
    const against = (facts: Partial<OpeningFacts>) =>
      told(us({ ...hall, swing: 'in', outside: 'from', ...facts }), 'swingsAgainst');
    expect(against({ occupants: 50 })).toEqual(['stop securing.swingsAgainst']);
    expect(against({ occupants: 49 })).toEqual([]);
    expect(against({ occupants: 50, swing: 'out' })).toEqual([]);
    expect(told(us({ ...hall, occupancy: 'high-hazard' }), 'swingHazard')).toEqual([
      'stop law.swingHazard',
    ]);
    const uk = (occupants: number) =>
      told(british({ ...hall, swing: 'in', outside: 'from', occupants }), 'swingsAgainst');
    expect([uk(60), uk(61)]).toEqual([[], ['stop securing.swingsAgainst']]);
  });
  it('tells a bar on the locked side, and people that leave both ways', () => {
    const exit = { lockKind: 'rim-exit', lockUse: 'exit', egress: true } as const;
    expect(told(us({ ...exit, swing: 'in' }), 'barOutside')).toEqual(['check securing.barOutside']);
    expect(told(us({ ...exit, swing: 'out' }), 'barOutside')).toEqual([]);
    const both = (occupants?: number) =>
      told(us({ ...exit, escape: 'both', swing: 'out', occupants }), 'escapeBoth', 'barOutside');
    // Few find the lever on the other face; uncounted, it is told as not checked.
    expect([both(), both(49), both(50)]).toEqual([[], [], ['check securing.escapeBoth']]);
  });
});

describe('leaves that swing opposite ways', () => {
  const pair = {
    kind: 'double-egress',
    frameWidth: inches(72),
    leafConstruction: 'steel-honeycomb-18',
  } as const;
  it('have rods on each and no trim, or push only', () => {
    const rated = us({ ...pair, role: 'cross-corridor', rating: 90 });
    expect(rated.results.securing.kind).toBe('rods-surface');
    expect(rated.results.securing.spec?.id).toBe('exit-only');
    expect(rated.items.find(({ term }) => term?.startsWith('item.lock'))?.quantity).toBe(2);
    expect(us({ ...pair, role: 'cross-corridor' }).results.securing.kind).toBe('none');
    expect(british({ ...pair, role: 'cross-corridor', rating: 30 }).results.securing.kind).toBe(
      'none',
    );
  });
  it('never take a lock in one another', () => {
    expect(told(us({ ...pair, lockKind: 'mortise', lockUse: 'passage' }), 'opposite')).toEqual([
      'stop securing.opposite',
    ]);
    expect(told(us({ ...pair, lockKind: 'rods-surface', lockUse: 'exit' }), 'opposite')).toEqual(
      [],
    );
  });
});

it('an astragal that overlaps does not go with exit devices on both leaves', () => {
  const pair = {
    kind: 'pair',
    active: 'left',
    swing: 'out',
    frameWidth: inches(72),
    lockUse: 'exit',
  } as const;
  const edge = (meetingEdge: OpeningFacts['meetingEdge']) =>
    told(us({ ...pair, meetingEdge }), 'astragalExit');
  expect(edge('astragal')).toEqual(['stop securing.astragalExit']);
  expect(edge('rebated')).toEqual(['stop securing.astragalExit']);
  expect(edge('square')).toEqual([]);
  expect(edge('mullion')).toEqual([]);
});

describe('a rated leaf', () => {
  it('with a dead bolt only is stopped from rating and kind alone; elsewhere as tested', () => {
    const bolt = { lockKind: 'deadbolt', rating: 90 } as const;
    expect(told(us(bolt), 'noLatch')).toEqual(['stop securing.noLatch']);
    expect(told(us({ ...bolt, lockUse: 'shop' }), 'noLatch')).toEqual(['stop securing.noLatch']);
    expect(told(british(bolt), 'noLatch', 'noLatchTested')).toEqual([
      'check securing.noLatchTested',
    ]);
    expect(told(us({ ...bolt, rating: 0 }), 'noLatch')).toEqual([]);
  });
  it('is not dogged', () => {
    const exit = { lockUse: 'exit', swing: 'out' } as const;
    expect(us({ ...exit, rating: 0 }).results.securing.spec?.heldBackBy).toEqual(['inside']);
    expect(us({ ...exit, rating: 90 }).results.securing.spec?.heldBackBy).toEqual([]);
  });
  it('that is pushed and pulled latches in the US, elsewhere as tested', () => {
    expect(us({ lockUse: 'push-pull', rating: 45 }).results.securing.spec?.id).toBe('passage');
    expect(us({ lockUse: 'push-pull' }).results.securing.kind).toBe('none');
    expect(british({ lockUse: 'push-pull', rating: 30 }).results.securing.kind).toBe('none');
  });
});

describe('hardware written by hand', () => {
  const spec = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
  it.each([
    ['Passage set, mortise', 'mortise', 'mortise-storeroom', true],
    ['Storeroom lock, mortise', 'mortise', 'mortise-storeroom', false],
    ['Passage set, mortise', 'mortise', 'mortise-passage', false],
    ['Privacy lock, with emergency release', 'mortise', 'privacy-bolt', false],
    ['Privacy lock', 'cylindrical', 'storeroom', true],
    ['Exit device, rim, exit only', 'rim-exit', 'exit-only', false],
    ['Exit device, rim, exit only', 'rim-exit', 'exit-night-latch', true],
    ['Exit device, fire type', 'mortise', 'mortise-passage', true],
    ['Panic bar, EN 1125', 'rods-surface', 'exit-passage', false],
    ['Mortice latch', 'rim-exit', 'exit-passage', true],
    ['Profile-cylinder mortise lock, 55 backset', 'profile', 'sash-turn', false],
    ['Ball catch', 'sash', 'mortise-storeroom', false],
  ] as const)('%s beside %s, %s: %s', (line, kind, id, differs) => {
    expect(differsFrom(line, kind, spec(id))).toBe(differs);
  });
  it.each([
    ['Passage set, mortise', 'passage'],
    ['Storeroom lock', 'store'],
    ['Privacy lock with emergency release', 'privacy'],
    ['Exit device, rim, exit only', 'exit-only'],
    ['Exit device, rim, night latch trim', 'exit'],
    ['Profile-cylinder mortise lock, 55 backset', undefined],
  ])('%s is for: %s', (line, use) => {
    expect(writtenUse(line)).toBe(use);
  });
  it('is told where it differs from what was decided, with both', () => {
    const manualItems = [
      { stage: 'securing', quantity: 1, unit: 'each', description: 'Passage set' },
    ] as OpeningFacts['manualItems'];
    const decided = us({ role: 'store', manualItems });
    const finding = decided.findings.find(({ code }) => code === 'securing.writtenDiffers');
    expect(finding).toMatchObject({
      level: 'check',
      params: { written: 'Passage set', decided: { term: 'lock.storeroom' } },
    });
    expect(told(us({ role: 'bedroom', manualItems }), 'writtenDiffers')).toEqual([]);
  });
});

describe('a room that its user locks', () => {
  it('has in metric practices a lock with a turn inside, and nobody is told of two motions', () => {
    for (const practice of ['british', 'continental'] as const) {
      const office = decideOpening(
        { ...DOOR, leafThickness: mm(44), role: 'office' },
        PRACTICES[practice],
      );
      expect(office.results.securing.spec?.id).toBe('sash-turn');
      expect(told(office, 'twoMotions', 'twoMotionsOut')).toEqual([]);
      const wayOut = decideOpening(
        { ...DOOR, leafThickness: mm(44), role: 'office', egress: true },
        PRACTICES[practice],
      );
      expect(wayOut.results.securing.spec?.id).toBe('sash-escape');
    }
  });
});
