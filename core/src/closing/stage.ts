import type { ProductType } from '../catalogue/index.js';
import { known } from '../opening/index.js';
import { defineStage } from '../stage/index.js';
import { closerKindOf, CLOSING_FACTS, type CloserKind } from './facts.js';
import { closingSolids } from './solids.js';
import { CLOSING_TERMS } from './terms.js';

const CLOSERS: Record<CloserKind, ProductType> = {
  'surface-pull': 'surface-closer',
  'surface-push': 'surface-closer',
  'concealed-overhead': 'concealed-closer',
  floor: 'floor-closer',
  head: 'head-closer',
};

/** What closes the leaf: recorded so far, not decided. */
export const closing = defineStage({
  id: 'closing',
  needs: ['hanging'],
  facts: CLOSING_FACTS,
  terms: CLOSING_TERMS,
  hardware: true,
  products: ['surface-closer', 'concealed-closer', 'floor-closer', 'head-closer'],
  solids: ({ facts, practice }, leaf) => closingSolids(facts, practice, leaf),
  slots: [
    {
      key: 'closing.product',
      items: {},
      need: ({ facts, results }) => {
        const closer = closerKindOf(facts);
        if (!closer) return undefined;
        const { device, leaves } = results.hanging;
        const { leaf, mass } = leaves[0]!;
        return {
          types: [CLOSERS[closer]],
          mass,
          leafHeight: leaf.height,
          thickness: leaf.thickness,
          rated: known(facts.rating) ?? 0,
          opensTo: known(facts.openTo),
          device,
          traits: [
            ...(facts.holdOpen === true ? ['hold-open'] : []),
            ...(facts.backCheck === true ? ['back-check'] : []),
          ],
        };
      },
    },
  ],
});

declare module '../opening/registry.js' {
  interface Results {
    closing: undefined;
  }
  interface HardwareStages {
    closing: true;
  }
}
