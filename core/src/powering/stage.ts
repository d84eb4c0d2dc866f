import { productTypesOf } from '../catalogue/index.js';
import { valueOrUndefined, type MeasuredLeaf, type Solid } from '../model/index.js';
import { POWERING_RULES } from './rules.js';
import { defineStage, type StageInput } from '../stageContract/index.js';
import { lockCentre } from '../securing/index.js';
import { POWERING_DECISIONS } from './decisions.js';
import { decidePowering } from './decide.js';
import { type Powering } from './result.js';
import { POWERING_FACTS } from './facts.js';
import { POWERING_MESSAGES } from './messages.js';
import { poweringSolids } from './solids.js';
import { POWERING_TERMS } from './terms.js';
import { POWERING_VALUES } from './values.js';

/** Power and signals: the chain from supply over switch to load, and the way of the wire. */
export const powering = defineStage({
  id: 'powering',
  needs: ['opening', 'sizing', 'hanging', 'securing', 'closing', 'sealing'],
  facts: POWERING_FACTS,
  values: POWERING_VALUES,
  decisions: POWERING_DECISIONS,
  rules: POWERING_RULES,
  messages: POWERING_MESSAGES,
  terms: POWERING_TERMS,
  hardware: true,
  products: productTypesOf('powering'),
  slots: [
    {
      key: 'powering.product',
      items: { supply: 'item.power.supply' },
      need: ({ results }) => {
        const { currents } = results.powering;
        return currents && { types: ['supply'], traits: [], rated: 0, current: currents.supply };
      },
    },
    {
      key: 'powering.transferProduct',
      items: { 'power-transfer': 'item.power.transfer', 'door-loop': 'item.power.loop' },
      need: ({ facts, results }) => {
        const { path, currents } = results.powering;
        if (path !== 'transfer' && path !== 'loop') return undefined;
        return {
          types: [path === 'transfer' ? 'power-transfer' : 'door-loop'],
          traits: [],
          rated: valueOrUndefined(facts.rating) ?? 0,
          thickness: results.hanging.leaves[0]!.leaf.thickness,
          opensTo: valueOrUndefined(facts.openTo),
          current: currents?.inrush,
        };
      },
    },
  ],
  decide: decidePowering,
  solids: wireway,
});

/** The raceway from the hinge that passes the wire, or at the lock's height where none does. */
function wireway(
  { facts, practice, results }: StageInput<'hanging' | 'securing'>,
  leaf: MeasuredLeaf,
): Solid[] {
  if (facts.wireToLeaf !== true) return [];
  const { hanging, securing } = results;
  const hung = hanging.leaves.find((one) => one.leaf.id === leaf.id);
  const wired = hanging.wireHinge ?? 2;
  const top = hung?.positions?.[Math.min(wired, hung.positions.length) - 1];
  const from =
    top === undefined
      ? lockCentre(securing, practice, leaf)
      : leaf.height - top - (hung?.hingeHeight ?? 0) / 2;
  const recess = hanging.solids.filter(
    ({ leaf: id, on, y }) => id === leaf.id && on === 'leaf' && y[0] <= from && from <= y[1],
  );
  const start = Math.max(0, ...recess.map(({ x }) => x[1]));
  return poweringSolids(facts, practice, leaf, { from, start });
}

declare module '../model/registry.js' {
  interface Results {
    powering: Powering;
  }
  interface HardwareStages {
    powering: true;
  }
}
