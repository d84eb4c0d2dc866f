import {
  itemOf,
  meetsInMiddle,
  swingsBothWays,
  type Item,
  type OpeningKind,
} from '../model/index.js';
import type { ProtectingInput, Protecting } from './result.js';
import type { Plates } from '../practice/index.js';

/** Whether plates stand on both faces: asked for so, or the leaf is pushed from both sides. */
export const onBothFaces = (plates: Plates, kind: OpeningKind): boolean =>
  plates === 'armor-both' || swingsBothWays(kind);

/** Adds plates, guards and viewers to the set. */
export function protectingItems(
  items: Item[],
  { facts, results }: Pick<ProtectingInput, 'facts' | 'results'>,
  { plates, sizes, stretcher, viewers, fingerGuard, labelled }: Protecting,
): void {
  const leaves = meetsInMiddle(facts.kind) ? 2 : 1;
  const push = (term: string, quantity: number, more?: Partial<Item>) =>
    items.push(itemOf('protecting', term, quantity, more));
  const armor = plates === 'armor' || plates === 'armor-both';
  for (const { quantity, plate, mop } of sizes) {
    if (plate)
      push(
        armor ? 'item.armorPlate' : 'item.kickPlate',
        quantity * (onBothFaces(plates, facts.kind) ? 2 : 1),
        {
          width: plate.width,
          height: plate.height,
          traits: labelled ? ['plateTrait.labelled'] : [],
        },
      );
    if (mop) push('item.mopPlate', quantity, { width: mop.width, height: mop.height });
  }
  if (stretcher)
    push('item.stretcherPlate', leaves, {
      width: stretcher.size.width,
      height: stretcher.size.height,
    });
  const locked = results.securing.kind !== undefined && results.securing.kind !== 'none';
  if (facts.traffic === 'beds' && plates !== 'none')
    push('item.edgeGuard', leaves, { handed: locked });
  if (fingerGuard !== undefined) push('item.fingerGuard', 2 * leaves, { length: fingerGuard });
  if (viewers.length > 0) push('item.viewer', viewers.length);
}
