import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, message, type Message } from '../model/index.js';
import type { SizingRecord } from './decisions.js';
import type { FrameMaterial, Practice } from '../practice/index.js';
import type { SolvedChain } from './chain.js';

type Axis = 'Width' | 'Height';

/** The facts and decisions along each axis, by name: a name that is put together is looked up slowly. */
const NAMES = {
  Width: { frame: 'frameWidth', wall: 'wallWidth', leaf: 'leafWidth', outside: 'outsideWidth' },
  Height: {
    frame: 'frameHeight',
    wall: 'wallHeight',
    leaf: 'leafHeight',
    outside: 'outsideHeight',
  },
} as const;

interface Around {
  face: Ticks | undefined;
  packing: Ticks | undefined;
}

/** Usual face of a frame, or thickness of a jamb or lining, by what it is made of. */
export function usualFace(material: FrameMaterial | undefined, { values }: Practice): Ticks {
  const { timberJamb, aluminiumFace, steelFrameFace } = values;
  if (material === 'timber') return timberJamb.value;
  return (material === 'aluminium' ? aluminiumFace : steelFrameFace).value;
}

/** Face (or jamb) and packing of one side; absent while the frame's material is open. */
function around(record: SizingRecord, practice: Practice): Around {
  const { packingSteel, packingTimber } = practice.values;
  const material = valueOrUndefined(record.facts.frameMaterial);
  const steel = material !== 'timber';
  const face =
    valueOrUndefined(record.facts.frameFace) ?? (material && usualFace(material, practice));
  const packing =
    valueOrUndefined(record.facts.packing) ??
    (material && (steel ? packingSteel : packingTimber).value);
  return { face, packing };
}

/** Sides of the frame that stand in the wall opening: both jambs across, the head alone up. */
const sidesOf = (axis: Axis) => (axis === 'Width' ? 2 : 1);

/**
 * The frame opening to solve a stack for: as recorded, else out of a recorded wall opening where no
 * leaf says otherwise. With `why` when it follows from the wall.
 */
export function frameOpening(
  record: SizingRecord,
  practice: Practice,
  axis: Axis,
): { total?: Ticks; why?: () => Message } {
  const recorded = record.fact(NAMES[axis].frame);
  if (recorded !== undefined) return { total: recorded };
  const wall = record.fact(NAMES[axis].wall);
  const { face, packing } = around(record, practice);
  if (wall === undefined || face === undefined || packing === undefined) return {};
  if (record.fact(NAMES[axis].leaf) !== undefined) return {};
  return {
    total: wall - sidesOf(axis) * (face + packing),
    why: () =>
      message(axis === 'Width' ? 'sizing.frame.fromWall' : 'sizing.frame.fromWallHead', {
        wall: { ticks: wall },
        face: { ticks: face },
        packing: { ticks: packing },
      }),
  };
}

/** Outside of the frame = frame opening + faces, jambs or linings. */
function frameOutside(
  record: SizingRecord,
  axis: Axis,
  chain: SolvedChain,
  face: Ticks | undefined,
): void {
  if (!chain.solved || face === undefined) return;
  record.decide(NAMES[axis].outside, chain.total + sidesOf(axis) * face, {
    reasons: () => [
      message(axis === 'Width' ? 'sizing.outside' : 'sizing.outside.head', {
        total: { ticks: chain.total },
        face: { ticks: face },
      }),
    ],
    facts: ['frameFace', 'frameMaterial'],
  });
}

/** Wall opening = frame opening + faces or jambs + packing, across and up, unless recorded. */
export function wallOpening(
  record: SizingRecord,
  practice: Practice,
  width: SolvedChain,
  height: SolvedChain,
): void {
  const { face, packing } = around(record, practice);
  for (const axis of ['Width', 'Height'] as const) {
    frameOutside(record, axis, axis === 'Width' ? width : height, face);
    const fact = NAMES[axis].wall;
    const recorded = record.fact(fact);
    const chain = axis === 'Width' ? width : height;
    if (recorded !== undefined) {
      record.decide(fact, recorded, {
        basis: record.basisOf(fact),
        rounding: 'nearest',
        facts: [fact],
      });
    } else if (chain.solved && face !== undefined && packing !== undefined) {
      record.decide(fact, chain.total + sidesOf(axis) * (face + packing), {
        reasons: () => [
          message(axis === 'Width' ? 'sizing.wall' : 'sizing.wall.head', {
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
