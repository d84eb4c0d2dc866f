import {
  length,
  said,
  Settling,
  solid,
  span,
  term,
  type Item,
  type OpeningFacts,
} from '../opening/index.js';
import type { Practice, UseClass } from '../practice/index.js';
import type { Handing } from '../handing/index.js';
import {
  buttAxis,
  centreAxis,
  swingClearAxis,
  type Sizes,
  type SwingPlan,
} from '../sizing/index.js';
import { barrelOffset, buttRow, setBackFor } from './butt.js';
import { deviceFor } from './device.js';
import { decideClearWidth, decideFolded, decideSwing } from './swinging.js';
import { decideExisting, existingHinges, placeOnExisting } from './existing.js';
import type { SurveyedHinges } from './matching.js';
import type { Survey } from '../survey/index.js';
import type { HungLeaf, Hanging } from './hung.js';
import { decideMass, decideUse } from './massAndUse.js';
import { decideMetal, decidePin } from './fastening.js';
import {
  chooseBearing,
  chooseCorner,
  chooseCount,
  chooseHeight,
  chooseWeight,
  chooseWidth,
} from './choosing.js';
import { decidePositions, decideForces } from './placing.js';
import { hangConcealed } from './concealed.js';
import { checkOpening, decideForm } from './form.js';
import { hangOtherwise } from './otherDevices.js';
import { hangOnPivots } from './pivots.js';
import { decideLongScrew, decideRecess, decideWire, springItems } from './fitting.js';

/** Runs the hanging stage: mass, device, size, number, positions, force, metal, pins, clear width. */
export function decideHanging(
  facts: OpeningFacts,
  practice: Practice,
  sizes: Sizes,
  handing: Handing,
  survey?: Survey,
): Hanging {
  const settling = new Settling(facts, 'hanging');
  const masses = sizes.leaves.map((leaf) => decideMass(settling, practice, leaf));
  const use = decideUse(settling, practice);
  const heaviest = Math.max(...masses.map((mass) => mass ?? 0));
  const wanted = deviceFor({
    facts,
    practice,
    mass: heaviest > 0 ? heaviest : undefined,
    thickness: sizes.leaves[0]!.thickness,
    use,
  });
  const device = settling.choose('device', wanted.device, (value) => term(`device.${value}`), {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['kind', 'nothingVisible', 'screwHold'],
  });
  const metal = decideMetal(settling);
  const hanging: Hanging = Object.assign(settling, { device, leaves: [] as HungLeaf[] });
  hanging.leaves = sizes.leaves.map((leaf, index) => ({
    leaf,
    ...(masses[index] === undefined ? {} : { mass: masses[index]! }),
  }));
  if (device === 'butt' && survey) hanging.existing = existingHinges(settling, practice, survey);
  if (device === 'butt' || device === 'spring-hinge') {
    const pin = decidePin(settling, handing);
    for (const hung of hanging.leaves)
      hanging.wireHinge =
        hangOnButts(settling, practice, sizes, hung, {
          use,
          metal,
          pin,
          existing: hanging.existing,
          spring: device === 'spring-hinge',
        }) ?? hanging.wireHinge;
  } else if (
    device === 'concealed' ||
    device === 'adjustable-concealed' ||
    device === 'spring-concealed'
  ) {
    for (const hung of hanging.leaves)
      hangConcealed(settling, practice, sizes, hung, device, metal);
  } else if (device === 'offset-pivot' || device === 'centre-pivot') {
    for (const hung of hanging.leaves) hangOnPivots(settling, practice, sizes, hung, device, metal);
  } else {
    for (const hung of hanging.leaves) hangOtherwise(settling, practice, hung, device, metal);
  }
  massFindings(settling, practice, hanging);
  const plan = swingPlan(practice, sizes, hanging);
  if (plan) {
    hanging.axis = plan.axis;
    decideClearWidth(settling, practice, sizes, plan);
    checkOpening(settling, decideSwing(settling, practice, sizes, plan, device));
  } else if (device === 'folding-gear') {
    decideFolded(settling, sizes);
  } else if (device === 'sliding-gear' && sizes.frameWidth !== undefined) {
    settling.fix('clearWidth', length(sizes.frameWidth, 'down'), {
      reasons: [said('hanging.clear.sliding')],
      facts: ['frameWidth'],
    });
  }
  return hanging;
}

/** What a leaf's butts are chosen with, beside its sizes. */
interface ButtCase {
  use: UseClass;
  metal: string;
  pin: string | undefined;
  existing: SurveyedHinges | undefined;
  spring: boolean;
}

