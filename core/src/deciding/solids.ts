import { clashesAmong, clashesWithLeaf, type Clash } from '../checking/index.js';
import type { Solid } from '../opening/index.js';
import { measuredLeaves } from '../sizing/index.js';
import { STAGE_LIST } from '../stages/index.js';
import type { AnyInput } from './input.js';

const WITH_SOLIDS = STAGE_LIST.flatMap(({ solids }) => (solids ? [solids] : []));

/**
 * Every solid of an opening: what deciding let in, then leaf by leaf what each stage takes or puts on; and
 * what of them is in each other's way.
 *
 * @param solids those let in while deciding; the others are added
 */
export function solidsOf(input: AnyInput, solids: Solid[]): { solids: Solid[]; clashes: Clash[] } {
  const leaves = measuredLeaves(input.results.sizing);
  // Patches, rails and boxes are clamped onto glass; its maker cuts for them by template.
  const glass = input.facts.leafConstruction === 'glass';
  for (const leaf of leaves)
    for (const of of WITH_SOLIDS) for (const one of of(input, leaf)) solids.push(one);
  const cut = glass ? solids.filter(({ on, how }) => on === 'frame' || how !== 'in') : solids;
  const skin = input.practice.values.leastSkin.value;
  const clashes = clashesAmong(cut);
  for (const leaf of leaves) clashes.push(...clashesWithLeaf(cut, leaf, skin));
  return {
    solids: cut,
    clashes,
  };
}
