import { closingSolids } from '../closing/index.js';
import type { Hanging } from '../hanging/index.js';
import type { OpeningFacts, Solid } from '../opening/index.js';
import { poweringSolids } from '../powering/index.js';
import type { Practice } from '../practice/index.js';
import { protectingSolids } from '../protecting/index.js';
import { sealingSolids } from '../sealing/index.js';
import { lockCentre, securingSolids, type Securing } from '../securing/index.js';
import { leafBody, measured, type MeasuredLeaf } from '../sizing/index.js';
import { clashesAmong, clashesWithLeaf, type Clash } from '../checking/index.js';

/** Every solid of an opening, leaf by leaf: what the leaf is made of, then the stages in their order. */
export function solidsOf(
  facts: OpeningFacts,
  practice: Practice,
  hanging: Hanging,
  securing: Securing,
): { solids: Solid[]; clashes: Clash[] } {
  const solids: Solid[] = [...hanging.solids];
  const leaves: MeasuredLeaf[] = [];
  for (const hung of hanging.leaves) {
    const leaf = measured(hung.leaf);
    if (!leaf) continue;
    leaves.push(leaf);
    solids.push(
      ...leafBody(facts, practice, leaf),
      ...securingSolids(facts, practice, leaf, securing),
      ...closingSolids(facts, practice, leaf),
      ...protectingSolids(facts, practice, leaf),
      ...sealingSolids(facts, practice, leaf),
    );
    if (facts.wireToLeaf === true) {
      const wired = hanging.wireHinge ?? 2;
      const top = hung.positions?.[Math.min(wired, hung.positions.length) - 1];
      const from =
        top === undefined
          ? lockCentre(securing, practice, leaf)
          : leaf.height - top - (hung.hingeHeight ?? 0) / 2;
      const recess = hanging.solids.filter(
        ({ leaf: id, on, y }) => id === leaf.id && on === 'leaf' && y[0] <= from && from <= y[1],
      );
      const start = Math.max(0, ...recess.map(({ x }) => x[1]));
      solids.push(...poweringSolids(facts, practice, leaf, { from, start }));
    }
  }
  const skin = practice.values.leastSkin.value;
  return {
    solids,
    clashes: [
      ...clashesAmong(solids),
      ...leaves.flatMap((leaf) => clashesWithLeaf(solids, leaf, skin)),
    ],
  };
}
