import { findOpenings } from './findOpenings.js';

const openings = Array.from({ length: 5000 }, (_, index) => ({
  id: String(index),
  version: 1,
  facts: {
    mark: String(index),
    kind: 'single' as const,
    from: 'Corridor',
    to: index === 4711 ? 'Wardrobe' : 'Office',
  },
}));
const marks = (text: string) => findOpenings(openings, text).map(({ facts }) => facts.mark);

it('finds any of thousands, the mark itself first', () => {
  expect(marks('4999')).toEqual(['4999']);
  expect(marks('47').slice(0, 3)).toEqual(['47', '470', '471']);
  expect(marks('wardrobe')).toEqual(['4711']);
  expect(marks('office corr')).toHaveLength(50);
  expect(marks('')).toHaveLength(50);
  expect(marks('nowhere')).toEqual([]);
});
