import { known } from '../opening/index.js';
import { defineStage } from '../stage/index.js';
import { SEALING_FACTS } from './facts.js';
import { sealingSolids } from './solids.js';
import { SEALING_TERMS } from './terms.js';

/** What seals the gaps: recorded so far, not decided. */
export const sealing = defineStage({
  id: 'sealing',
  needs: ['sizing', 'hanging'],
  facts: SEALING_FACTS,
  terms: SEALING_TERMS,
  hardware: true,
  products: ['perimeter-seal', 'sweep', 'drop-surface', 'drop-half', 'drop-full', 'threshold'],
  solids: ({ facts, practice }, leaf) => sealingSolids(facts, practice, leaf),
  slots: [
    {
      key: 'sealing.product',
      items: {},
      need: ({ facts, results }) => {
        const seal = facts.threshold === 'sealing' ? 'threshold' : known(facts.bottomSeal);
        if (!seal || seal === 'none' || seal === 'any') return undefined;
        const { leaf, mass } = results.hanging.leaves[0]!;
        return {
          types: [seal],
          traits: [],
          mass,
          longAs: leaf.width,
          leafHeight: leaf.height,
          thickness: leaf.thickness,
          rated: known(facts.rating) ?? 0,
          opensTo: known(facts.openTo),
          drop: results.sizing.undercut,
        };
      },
    },
  ],
});

declare module '../opening/registry.js' {
  interface Results {
    sealing: undefined;
  }
  interface HardwareStages {
    sealing: true;
  }
}
