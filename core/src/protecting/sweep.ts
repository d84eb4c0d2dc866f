import { valueOrUndefined, swings, type OpeningFacts } from '../model/index.js';
import type { Hanging } from '../hanging/index.js';
import type { Practice } from '../practice/index.js';
import type { WholeOpening } from '../role/index.js';
import type { Securing } from '../securing/index.js';
import type { Sizes } from '../sizing/index.js';
import { type Role, ROLE } from '../roles/index.js';

/** What of earlier stages bears on the bottom of the leaf. */
export interface AtBottom {
  readonly opening: Pick<WholeOpening, 'role'>;
  readonly sizing: Pick<Sizes, 'leaves'>;
  readonly hanging: Pick<Hanging, 'solids'>;
  readonly securing: Pick<Securing, 'bolts'>;
}

/** Whether the arm of a pivot or the rod of a bolt is let into the bottom of the leaf. */
export function bottomTaken({
  hanging,
  securing,
}: Pick<AtBottom, 'hanging' | 'securing'>): boolean {
  const { bolts } = securing;
  return (
    bolts === 'flush' ||
    bolts === 'automatic' ||
    bolts === 'constant' ||
    hanging.solids.some(({ on, how, y }) => on === 'leaf' && how === 'in' && y[0] <= 0)
  );
}

/** Whether a sweep runs along the leaf's bottom: as recorded, or onto the threshold of a leaf to the open. */
export function sweeps(facts: OpeningFacts, role: Role | undefined): boolean {
  const recorded = valueOrUndefined(facts.bottomSeal);
  if (recorded !== undefined && recorded !== 'any') return recorded === 'sweep';
  const place = role && ROLE[role].place;
  return (
    (facts.exterior === true || place?.garage === true) &&
    place?.inTheOpen !== true &&
    swings(facts.kind) &&
    facts.threshold !== 'sealing' &&
    (valueOrUndefined(facts.sound) ?? 0) === 0
  );
}

/** Whether a drop seal is wanted that a leaf of metal or a thin one only takes on its face. */
function dropsOnFace(facts: OpeningFacts, { values }: Practice, at: AtBottom): boolean {
  const recorded = valueOrUndefined(facts.bottomSeal);
  if (recorded !== undefined && recorded !== 'any') return recorded === 'drop-surface';
  const timber = valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ?? false;
  const thick = (at.sizing.leaves[0]!.thickness ?? 0) >= values.dropFullLeaf.value;
  const wanted =
    (valueOrUndefined(facts.sound) ?? 0) > 0 ||
    facts.lightTight === true ||
    (facts.smoke === true && values.smokeGap.value > 0);
  return wanted && swings(facts.kind) && !(timber && thick && !bottomTaken(at));
}

/** How far plates stand above the leaf's bottom: over what seals it on the face. */
export function liftOver(facts: OpeningFacts, practice: Practice, at: AtBottom): number {
  const { sweep, dropSurface } = practice.values.bodies.value;
  if (sweeps(facts, at.opening.role)) return sweep.up;
  return dropsOnFace(facts, practice, at) ? dropSurface.up : 0;
}
