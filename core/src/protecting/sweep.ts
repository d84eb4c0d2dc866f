import { known, swings, type OpeningFacts } from '../opening/index.js';
import type { Practice } from '../practice/index.js';

/** Whether a sweep runs along the leaf's bottom: as recorded, or onto the threshold of a leaf to the open. */
export function sweeps(facts: OpeningFacts): boolean {
  const recorded = known(facts.bottomSeal);
  if (recorded !== undefined && recorded !== 'any') return recorded === 'sweep';
  return (
    facts.exterior === true &&
    swings(facts.kind) &&
    facts.threshold !== 'sealing' &&
    (known(facts.sound) ?? 0) === 0
  );
}

/** Whether a drop seal is wanted that a leaf of metal or a thin one only takes on its face. */
function dropsOnFace(facts: OpeningFacts, { values }: Practice): boolean {
  const recorded = known(facts.bottomSeal);
  if (recorded !== undefined && recorded !== 'any') return recorded === 'drop-surface';
  const timber = known(facts.leafConstruction)?.startsWith('timber') ?? false;
  const thick =
    (known(facts.leafThickness) ?? values.leafThickness.value) >= values.dropFullLeaf.value;
  const wanted =
    (known(facts.sound) ?? 0) > 0 ||
    facts.lightTight === true ||
    (facts.smoke === true && values.smokeGap.value > 0);
  return wanted && swings(facts.kind) && !(timber && thick);
}

/** How far plates stand above the leaf's bottom: over what seals it on the face. */
export function liftOver(facts: OpeningFacts, practice: Practice): number {
  const { sweep, dropSurface } = practice.values.bodies.value;
  return sweeps(facts) ? sweep.up : dropsOnFace(facts, practice) ? dropSurface.up : 0;
}
