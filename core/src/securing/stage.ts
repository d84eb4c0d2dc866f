import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import { productTypesOf, type ProductType } from '../catalogue/index.js';
import { SECURING_RULES } from './rules.js';
import { defineStage, type ProductRequirement, type StageInput } from '../stageContract/index.js';
import { decideSecuring } from './decide.js';
import { SECURING_DECISIONS } from './decisions.js';
import { LOCK_KINDS, SECURING_FACTS, SECURING_RECORDS, type LeafBolts } from './facts.js';
import { SECURING_MESSAGES } from './messages.js';
import type { Securing } from './secured.js';
import { securingSolids } from './solids.js';
import { SECURING_TERMS } from './terms.js';
import { SECURING_VALUES } from './values.js';

const LOCKS = LOCK_KINDS.filter((kind) => kind !== 'none');

const BOLTS: Record<Exclude<LeafBolts, 'none'>, ProductType> = {
  flush: 'flush-bolt',
  automatic: 'automatic-bolt',
  constant: 'constant-bolt',
  surface: 'surface-bolt',
};

/** What locks, latches and bolts the leaves: kind, function, place, strike, the second leaf. */
export const securing = defineStage({
  id: 'securing',
  needs: ['opening', 'sizing', 'handing', 'hanging'],
  facts: SECURING_FACTS,
  records: SECURING_RECORDS,
  values: SECURING_VALUES,
  decisions: SECURING_DECISIONS,
  rules: SECURING_RULES,
  messages: SECURING_MESSAGES,
  terms: SECURING_TERMS,
  hardware: true,
  products: productTypesOf('securing'),
  decide: decideSecuring,
  solids: ({ facts, practice, results }, leaf) =>
    securingSolids(facts, practice, leaf, results.securing),
  slots: [
    {
      key: 'securing.product',
      items: Object.fromEntries(LOCKS.map((kind) => [kind, `item.lock.${kind}`])),
      need: neededLock,
    },
    {
      key: 'securing.boltsProduct',
      items: Object.fromEntries(
        Object.entries(BOLTS).map(([bolts, type]) => [type, `item.bolts.${bolts}`]),
      ),
      need: ({ facts, results }) => {
        const { bolts } = results.securing;
        return bolts === undefined || bolts === 'none'
          ? undefined
          : { ...ofLeaf(facts, results.hanging), types: [BOLTS[bolts]] };
      },
    },
  ],
});

/** What leaf and rating ask of everything that is let into the leaf. */
function ofLeaf(facts: OpeningFacts, { leaves }: StageInput<'hanging'>['results']['hanging']) {
  const { leaf } = leaves[0]!;
  return {
    traits: [],
    wideAs: leaf.width,
    leafHeight: leaf.height,
    thickness: leaf.thickness,
    rated: valueOrUndefined(facts.rating) ?? 0,
  };
}

function neededLock({
  facts,
  results,
}: StageInput<'hanging' | 'securing'>): Omit<ProductRequirement, 'slot'> | undefined {
  const { kind, spec, backset, exit } = results.securing;
  if (kind === undefined || kind === 'none') return undefined;
  return {
    ...ofLeaf(facts, results.hanging),
    types: [kind],
    function: spec?.id,
    // A case is made for one backset; the bar of an exit device has none to speak of.
    backset: exit ? undefined : backset,
  };
}

declare module '../model/registry.js' {
  interface Results {
    securing: Securing;
  }
  interface HardwareStages {
    securing: true;
  }
}
