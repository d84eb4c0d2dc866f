import { message, valueOrUndefined, type OpeningFacts, type Message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Closing } from '../closing/index.js';
import { peopleToLift, type Hanging } from '../hanging/index.js';
import type { Powering } from '../powering/index.js';

/** The cautions an opening's work calls for, in the order of the work; the first always stands. */
export function cautionsFor(
  facts: OpeningFacts,
  practice: Practice,
  { hanging, closing, powering }: { hanging: Hanging; closing: Closing; powering: Powering },
): Message[] {
  const cautions = [message('care.aid')];
  const limit = practice.values.liftAlone.value;
  let mass = 0;
  for (const leaf of hanging.leaves) mass = Math.max(mass, leaf.mass ?? 0);
  if (mass > limit)
    cautions.push(
      message('care.heavy', { mass: { grams: mass }, people: peopleToLift(mass, practice).people }),
    );
  else if (mass === 0) cautions.push(message('care.massUnknown', { limit: { grams: limit } }));
  if (typeof facts.rating === 'number' && facts.rating > 0) {
    cautions.push(message('care.rated', { minutes: facts.rating }));
    if (facts.work === 'replacement') cautions.push(message('care.asbestos'));
  }
  if (facts.secured === true) cautions.push(message('care.egress'));
  if (facts.work === 'replacement')
    cautions.push(message('care.oldPaint'), message('care.outOfUse'));
  if (facts.leafConstruction === 'glass') cautions.push(message('care.glass'));
  else if (hasGlass(facts)) cautions.push(message('care.glassIn'));
  if (hanging.device.includes('pivot')) cautions.push(message('care.pivot'));
  if (closing.device !== undefined && closing.device !== 'spring' && closing.device !== 'operator')
    cautions.push(message('care.closer'));
  if (powering.loads.length > 0 || facts.operator === true) cautions.push(message('care.power'));
  cautions.push(message('care.cutting'));
  return cautions;
}

/** Whether a leaf has glass in it: a lite, or a pane between narrow stiles. */
const hasGlass = ({ leafConstruction, glassWidth }: OpeningFacts): boolean =>
  leafConstruction === 'aluminium-narrow' || (valueOrUndefined(glassWidth) ?? 0) > 0;

/** The cautions of a whole schedule: what stands for any leaf, in place of each leaf's own figures. */
export function generalCautions(practice: Practice): Message[] {
  return [
    message('care.anyLeaf', { limit: { grams: practice.values.liftAlone.value } }),
    message('care.anyRated'),
  ];
}
