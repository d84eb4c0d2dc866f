import { decideOpening } from '../deciding/index.js';
import type { Item } from '../model/index.js';
import { PRACTICE_IDS, type PracticeId } from '../practice/index.js';
import { projectBasis } from '../project/index.js';
import { orderedItems, scheduleOf, type ScheduledOpening } from '../scheduling/index.js';
import { madeOpening, numbersFrom } from '../testing/madeOpening.js';
import { quantityTakeoff } from './index.js';

const SEED = 20_261_202;
const COUNT = 400;

const BASES = Object.fromEntries(PRACTICE_IDS.map((id) => [id, projectBasis(id)]));
const basisOf = (practice: PracticeId) => BASES[practice]!;

/** Made openings of each practice, as a schedule has them. */
const made = () => {
  const numbers = numbersFrom(SEED);
  const by = new Map<PracticeId, ScheduledOpening[]>();
  for (let at = 0; at < COUNT; at++) {
    const { facts, practice } = madeOpening(numbers, basisOf);
    const decided = decideOpening({ ...facts, mark: String(at) }, basisOf(practice));
    const list = by.get(practice) ?? [];
    list.push({ id: String(at), mark: String(at), items: decided.items, decided });
    by.set(practice, list);
  }
  return by;
};
const OPENINGS = made();
const sum = (list: readonly { quantity: number }[]) =>
  list.reduce((total, { quantity }) => total + quantity, 0);

describe('what is prepared, set, scheduled and taken off', () => {
  it.each([...OPENINGS])('is the same number of each thing: %s', (practice, openings) => {
    const all = openings.flatMap(({ items }) => orderedItems(items));
    const takeOff = quantityTakeoff(openings, basisOf(practice).practice, {
      by: 'all',
      spares: 0,
      pairs: false,
    }).flatMap(({ lines }) => lines);
    expect(sum(takeOff)).toBe(sum(all));
    expect(takeOff.every(({ quantity, openings: of }) => quantity === sum(of))).toBe(true);
    // Each set holds what each of its openings takes.
    const { sets } = scheduleOf(openings);
    const itemsOf = new Map(openings.map(({ id, items }) => [id, orderedItems(items)]));
    for (const { openings: ids, lines } of sets)
      for (const id of ids) expect([id, sum(itemsOf.get(id)!)]).toEqual([id, sum(lines)]);
  });

  it.each([...OPENINGS])('has a hinge for each recess that is cut: %s', (_, openings) => {
    const hinges = (items: readonly Item[]) =>
      sum(items.filter(({ term }) => term === 'item.butt' || term === 'item.springHinge'));
    let tried = 0;
    for (const { mark, items, decided } of openings) {
      const { hanging, sizing, opening } = decided.results;
      // The other room’s leaf in one frame has all that the first has.
      const twice = (decided.facts.twoLeaves ?? opening.assumed.twoLeaves) === true ? 2 : 1;
      if (hanging.device !== 'butt' || hinges(items) === 0) continue;
      tried += 1;
      const cut = hanging.leaves.map(({ leaf }) => {
        const recesses = decided.solids.filter(
          ({ thing, on, leaf: of }) => thing === 'solid.hinge' && on === 'leaf' && of === leaf.id,
        );
        return recesses.length * (sizing.leaves.find(({ id }) => id === leaf.id)?.quantity ?? 1);
      });
      const recesses = cut.reduce((total, one) => total + one, 0);
      expect([mark, hinges(items)]).toEqual([mark, twice * recesses]);
    }
    expect(tried).toBeGreaterThan(10);
  });
});
