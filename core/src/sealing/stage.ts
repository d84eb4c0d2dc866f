import { productTypesOf, type ProductType } from '../catalogue/index.js';
import { valueOrUndefined } from '../model/index.js';
import { SEALING_RULES } from './rules.js';
import { defineStage } from '../stageContract/index.js';
import { SEALING_DECISIONS, type Bottom } from './decisions.js';
import { decideSealing } from './decide.js';
import { type Sealing } from './result.js';
import { SEALING_FACTS } from './facts.js';
import { SEALING_MESSAGES } from './messages.js';
import { sealingSolids } from './solids.js';
import { SEALING_TERMS } from './terms.js';
import { SEALING_VALUES } from './values.js';

const BOTTOM_PRODUCTS: Partial<Record<Bottom, ProductType>> = {
  sweep: 'sweep',
  'drop-surface': 'drop-surface',
  'drop-half': 'drop-half',
  'drop-full': 'drop-full',
  threshold: 'threshold',
};

/** What seals the gaps around the leaf: air, rain, smoke, sound, light. */
export const sealing = defineStage({
  id: 'sealing',
  needs: ['opening', 'sizing', 'hanging', 'securing', 'closing', 'protecting'],
  facts: SEALING_FACTS,
  values: SEALING_VALUES,
  decisions: SEALING_DECISIONS,
  rules: SEALING_RULES,
  messages: SEALING_MESSAGES,
  terms: SEALING_TERMS,
  hardware: true,
  products: productTypesOf('sealing'),
  decide: decideSealing,
  solids: ({ practice, results }, leaf) =>
    sealingSolids(results.sealing, results.securing, practice, leaf),
  slots: [
    {
      key: 'sealing.product',
      items: {
        sweep: 'item.bottom.sweep',
        'drop-surface': 'item.bottom.drop-surface',
        'drop-half': 'item.bottom.drop-half',
        'drop-full': 'item.bottom.drop-full',
        threshold: 'item.thresholdSeal',
      },
      need: ({ facts, results }) => {
        const type = BOTTOM_PRODUCTS[results.sealing.bottom];
        if (!type) return undefined;
        const { leaf, mass } = results.hanging.leaves[0]!;
        return {
          types: [type],
          traits: [],
          mass,
          longAs: leaf.width,
          leafHeight: leaf.height,
          thickness: leaf.thickness,
          rated: valueOrUndefined(facts.rating) ?? 0,
          opensTo: valueOrUndefined(facts.openTo),
          drop: results.sizing.undercut,
        };
      },
    },
    {
      key: 'sealing.perimeterProduct',
      items: { 'perimeter-seal': 'item.seal.*' },
      need: ({ facts, results }) => {
        const { perimeter, perimeterLength } = results.sealing;
        if (perimeter === 'none' || perimeter === 'silencers') return undefined;
        return {
          types: ['perimeter-seal'],
          traits: [perimeter === 'light' ? 'weather' : perimeter],
          longAs: perimeterLength,
          rated: perimeter === 'smoke' ? (valueOrUndefined(facts.rating) ?? 0) : 0,
        };
      },
    },
  ],
});

declare module '../model/registry.js' {
  interface Results {
    sealing: Sealing;
  }
  interface HardwareStages {
    sealing: true;
  }
}