function hangOnButts(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  { use, metal, pin, existing, spring }: ButtCase,
): number | undefined {
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
    for (const name of ['hingeHeight', 'weight', 'count', 'positions']) {
      settling.open(
        name,
        said('ask.sizeFirst'),
        ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight'],
        { leaf: leaf.id },
      );
    }
    return undefined;
  }
  const row = buttRow(practice, { width, thickness }, mass);
  if (row === undefined) {
    settling.find(
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
    settling.open('hingeHeight', said('ask.otherDevice'), ['leafThickness'], { leaf: leaf.id });
    return undefined;
  }
  if (existing && !half) {
    decideExisting(settling, hung, existing, row === 'needs-mass' ? undefined : row.height);
  } else if (row === 'needs-mass') {
    settling.open('hingeHeight', said('ask.massFirst'), ['leafConstruction', 'leafMass'], {
      leaf: leaf.id,
    });
  } else hung.hingeHeight = chooseHeight(settling, practice, leaf, row);
  hung.weight = chooseWeight(settling, practice, hung, use, row === 'needs-mass' ? undefined : row);
  const bearing = chooseBearing(settling, leaf, use, hung.weight);
  const hingeWidth = chooseWidth(settling, practice, sizes, hung);
  if (hingeWidth !== undefined) hung.hingeWidth = hingeWidth;
  if (hung.hingeWidth !== undefined) {
    hung.p = barrelOffset(hung.hingeWidth, thickness, setBackFor(practice, thickness));
    if (!existing && !spring) hung.form = decideForm(settling, practice, sizes, hung, hung.p);
  }
  const corner = chooseCorner(settling, practice, hung);
  decideRecess(settling, practice, hung);
  const inFrame = half ? undefined : existing?.belowHead.length;
  hung.count = chooseCount(settling, practice, hung, width, height, half, inFrame);
  if (existing && hung.count === inFrame && sizes.headGap !== undefined)
    placeOnExisting(settling, practice, sizes, hung, existing);
  else decidePositions(settling, practice, sizes, hung, half);
  decideForces(settling, practice, sizes, hung, width, height);
  decideLongScrew(settling, practice, hung);
  const wire = decideWire(settling, hung);
  if (hung.hingeHeight === undefined || hung.hingeWidth === undefined || pin === undefined)
    return wire;
  const item: Item = {
    stage: 'hanging',
    term: 'item.butt',
    quantity: hung.count * leaf.quantity,
    unit: 'each',
    height: hung.hingeHeight,
    width: hung.hingeWidth,
    traits: [
      ...(hung.form === 'swing-clear' ? ['form.swing-clear'] : []),
      ...(corner === 'square' ? [] : [`corner.${corner}`]),
      `weight.${hung.weight}`,
      `bearing.${bearing}`,
      `metal.${metal}`,
      `pin.${pin}`,
    ],
    handed: hung.form === 'swing-clear',
  };
  // Of two equal leaves one carries it.
  const electric = wire === undefined ? 0 : 1;
  const plain = { ...item, quantity: item.quantity - electric };
  settling.items.push(
    ...(spring ? springItems(settling, practice, hung, plain) : [plain]),
    ...(electric > 0
      ? [{ ...item, quantity: electric, traits: ['trait.electric', ...item.traits] }]
      : []),
  );
  const recess = practice.values.recess.value[hung.weight];
  for (const top of hung.positions ?? []) {
    const y = span(height - top - hung.hingeHeight, hung.hingeHeight);
    const z = span(0, thickness - setBackFor(practice, thickness));
    const owner = settling.key('positions', leaf.id);
    settling.solids.push(
      solid(owner, 'solid.hinge', leaf.id, 'in', { x: span(0, recess), y, z }),
      solid(
        owner,
        'solid.hinge',
        leaf.id,
        'in',
        { x: span(-(sizes.hingeGap ?? 0) - recess, recess), y, z },
        0,
        'frame',
      ),
    );
  }
  return wire;
}

function massFindings(settling: Settling, practice: Practice, hanging: Hanging): void {
  for (const { mass } of hanging.leaves) {
    if (mass === undefined) continue;
    if (hanging.device === 'butt' && mass > practice.values.massCarried.value.heavy * 1.5) {
      settling.find(
        'stop',
        'hanging.tooHeavy',
        { mass: { grams: mass }, limit: { grams: practice.values.massCarried.value.heavy } },
        practice.values.massCarried.source,
        ['hanging.device'],
      );
    }
    if (hanging.device === 'double-acting-spring' && mass > practice.values.liftAlone.value) {
      settling.find('check', 'hanging.springHeavy', { mass: { grams: mass } }, 'trade practice', [
        'hanging.device',
      ]);
    }
  }
}

/** The plan a leaf swings in; undefined for sliding leaves and while its sizes are open. */
export function swingPlan(
  practice: Practice,
  sizes: Sizes,
  hanging: Hanging,
): SwingPlan | undefined {
  const { device } = hanging;
  const first = hanging.leaves[0]!;
  const { width, thickness } = first.leaf;
  const { hingeGap } = sizes;
  if (
    device === 'sliding-gear' ||
    device === 'folding-gear' ||
    width === undefined ||
    thickness === undefined ||
    hingeGap === undefined
  )
    return undefined;
  const { values } = practice;
  const p = first.p ?? 0;
  const butt =
    first.form === 'swing-clear'
      ? swingClearAxis(thickness, values.swingClearOut.value)
      : buttAxis(hingeGap, p);
  // Decided once, with the figures of a named product where there is one.
  const axis =
    hanging.axis ??
    {
      butt,
      'spring-hinge': butt,
      concealed: buttAxis(hingeGap, p),
      'adjustable-concealed': buttAxis(hingeGap, p),
      'spring-concealed': buttAxis(hingeGap, p),
      continuous: buttAxis(hingeGap, values.continuousBarrel.value),
      'offset-pivot': { x: values.offsetPivotOut.value, y: values.offsetPivotOut.value },
      'centre-pivot': centreAxis(hingeGap, values.centrePivotIn.value, thickness),
      'double-acting-spring': { x: hingeGap / 2, y: -thickness / 2 },
    }[device];
  if ((device === 'butt' || device === 'spring-hinge') && first.p === undefined) return undefined;
  return { width, thickness, hingeGap, axis };
}
