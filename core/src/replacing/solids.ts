import { centredSpan, solid, type MeasuredLeaf, type Solid } from '../model/index.js';
import { measured, type CopiedLeaf, type Sizes } from '../sizing/index.js';
import { PrepWriter, type Preparation } from '../stageContract/index.js';
import type { Survey } from '../survey/index.js';

const OWNER = 'copyLeaf';

/** What an old leaf is cut through for: its readings, and the term of what it is. */
const HOLES = [
  { name: 'plate', thing: 'solid.letterPlate' },
  { name: 'vent', thing: 'solid.vent' },
] as const;

/** Where a point of the old leaf, read from its top and one of its long edges, comes to stand on the new one. */
function carried(
  { old, gains }: CopiedLeaf,
  leaf: MeasuredLeaf,
  fromTop: number,
  { from, edge }: { from: 'Hinge' | 'Lock'; edge: number },
): { x: number; y: number; fromEdge: number } {
  const share = (old.hingeTop.y - fromTop) / old.hingeTop.y;
  const along = (ends: readonly [number, number], part: number) =>
    ends[0] + (ends[1] - ends[0]) * part;
  const width = along([old.lockBottom.x, old.lockTop.x], share);
  const x = from === 'Lock' ? width - edge : edge;
  const hinge = along([gains.hinge[1], gains.hinge[0]], share);
  const lock = along([gains.lock[1], gains.lock[0]], share);
  return {
    x: x + hinge,
    y: leaf.height - fromTop - along(gains.head, x / width),
    // What an edge gains lies between it and what stays where it was.
    fromEdge: edge + (from === 'Lock' ? lock : hinge),
  };
}

/**
 * Tells where what an old leaf carried comes to stand on the new one: the middle of a hole, or the nearest screw of a
 * closer, from its top and from the edge it was read from.
 *
 * @returns undefined where no leaf is copied or nothing of this was read
 */
export function carriedPreparation(survey: Survey, sizes: Sizes): Preparation | undefined {
  const copied = sizes.fitting?.copied;
  const leaf = measured(sizes.leaves[0]!);
  if (!copied || !leaf) return undefined;
  const write = new PrepWriter();
  write.group('carried');
  for (const { name, from } of CARRIED) {
    const top = survey.number(`${name}FromTop`);
    const edge = survey.number(`${name}From${from}`);
    if (top === undefined || edge === undefined) continue;
    const { y, fromEdge } = carried(copied, leaf, top, { from, edge });
    write.lengths(`carried.${name}`, leaf.height - y, fromEdge);
  }
  for (const edge of ['bevelHinge', 'bevelLock'] as const) {
    const bevel = survey.number(edge);
    if (bevel !== undefined) write.lengths(`carried.${edge}`, bevel);
  }
  return write.groups[0]!.lines.length > 0
    ? { groups: write.groups, bits: [], row: undefined, notes: [] }
    : undefined;
}

/** What is carried over, and which edge it is read from. */
const CARRIED = [
  { name: 'viewer', from: 'Lock' },
  { name: 'plate', from: 'Lock' },
  { name: 'vent', from: 'Lock' },
  { name: 'closer', from: 'Hinge' },
] as const;

/** The holes of an old leaf that the new one has again, each where it was. */
export function copiedSolids(
  survey: Survey,
  sizes: Sizes,
  leaf: MeasuredLeaf,
  viewerBore: number,
): Solid[] {
  const copied = sizes.fitting?.copied;
  if (!copied) return [];
  const hole = (name: string, thing: string, up?: number, across?: number): Solid[] => {
    const [top, lock] = [survey.number(`${name}FromTop`), survey.number(`${name}FromLock`)];
    if (top === undefined || lock === undefined || !up || !across) return [];
    const at = carried(copied, leaf, top, { from: 'Lock', edge: lock });
    return [
      solid(OWNER, thing, leaf.id, 'in', {
        x: centredSpan(at.x, across),
        y: centredSpan(at.y, up),
        z: [0, leaf.thickness],
      }),
    ];
  };
  return [
    ...hole('viewer', 'solid.viewer', viewerBore, viewerBore),
    ...HOLES.flatMap(({ name, thing }) =>
      hole(name, thing, survey.number(`${name}Up`), survey.number(`${name}Across`)),
    ),
  ];
}
