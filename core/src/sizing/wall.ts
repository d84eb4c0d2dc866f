import type { Ticks } from '../measure/index.js';
import { length, said, type Said, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { SolvedChain } from './chain.js';

type Axis = 'Width' | 'Height';

/** Face (or jamb) and packing of one side; absent while the frame's material is open. */
function around(settling: Settling, practice: Practice): { face?: Ticks; packing?: Ticks } {
  const { steelFrameFace, timberJamb, packingSteel, packingTimber } = practice.values;
  const material = settling.fact('frameMaterial');
  const steel = material !== 'timber';
  const face =
    settling.fact('frameFace') ?? (material && (steel ? steelFrameFace : timberJamb).value);
  const packing =
    settling.fact('packing') ?? (material && (steel ? packingSteel : packingTimber).value);
  return {
    ...(face === undefined ? {} : { face }),
    ...(packing === undefined ? {} : { packing }),
  };
}

/** Sides of the frame that stand in the wall opening: both jambs across, the head alone up. */
const sidesOf = (axis: Axis) => (axis === 'Width' ? 2 : 1);

/**
 * The frame opening to solve a stack for: as recorded, else out of a recorded wall opening where no
 * leaf says otherwise. With `why` when it follows from the wall.
 */
export function frameOpening(
  settling: Settling,
  practice: Practice,
  axis: Axis,
): { total?: Ticks; why?: Said } {
  const recorded = settling.fact(`frame${axis}`);
  if (recorded !== undefined) return { total: recorded };
  const wall = settling.fact(`wall${axis}`);
  const { face, packing } = around(settling, practice);
  if (wall === undefined || face === undefined || packing === undefined) return {};
  if (settling.fact(`leaf${axis}`) !== undefined) return {};
  return {
    total: wall - sidesOf(axis) * (face + packing),
    why: said(axis === 'Width' ? 'sizing.frame.fromWall' : 'sizing.frame.fromWallHead', {
      wall: { ticks: wall },
      face: { ticks: face },
      packing: { ticks: packing },
    }),
  };
}

/** Outside of the frame = frame opening + faces, jambs or linings. */
function frameOutside(
  settling: Settling,
  axis: Axis,
  chain: SolvedChain,
  face: Ticks | undefined,
): void {
  if (!chain.solved || face === undefined) return;
  settling.fix(`outside${axis}`, length(chain.total + sidesOf(axis) * face), {
    reasons: [
      said(axis === 'Width' ? 'sizing.outside' : 'sizing.outside.head', {
        total: { ticks: chain.total },
        face: { ticks: face },
      }),
    ],
    facts: ['frameFace', 'frameMaterial'],
  });
}

/** Wall opening = frame opening + faces or jambs + packing, across and up, unless recorded. */
export function wallOpening(
  settling: Settling,
  practice: Practice,
  width: SolvedChain,
  height: SolvedChain,
): void {
  const { face, packing } = around(settling, practice);
  for (const axis of ['Width', 'Height'] as const) {
    frameOutside(settling, axis, axis === 'Width' ? width : height, face);
    const fact = `wall${axis}` as const;
    const recorded = settling.fact(fact);
    const chain = axis === 'Width' ? width : height;
    if (recorded !== undefined) {
      settling.fix(fact, length(recorded), { basis: settling.basisOf(fact), facts: [fact] });
    } else if (chain.solved && face !== undefined && packing !== undefined) {
      settling.fix(fact, length(chain.total + sidesOf(axis) * (face + packing), 'up'), {
        reasons: [
          said(axis === 'Width' ? 'sizing.wall' : 'sizing.wall.head', {
            total: { ticks: chain.total },
            face: { ticks: face },
            packing: { ticks: packing },
          }),
        ],
        facts: [fact, 'frameFace', 'packing', 'frameMaterial'],
      });
    }
  }
}
