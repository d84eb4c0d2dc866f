import { memoize } from '../measure/index.js';
import type { Item } from '../model/index.js';
import type { BaseMetal, FinishRow } from './values.js';

/** Items of hardware that are seen as metal, by the beginning of their term, with what they are made of. */
const METALS: readonly [string, BaseMetal | 'sheet' | 'hinge' | 'profile'][] = [
  ['item.butt', 'hinge'],
  ['item.spring', 'hinge'],
  ['item.continuous', 'profile'],
  ['item.swing', 'hinge'],
  ['item.teeHinge', 'hinge'],
  ['item.drillIn', 'hinge'],
  ['item.offsetPivot', 'hinge'],
  ['item.centrePivot', 'hinge'],
  ['item.intermediatePivot', 'hinge'],
  ['item.doubleActingSpring', 'hinge'],
  ['item.concealed', 'hinge'],
  ['item.adjustable-concealed', 'hinge'],
  ['item.rising', 'hinge'],
  ['item.closer.floor', 'sheet'],
  ['item.closer.concealed', 'painted'],
  ['item.closer', 'painted'],
  ['item.kickPlate', 'sheet'],
  ['item.mopPlate', 'sheet'],
  ['item.armorPlate', 'sheet'],
  ['item.stretcherPlate', 'sheet'],
  ['item.edgeGuard', 'sheet'],
  ['item.pushPlate', 'sheet'],
  ['item.pullHandle', 'sheet'],
  ['item.closingRail', 'sheet'],
  ['item.glassPulls', 'sheet'],
  ['item.lock', 'brass'],
  ['item.trim', 'brass'],
  ['item.exitTrim', 'brass'],
  ['item.cylinder', 'brass'],
  ['item.bolts', 'brass'],
  ['item.dustStrike', 'brass'],
  ['item.dummyTrim', 'brass'],
  ['item.edgePull', 'brass'],
  ['item.stop', 'brass'],
  ['item.viewer', 'brass'],
  ['item.coordinator', 'painted'],
];

const madeOf = memoize(
  (metals: typeof METALS, term: string) => metals.find(([of]) => term.startsWith(of))?.[1],
);

/** What an item is made of; undefined for what has no finish of its own. */
export function metalOf(item: Item, hinges: string, wanted: FinishRow): BaseMetal | undefined {
  const found = item.term === undefined ? undefined : madeOf(METALS, item.term);
  switch (found) {
    // Continuous hinges are drawn of aluminium where the appearance is, else of stainless steel.
    case 'profile':
      return wanted.aluminium !== '' ? 'aluminium' : 'stainless';
    case 'hinge':
      return hinges === 'stainless' ? 'stainless' : hinges === 'brass' ? 'brass' : 'steel';
    // Plates and pulls are of sheet or tube in the metal that the appearance is native to.
    case 'sheet':
      return wanted.id.includes('brass') ||
        wanted.id.includes('nickel') ||
        wanted.id.includes('black')
        ? 'brass'
        : wanted.id.includes('bronze')
          ? 'bronze'
          : 'stainless';
    // Cast and wrought parts of locks follow the appearance, too: bronze where it is one.
    case 'brass':
      return wanted.bronze !== '' ? 'bronze' : wanted.stainless !== '' ? 'stainless' : 'brass';
    default:
      return found;
  }
}
