import { clashesAmong, clashesWithLeaf, type Clash } from '../checking/index.js';
import type { Solid } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { measuredLeaves, type Sizes } from '../sizing/index.js';
import { STAGE_LIST } from '../stageRegistry/index.js';
import type { AnyInput } from './input.js';

const WITH_SOLIDS = STAGE_LIST.flatMap(({ solids }) => (solids ? [solids] : []));

/**
 * Every solid of an opening: what deciding let in, then leaf by leaf what each stage takes or puts on.
 *
 * @param solids those let in while deciding; the others are added
 */
export function solidsOf(input: AnyInput, solids: Solid[]): readonly Solid[] {
  for (const leaf of measuredLeaves(input.results.sizing))
    for (const of of WITH_SOLIDS) for (const one of of(input, leaf)) solids.push(one);
  // Patches, rails and boxes are clamped onto glass; its maker cuts for them by template.
  return input.facts.leafConstruction === 'glass'
    ? solids.filter(({ on, how }) => on === 'frame' || how !== 'in')
    : solids;
}

/** What of an opening's solids is in each other's way, or too near a face of its leaf. */
export function clashesOf(sizes: Sizes, { values }: Practice, solids: readonly Solid[]): Clash[] {
  const clashes = clashesAmong(solids);
  for (const leaf of measuredLeaves(sizes))
    clashes.push(...clashesWithLeaf(solids, leaf, values.leastSkin.value));
  return clashes;
}
