import fc from 'fast-check';
import { inches } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { Item, OpeningFacts } from '../model/index.js';
import { decideOpening } from '../deciding/index.js';
import { groupSets, scheduleOf, signatureOf, type KnownSet } from './index.js';

const item = (quantity: number): Item => ({
  stage: 'hanging',
  term: 'item.butt',
  quantity,
  unit: 'each',
  traits: [],
  handed: false,
});
const opening = (id: string, quantity: number) => ({
  id,
  mark: id,
  items: quantity ? [item(quantity)] : [],
});

describe('grouping openings into sets', () => {
  it('puts equal hardware together in mark order and leaves openings without hardware apart', () => {
    const { sets, without } = groupSets([
      opening('10', 3),
      opening('2', 4),
      opening('9', 3),
      opening('1', 0),
    ]);
    expect(sets.map((set) => [set.number, set.openings.map((one) => one.id)])).toEqual([
      [1, ['2']],
      [2, ['9', '10']],
    ]);
    expect(without.map((one) => one.id)).toEqual(['1']);
  });

  it('keeps numbers when openings come, go and change', () => {
    const first = groupSets([opening('1', 3), opening('2', 4), opening('3', 3)]);
    const moved = groupSets(
      [opening('0', 5), opening('1', 3), opening('2', 4), opening('3', 3)],
      first.known,
    );
    expect(moved.sets.map((set) => [set.number, set.openings.length])).toEqual([
      [1, 2],
      [2, 1],
      [3, 1],
    ]);
    // All of set 1 takes other hardware: it is still set 1.
    const changed = groupSets([opening('1', 6), opening('2', 4), opening('3', 6)], first.known);
    expect(changed.sets.map((set) => [set.number, set.items[0]!.quantity])).toEqual([
      [1, 6],
      [2, 4],
    ]);
    // A number that fell out of use is never given to something else.
    const gone = groupSets([opening('1', 3)], first.known);
    const back = groupSets([opening('1', 3), opening('7', 9)], gone.known);
    expect(back.sets.map((set) => set.number)).toEqual([1, 3]);
  });

  it('gives a number to the hardware that most of its openings now take', () => {
    const first = groupSets(['1', '2', '3', '4', '5'].map((id) => opening(id, 3)));
    const split = groupSets(
      [opening('1', 6), opening('2', 6), opening('3', 8), opening('4', 8), opening('5', 8)],
      first.known,
    );
    expect(split.sets.map((set) => [set.number, set.items[0]!.quantity])).toEqual([
      [1, 8],
      [2, 6],
    ]);
    // Evenly divided, the first in mark order keeps it.
    const even = groupSets(
      [opening('1', 6), opening('2', 6), opening('3', 8), opening('4', 8), opening('5', 3)],
      groupSets(['1', '2', '3', '4'].map((id) => opening(id, 4))).known,
    );
    expect(even.sets.map((set) => [set.number, set.items[0]!.quantity])).toEqual([
      [1, 6],
      [2, 8],
      [3, 3],
    ]);
  });
  it('of two sets that become one keeps the number most were of, then the lower', () => {
    const before = [opening('1', 3), opening('2', 4), opening('3', 4)];
    const { known } = groupSets(before);
    const one = groupSets(
      before.map(({ id }) => opening(id, 9)),
      known,
    );
    expect(one.sets.map((set) => set.number)).toEqual([2]);
    const even = groupSets([opening('1', 9), opening('2', 9)], groupSets(before.slice(0, 2)).known);
    expect(even.sets.map((set) => set.number)).toEqual([1]);
  });

  it('is stable, complete and disjoint for any history', () => {
    const project = fc.uniqueArray(
      fc.record({ id: fc.integer({ min: 1, max: 30 }).map(String), q: fc.nat({ max: 5 }) }),
      { selector: (one) => one.id },
    );
    fc.assert(
      fc.property(fc.array(project, { minLength: 1, maxLength: 5 }), (history) => {
        let known: KnownSet[] = [];
        for (const list of history) {
          const openings = list.map((one) => opening(one.id, one.q));
          const grouped = groupSets(openings, known);
          const again = groupSets([...openings].reverse(), grouped.known);
          expect(again.sets.map((set) => [set.number, set.signature])).toEqual(
            grouped.sets.map((set) => [set.number, set.signature]),
          );
          const members = grouped.sets.flatMap((set) => set.openings.map((one) => one.id));
          expect([...members, ...grouped.without.map((one) => one.id)].sort()).toEqual(
            openings.map((one) => one.id).sort(),
          );
          expect(new Set(grouped.sets.map((set) => set.number)).size).toBe(grouped.sets.length);
          for (const set of grouped.sets)
            for (const one of set.openings) expect(signatureOf(one.items)).toBe(set.signature);
          known = grouped.known;
        }
      }),
    );
  });
});

describe('the schedule by set', () => {
  const base: OpeningFacts = {
    mark: '101',
    kind: 'single',
    from: 'Corridor',
    to: 'Office',
    frameMaterial: 'steel',
    frameWidth: inches(36),
    frameHeight: inches(84),
    leafConstruction: 'timber-stave',
    rating: 0,
  };
  const schedule = (list: Partial<OpeningFacts>[]) =>
    scheduleOf(
      list.map((facts, index) => {
        const decided = decideOpening(
          { ...base, mark: `10${index}`, ...facts },
          PRACTICES['us-commercial'],
        );
        return { id: String(index), mark: decided.facts.mark, items: decided.items, decided };
      }),
    );

  it('puts openings of either hand into one set and names the hand in the heading', () => {
    const made = schedule([
      { hingeSide: 'left', swing: 'in' },
      { hingeSide: 'right', swing: 'in' },
    ]);
    expect(made.sets).toHaveLength(1);
    expect(
      made.sets[0]!.headings.map((heading) => [heading.mark, heading.hand, heading.size]),
    ).toEqual([
      ['100', 'LH', '36 in × 84 in'],
      ['101', 'RH', '36 in × 84 in'],
    ]);
    expect(made.sets[0]!.lines[0]).toMatchObject({
      quantity: 3,
      size: '4 1/2 in × 4 1/2 in',
      stage: 'Hanging',
    });
  });

  it('prints what is open and found, and written hardware in working order', () => {
    const made = schedule([
      {
        manualItems: [
          {
            stage: 'securing',
            quantity: 1,
            unit: 'each',
            description: 'Storeroom lock',
            finish: '626',
          },
        ],
        secured: false,
        omitted: { powering: 'no power here' },
      },
      { from: undefined, to: undefined },
    ]);
    expect(made.open[0]).toMatchObject({ marks: ['100', '101'], stage: 'Handing' });
    expect(made.sets[0]!.lines.map((line) => line.description.split(',')[0])).toEqual([
      'Butt hinge',
      'Storeroom lock',
      'Wall stop',
      'Silencer',
    ]);
    expect(made.findings.some((finding) => finding.level === 'note')).toBe(true);
  });
});
