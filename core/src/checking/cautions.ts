import { said, type OpeningFacts, type Said } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { Closing } from '../closing/index.js';
import type { Hanging } from '../hanging/index.js';
import type { Powering } from '../powering/index.js';

/** The cautions an opening's work calls for, in the order of the work; the first always stands. */
export function cautionsFor(
  facts: OpeningFacts,
  practice: Practice,
  { hanging, closing, powering }: { hanging: Hanging; closing: Closing; powering: Powering },
): Said[] {
  const cautions = [said('care.aid')];
  const limit = practice.values.liftAlone.value;
  let mass = 0;
  for (const leaf of hanging.leaves) mass = Math.max(mass, leaf.mass ?? 0);
  if (mass > limit)
    cautions.push(said('care.heavy', { mass: { grams: mass }, limit: { grams: limit } }));
  else if (mass === 0) cautions.push(said('care.massUnknown', { limit: { grams: limit } }));
  if (typeof facts.rating === 'number' && facts.rating > 0) {
    cautions.push(said('care.rated', { minutes: facts.rating }));
    if (facts.work === 'replacement') cautions.push(said('care.asbestos'));
  }
  if (facts.secured === true) cautions.push(said('care.egress'));
  if (facts.work === 'replacement') cautions.push(said('care.oldPaint'), said('care.outOfUse'));
  if (facts.leafConstruction === 'glass') cautions.push(said('care.glass'));
  if (hanging.device.includes('pivot')) cautions.push(said('care.pivot'));
  if (closing.device !== undefined && closing.device !== 'spring' && closing.device !== 'operator')
    cautions.push(said('care.closer'));
  if (powering.loads.length > 0 || facts.operator === true) cautions.push(said('care.power'));
  cautions.push(said('care.cutting'));
  return cautions;
}

/** The cautions of a whole schedule: what stands for any leaf, in place of each leaf's own figures. */
export function generalCautions(practice: Practice): Said[] {
  return [
    said('care.anyLeaf', { limit: { grams: practice.values.liftAlone.value } }),
    said('care.anyRated'),
  ];
}
