import { itemOf, withQuantity, solid, span, termKeyBuilder } from '../model/index.js';
import type { UseClass } from '../practice/index.js';
import { barrelOffset, buttRow, setBackFor } from './butt.js';
import {
  chooseBearing,
  chooseCorner,
  chooseCount,
  chooseHeight,
  chooseWeight,
  chooseWidth,
} from './choosing.js';
import { decideExisting, placeOnExisting } from './existing.js';
import { decideLongScrew, decideRecess, decideWire, springItems } from './fitting.js';
import { decideForm } from './form.js';
import type { HangingCase } from './hangingCase.js';
import type { HungLeaf } from './hung.js';
import type { SurveyedHinges } from './matching.js';
import { decideForces, decidePositions, type Placed } from './placing.js';

const cornerTrait = termKeyBuilder('corner.');
const weightTrait = termKeyBuilder('weight.');
const bearingTrait = termKeyBuilder('bearing.');
const metalTrait = termKeyBuilder('metal.');
const pinTrait = termKeyBuilder('pin.');

const paired = (id: string) => id === 'active' || id === 'inactive';

interface ButtCase extends HangingCase {
  use: UseClass;
  pin: string | undefined;
  existing: SurveyedHinges | undefined;
  spring: boolean;
}

/** Hangs a leaf on butts: their size, class, shape and number, where they stand, what they carry. */
export function hangOnButts(at: ButtCase): HungLeaf {
  const { record, practice, sizes, hung, use, metal, pin, existing, spring } = at;
  const { leaf, mass } = hung;
  const { width, height, thickness } = leaf;
  const half = leaf.id === 'upper' || leaf.id === 'lower';
  if (
    width === undefined ||
    height === undefined ||
    thickness === undefined ||
    width <= 0 ||
    height <= 0
  ) {
    for (const name of ['hingeHeight', 'weight', 'count', 'positions'] as const)
      record.ask(name, 'ask.sizeFirst', ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'], {
        leaf: leaf.id,
      });
    return hung;
  }
  const size = { width, height, thickness };
  // Hinges across a pair stand alike: the wider leaf decides for both.
  const widest = paired(leaf.id)
    ? Math.max(width, ...sizes.leaves.map((one) => one.width ?? 0))
    : width;
  const row = buttRow(practice, { ...size, width: widest }, mass);
  if (row === undefined) {
    record.report(
      'stop',
      'hanging.noButt',
      {
        thickness: { ticks: thickness },
        width: { ticks: width, rounding: 'down' },
        mass: mass === undefined ? '?' : { grams: mass },
      },
      practice.values.butts.source,
      ['hanging.device'],
    );
    record.ask('hingeHeight', 'ask.otherDevice', ['leafThickness'], { leaf: leaf.id });
    return hung;
  }
  const byMass = row === 'needs-mass';
  let hingeHeight: HungLeaf['hingeHeight'];
  if (existing && !half)
    hingeHeight = decideExisting(record, leaf.id, existing, byMass ? undefined : row.height);
  else if (byMass)
    record.ask('hingeHeight', 'ask.massFirst', ['leafConstruction', 'leafMass'], { leaf: leaf.id });
  else hingeHeight = chooseHeight(record, practice, leaf, row);
  const weight = chooseWeight(record, practice, hung, use, byMass ? undefined : row);
  const bearing = chooseBearing(record, leaf, use, weight);
  const hingeWidth = chooseWidth(record, practice, sizes, hung, hingeHeight);
  const p =
    hingeWidth === undefined
      ? undefined
      : barrelOffset(hingeWidth, thickness, setBackFor(practice, thickness));
  const form =
    p === undefined || existing || spring
      ? undefined
      : decideForm(record, practice, sizes, leaf, p);
  const corner = chooseCorner(record, practice, leaf.id);
  const gauge = decideRecess(record, practice, leaf.id, { thickness, weight, hingeHeight });
  const inFrame = half ? undefined : existing?.belowHead.length;
  const count = chooseCount(
    record,
    practice,
    { id: leaf.id, ...size, mass, weight, half },
    inFrame,
  );
  const placing = { record, practice, sizes, leaf, hingeHeight, count, half };
  const placed: Placed =
    existing && count === inFrame && sizes.headGap !== undefined
      ? placeOnExisting(record, practice, sizes, leaf, existing)
      : decidePositions(placing);
  const { loads, grade } = decideForces(placing, placed.positions, mass, size);
  decideLongScrew(record, practice, leaf.id, mass);
  const wireHinge = decideWire(record, leaf.id, count);
  const done: HungLeaf = {
    leaf,
    mass,
    hingeHeight,
    hingeWidth,
    count,
    positions: placed.positions,
    pattern: placed.pattern,
    patternId: placed.patternId,
    p,
    weight,
    bearing,
    corner,
    grade,
    loads,
    form,
    foot: undefined,
    wireHinge,
  };
  if (hingeHeight === undefined || hingeWidth === undefined) return done;
  const traits: string[] = [];
  if (form === 'swing-clear') traits.push('form.swing-clear');
  if (corner !== 'square') traits.push(cornerTrait(corner));
  traits.push(weightTrait(weight), bearingTrait(bearing), metalTrait(metal));
  // Which pin follows from the hand; number and size do not wait for it.
  if (pin !== undefined) traits.push(pinTrait(pin));
  // Of two equal leaves one carries it.
  const electric = wireHinge === undefined ? 0 : 1;
  const plain = itemOf('hanging', 'item.butt', count * leaf.quantity - electric, {
    height: hingeHeight,
    width: hingeWidth,
    traits,
    handed: form === 'swing-clear',
  });
  if (spring) record.items.push(...springItems(record, practice, done, plain));
  else record.items.push(plain);
  if (electric > 0) record.items.push(withQuantity(plain, electric, ['trait.electric', ...traits]));
  recesses(at, done, size, hingeHeight, gauge);
  return done;
}

/** What the butts' leaves are let into: the leaf's edge and the jamb. */
function recesses(
  { record, practice, sizes }: ButtCase,
  { leaf, positions = [] }: HungLeaf,
  { height, thickness }: { height: number; thickness: number },
  hingeHeight: number,
  recess: number,
): void {
  const z = span(0, thickness - setBackFor(practice, thickness));
  const owner = record.key('positions', leaf.id);
  for (const top of positions) {
    const y = span(height - top - hingeHeight, hingeHeight);
    const inFrame = span(-(sizes.hingeGap ?? 0) - recess, recess);
    record.solids.push(
      solid(owner, 'solid.hinge', leaf.id, 'in', { x: span(0, recess), y, z }),
      solid(owner, 'solid.hinge', leaf.id, 'in', { x: inFrame, y, z }, 0, 'frame'),
    );
  }
}
