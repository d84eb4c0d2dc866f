import type { PracticeId } from '../practice/index.js';
import {
  AUSTRALIAN_OPENINGS,
  BRITISH_OPENINGS,
  GERMAN_OPENINGS,
  regionalOpenings,
  toldOf,
} from '../testing/regionalLists.js';

const LISTS: [PracticeId, string][] = [
  ['continental', GERMAN_OPENINGS],
  ['british', BRITISH_OPENINGS],
  ['australasian', AUSTRALIAN_OPENINGS],
];

describe.each(LISTS)('thirty openings as lists of the region give them: %s', (practice, list) => {
  const openings = regionalOpenings(list, practice);
  it('are thirty', () => expect(openings).toHaveLength(30));
  it.each(openings)('$mark is $is', ({ facts, is, has, not }) => {
    const told = toldOf(facts, practice);
    const says = (text: string) => told.some((line) => line.includes(text));
    const missing = [...(is ? [`is ${is}`] : []), ...has].filter((text) => !says(text));
    const unwanted = not.filter(says);
    expect({ told, missing, unwanted }).toEqual({ told, missing: [], unwanted: [] });
  });
});
