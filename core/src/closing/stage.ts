import { productTypesOf, type ProductType } from '../catalogue/index.js';
import { valueOrUndefined } from '../model/index.js';
import { CLOSING_RULES } from './rules.js';
import { defineStage } from '../stageContract/index.js';
import { CLOSING_DECISIONS, type CloserDevice } from './decisions.js';
import { decideClosing } from './decide.js';
import { type Closing } from './result.js';
import { CLOSING_FACTS } from './facts.js';
import { CLOSING_MESSAGES } from './messages.js';
import { closingSolids } from './solids.js';
import { CLOSING_TERMS } from './terms.js';
import { CLOSING_VALUES } from './values.js';

const CLOSERS: Partial<Record<CloserDevice, ProductType>> = {
  regular: 'surface-closer',
  'track-pull': 'surface-closer',
  parallel: 'surface-closer',
  'track-push': 'surface-closer',
  'top-jamb': 'surface-closer',
  concealed: 'concealed-closer',
  floor: 'floor-closer',
  head: 'head-closer',
};

const ITEMS: Partial<Record<ProductType, string>> = Object.fromEntries(
  Object.values(CLOSERS).map((type) => [type, 'item.closer.*']),
);

/** What closes, holds and stops the leaves. */
export const closing = defineStage({
  id: 'closing',
  needs: ['opening', 'sizing', 'handing', 'hanging', 'securing'],
  facts: CLOSING_FACTS,
  values: CLOSING_VALUES,
  decisions: CLOSING_DECISIONS,
  rules: CLOSING_RULES,
  messages: CLOSING_MESSAGES,
  terms: CLOSING_TERMS,
  hardware: true,
  products: productTypesOf('closing'),
  decide: decideClosing,
  solids: ({ practice, results }, leaf) => closingSolids(results.closing, practice, leaf),
  slots: [
    {
      key: 'closing.product',
      items: ITEMS,
      need: ({ facts, results }) => {
        const { device, size, holdOpen, backCheck } = results.closing;
        const type = device && CLOSERS[device];
        if (!type) return undefined;
        const { leaf, mass } = results.hanging.leaves[0]!;
        return {
          types: [type],
          mass,
          leafHeight: leaf.height,
          thickness: leaf.thickness,
          rated: valueOrUndefined(facts.rating) ?? 0,
          opensTo: valueOrUndefined(facts.openTo),
          device: results.hanging.device,
          size: size?.set,
          traits: [
            ...(holdOpen === 'closer' ? ['hold-open'] : []),
            ...(backCheck ? ['back-check'] : []),
          ],
        };
      },
    },
    {
      key: 'closing.stopProduct',
      items: {
        'stop-wall': 'item.stop.wall',
        'stop-floor': 'item.stop.floor',
        'stop-overhead': 'item.stop.overhead',
      },
      need: ({ facts, results }) => {
        const { stop } = results.closing;
        if (stop !== 'wall' && stop !== 'floor' && stop !== 'overhead') return undefined;
        const { width } = results.hanging.leaves[0]!.leaf;
        return {
          types: [`stop-${stop}`],
          traits: [],
          rated: 0,
          wideAs: stop === 'overhead' ? width : undefined,
          opensTo: stop === 'overhead' ? valueOrUndefined(facts.openTo) : undefined,
        };
      },
    },
    {
      key: 'closing.holderProduct',
      items: { holder: 'item.holder' },
      need: ({ facts, results }) =>
        results.closing.holdOpen === 'magnet'
          ? { types: ['holder'], traits: [], rated: valueOrUndefined(facts.rating) ?? 0 }
          : undefined,
    },
  ],
});

declare module '../model/registry.js' {
  interface Results {
    closing: Closing;
  }
  interface HardwareStages {
    closing: true;
  }
}
