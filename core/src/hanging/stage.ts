import { productTypesOf } from '../catalogue/index.js';
import { concealedPreparation } from './prepare.js';
import { HANGING_RULES } from './rules.js';
import { defineStage, type ProductRequirement, type StageInput } from '../stageContract/index.js';
import { valueOrUndefined } from '../model/index.js';
import { decideHanging } from './decide.js';
import { HANGING_DECISIONS } from './decisions.js';
import { HANGING_FACTS, HANGING_RECORDS } from './facts.js';
import type { Hanging } from './hung.js';
import { HANGING_MESSAGES } from './messages.js';
import { HANGING_TERMS } from './terms.js';
import { HANGING_VALUES } from './values.js';

/** How the leaves are hung: device, size, number, where, on what axis. */
export const hanging = defineStage({
  id: 'hanging',
  needs: ['opening', 'sizing', 'handing'],
  facts: HANGING_FACTS,
  records: HANGING_RECORDS,
  values: HANGING_VALUES,
  decisions: HANGING_DECISIONS,
  rules: HANGING_RULES,
  messages: HANGING_MESSAGES,
  terms: HANGING_TERMS,
  hardware: true,
  products: productTypesOf('hanging'),
  decide: decideHanging,
  prepare: ({ practice, results }) => concealedPreparation(practice, results.hanging),
  slots: [
    {
      key: 'hanging.product',
      items: {
        butt: 'item.butt',
        'swing-clear': 'item.butt',
        'spring-hinge': 'item.springHinge',
        continuous: 'item.continuous',
        'drill-in': 'item.drillIn',
        concealed: 'item.concealed',
        'adjustable-concealed': 'item.adjustable-concealed',
        'spring-concealed': 'item.spring-concealed',
        'offset-pivot': 'item.offsetPivot',
        'intermediate-pivot': 'item.intermediatePivot',
        'centre-pivot': 'item.centrePivot',
        'double-acting-spring': 'item.doubleActingSpring',
      },
      need: neededHinge,
    },
  ],
});

/** What the opening asks of its hinges or pivots. */
function neededHinge({
  facts,
  results,
}: StageInput<'hanging'>): Omit<ProductRequirement, 'slot'> | undefined {
  const { device, leaves, metal, pin } = results.hanging;
  // No product lines of gear or of straps: they are taken from the line in the set.
  if (
    device === 'sliding-gear' ||
    device === 'folding-gear' ||
    device === 'tee-hinge' ||
    device === 'rising'
  )
    return undefined;
  const first = leaves[0]!;
  const { leaf } = first;
  const butts = device === 'butt' || device === 'spring-hinge';
  const traits = [
    ...(device === 'butt' ? [first.bearing, first.weight] : []),
    ...(butts && pin === 'non-removable' ? ['non-removable'] : []),
    ...(first.foot ? [`${first.foot}-foot`] : []),
  ].filter((one): one is string => one !== undefined && one !== 'plain' && one !== 'standard');
  return {
    types: [first.form === 'swing-clear' ? 'swing-clear' : device],
    traits,
    metal,
    mass: first.mass,
    leafHeight: leaf.height,
    thickness: leaf.thickness,
    rated: valueOrUndefined(facts.rating) ?? 0,
    opensTo: valueOrUndefined(facts.openTo),
    count: first.count,
    jambDepth: valueOrUndefined(facts.jambDepth),
    ...(butts
      ? {
          height: first.hingeHeight,
          width: first.hingeWidth,
          corner: first.corner,
        }
      : {}),
    ...(butts || device === 'drill-in' ? { grade: first.grade } : {}),
  };
}

declare module '../model/registry.js' {
  interface Results {
    hanging: Hanging;
  }
  interface HardwareStages {
    hanging: true;
  }
}
