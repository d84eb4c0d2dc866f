import type { DecidedOpening } from '../deciding/index.js';
import type { Ticks } from '../measure/index.js';
import type { LeafId, Solid, SolidHow } from '../model/index.js';

/** Where on leaf or frame something is let in, bored or fixed. */
export const MEMBERS = [
  'hinge-edge',
  'lock-edge',
  'top-edge',
  'bottom-edge',
  'pull-face',
  'push-face',
  'hinge-jamb',
  'lock-jamb',
  'head',
] as const;
export type CutMember = (typeof MEMBERS)[number];

/** What is cut into one member, or fixed to it. */
export interface Cut {
  /** Decision or fact it belongs to, and the term of what it is. */
  owner: string;
  thing: string;
  leaf: LeafId;
  on: 'leaf' | 'frame';
  member: CutMember;
  how: SolidHow;
  /** From the datum downwards: the leaf's top, or the frame's head. Upper and lower end. */
  down: readonly [Ticks, Ticks];
  /** Across: on edges and jambs from the pull face of the leaf, on faces from the hinge edge. */
  across: readonly [Ticks, Ticks];
  /** How deep from the surface of the member. */
  depth: Ticks;
}

const CUT: ReadonlySet<SolidHow> = new Set(['in', 'on-pull', 'on-push']);

/**
 * Everything that leaf and frame are prepared for, member by member, from the solids of the opening. Nothing
 * while the leaf's size is open.
 */
export function cutsOf(decided: DecidedOpening): Cut[] {
  const { sizing } = decided.results;
  const leaves = new Map(sizing.leaves.map((leaf) => [leaf.id, leaf]));
  return decided.solids.flatMap((solid): Cut[] => {
    const leaf = leaves.get(solid.leaf) ?? sizing.leaves[0];
    const { width, height, thickness, bottom = 0 } = leaf ?? {};
    if (!CUT.has(solid.how) || width === undefined || height === undefined || !thickness) return [];
    const datum =
      solid.on === 'leaf' ? height : (sizing.frameHeight ?? 0) - sizing.floorFinish - bottom;
    const member =
      solid.on === 'leaf' ? leafMember(solid, width, height) : frameMember(solid, width, height);
    const onEdge = member !== 'pull-face' && member !== 'push-face';
    const level = member === 'head' || member === 'top-edge' || member === 'bottom-edge';
    return [
      {
        owner: solid.owner,
        thing: solid.thing,
        leaf: solid.leaf,
        on: solid.on,
        member,
        how: solid.how,
        down: [datum - solid.y[1], datum - solid.y[0]],
        across: onEdge && !level ? solid.z : solid.x,
        depth: onEdge
          ? level
            ? solid.y[1] - solid.y[0]
            : solid.x[1] - solid.x[0]
          : solid.z[1] - solid.z[0],
      },
    ];
  });
}

function leafMember({ how, x, y, z }: Solid, width: Ticks, height: Ticks): CutMember {
  if (how === 'on-pull') return 'pull-face';
  if (how === 'on-push') return 'push-face';
  if (x[0] <= 0 && x[1] < width) return 'hinge-edge';
  if (x[1] >= width && x[0] > 0) return 'lock-edge';
  if (y[1] >= height) return 'top-edge';
  if (y[0] <= 0) return 'bottom-edge';
  // A bore through the leaf is set out on the face it is started from.
  return z[0] <= 0 ? 'pull-face' : 'push-face';
}

const frameMember = ({ x, y }: Solid, width: Ticks, height: Ticks): CutMember =>
  y[0] >= height ? 'head' : x[0] >= width / 2 ? 'lock-jamb' : 'hinge-jamb';
