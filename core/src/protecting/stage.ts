import { productTypesOf } from '../catalogue/index.js';
import { valueOrUndefined } from '../model/index.js';
import { PROTECTING_RULES } from './rules.js';
import { defineStage, type ProductRequirement } from '../stageContract/index.js';
import { PROTECTING_DECISIONS } from './decisions.js';
import { decideProtecting } from './decide.js';
import type { PlateSize, Protecting } from './result.js';
import { PROTECTING_FACTS } from './facts.js';
import { PROTECTING_MESSAGES } from './messages.js';
import { protectingSolids } from './solids.js';
import { liftOver } from './sweep.js';
import { PROTECTING_TERMS } from './terms.js';
import { PROTECTING_VALUES } from './values.js';

/** What protects the leaf from feet, carts and beds, and lets people see who stands outside. */
export const protecting = defineStage({
  id: 'protecting',
  needs: ['opening', 'sizing', 'hanging', 'securing', 'closing'],
  facts: PROTECTING_FACTS,
  values: PROTECTING_VALUES,
  decisions: PROTECTING_DECISIONS,
  rules: PROTECTING_RULES,
  messages: PROTECTING_MESSAGES,
  terms: PROTECTING_TERMS,
  hardware: true,
  products: productTypesOf('protecting'),
  slots: [
    {
      key: 'protecting.product',
      items: { 'kick-plate': 'item.kickPlate', 'armor-plate': 'item.armorPlate' },
      need: ({ facts, results }) => {
        const { plates, sizes, labelled } = results.protecting;
        const plate = sizes[0]?.plate;
        if (!plate) return undefined;
        const armor = plates === 'armor' || plates === 'armor-both';
        return {
          types: [armor ? 'armor-plate' : 'kick-plate'],
          traits: [],
          height: undefined,
          // Cut from the next wider plate.
          width: plate.width,
          rated: labelled ? (valueOrUndefined(facts.rating) ?? 0) : 0,
        };
      },
    },
    {
      key: 'protecting.mopProduct',
      items: { 'mop-plate': 'item.mopPlate' },
      need: ({ results }) => plateNeed('mop-plate', results.protecting.sizes[0]?.mop),
    },
    {
      key: 'protecting.stretcherProduct',
      items: { 'stretcher-plate': 'item.stretcherPlate' },
      need: ({ results }) => plateNeed('stretcher-plate', results.protecting.stretcher?.size),
    },
    {
      key: 'protecting.viewerProduct',
      items: { viewer: 'item.viewer' },
      need: ({ facts, results }) =>
        results.protecting.viewers.length === 0
          ? undefined
          : {
              types: ['viewer'],
              traits: [],
              thickness: results.sizing.leaves[0]!.thickness,
              rated: valueOrUndefined(facts.rating) ?? 0,
            },
    },
  ],
  decide: decideProtecting,
  solids: ({ facts, practice, results }, leaf) =>
    protectingSolids(
      practice,
      leaf,
      results.protecting,
      facts.kind,
      liftOver(facts, practice, results),
    ),
});

/** A plate is cut from the next wider one, of its height. */
function plateNeed(
  type: 'mop-plate' | 'stretcher-plate',
  plate: PlateSize | undefined,
): Omit<ProductRequirement, 'slot'> | undefined {
  return plate && { types: [type], traits: [], height: plate.height, width: plate.width, rated: 0 };
}

declare module '../model/registry.js' {
  interface Results {
    protecting: Protecting;
  }
  interface HardwareStages {
    protecting: true;
  }
}
