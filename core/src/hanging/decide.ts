import type { Ticks } from '../measure/index.js';
import {
  known,
  length,
  said,
  Settling,
  term,
  type HangingDevice,
  type Item,
  type OpeningFacts,
  type StageOutcome,
} from '../opening/index.js';
import type { ButtRow, Practice, UseClass } from '../practice/index.js';
import type { Handing } from '../handing/index.js';
import {
  buttAxis,
  centreAxis,
  type SizedLeaf,
  type Sizes,
  type SwingPlan,
} from '../sizing/index.js';
import { barrelOffset, buttRow, buttWidth, heavyReasons, setBackFor } from './butt.js';
import { hingeCount, intermediatePivots } from './count.js';
import { deviceFor } from './device.js';
import { hingeForces } from './force.js';
import { gradeFor, gradingMass, leafMass } from './mass.js';
import { metalFor, pinFor } from './metal.js';
import { halfPattern, hingePositions } from './positions.js';
import { decideClearWidth, decideSwing } from './swinging.js';

/** How one leaf is hung; absent parts are open. */
export interface HungLeaf {
  leaf: SizedLeaf;
  mass?: number;
  hingeHeight?: Ticks;
  hingeWidth?: Ticks;
  count?: number;
  /** Top edges of the hinges below the leaf's top, top hinge first. */
  positions?: Ticks[];
  /** Barrel centre outside the pull face. */
  p?: Ticks;
  weight?: 'standard' | 'heavy';
}

/** What later stages and the drawing read of the hanging. */
export interface Hanging extends StageOutcome {
  device: HangingDevice;
  leaves: HungLeaf[];
  axis?: { x: number; y: number };
}

/** Runs the hanging stage: mass, device, size, number, positions, force, metal, pins, clear width. */
export function decideHanging(
  facts: OpeningFacts,
  practice: Practice,
  sizes: Sizes,
  handing: Handing,
): Hanging {
  const settling = new Settling(facts, 'hanging');
  const masses = sizes.leaves.map((leaf) => decideMass(settling, practice, leaf));
  const use = decideUse(settling, practice);
  const heaviest = Math.max(...masses.map((mass) => mass ?? 0));
  const wanted = deviceFor(facts, practice, heaviest > 0 ? heaviest : undefined);
  const device = settling.choose('device', wanted.device, (value) => term(`device.${value}`), {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['kind'],
  });
  const metal = decideMetal(settling);
  const hanging: Hanging = Object.assign(settling, { device, leaves: [] as HungLeaf[] });
  hanging.leaves = sizes.leaves.map((leaf, index) => ({
    leaf,
    ...(masses[index] === undefined ? {} : { mass: masses[index]! }),
  }));
  if (device === 'butt') {
    const pin = decidePin(settling, handing);
    for (const hung of hanging.leaves)
      hangOnButts(settling, practice, sizes, hung, use, metal, pin);
  } else {
    for (const hung of hanging.leaves) hangOtherwise(settling, practice, hung, device, metal);
  }
  massFindings(settling, practice, hanging);
  const plan = swingPlan(practice, sizes, hanging);
  if (plan) {
    hanging.axis = plan.axis;
    decideClearWidth(settling, practice, sizes, handing, plan);
    decideSwing(settling, practice, sizes, plan, device);
  } else if (device === 'sliding-gear' && sizes.frameWidth !== undefined) {
    settling.fix('clearWidth', length(sizes.frameWidth, 'down'), {
      reasons: [said('hanging.clear.sliding')],
      facts: ['frameWidth'],
    });
  }
  return hanging;
}

function decideMass(settling: Settling, practice: Practice, leaf: SizedLeaf): number | undefined {
  const recorded = settling.fact('leafMass');
  if (recorded !== undefined) {
    settling.fix(
      'mass',
      { type: 'mass', grams: recorded },
      {
        basis: settling.basisOf('leafMass'),
        leaf: leaf.id,
        facts: ['leafMass'],
      },
    );
    return recorded;
  }
  const construction = settling.fact('leafConstruction');
  const { width, height, thickness } = leaf;
  if (!construction || width === undefined || height === undefined || thickness === undefined) {
    settling.open(
      'mass',
      said(construction ? 'ask.sizeFirst' : 'ask.leafConstruction'),
      ['leafConstruction', 'leafMass'],
      { leaf: leaf.id },
    );
    return undefined;
  }
  if (width <= 0 || height <= 0) {
    settling.open('mass', said('ask.sizeFirst'), ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return undefined;
  }
  const glassWidth = settling.fact('glassWidth');
  const glassHeight = settling.fact('glassHeight');
  const glassThickness = settling.fact('glassThickness');
  const glass =
    glassWidth && glassHeight && glassThickness
      ? { width: glassWidth, height: glassHeight, thickness: glassThickness }
      : undefined;
  const mass = leafMass(practice, { width, height, thickness }, construction, glass);
  settling.fix(
    'mass',
    { type: 'mass', grams: mass.total },
    {
      leaf: leaf.id,
      facts: ['leafConstruction', 'leafMass', 'glassWidth', 'glassHeight', 'glassThickness'],
      reasons: [
        said(glass ? 'hanging.mass.glass' : 'hanging.mass', {
          area: { squareMetres: mass.areaSquareMetres },
          surface: { gramsPerSquareMetre: mass.perSquareMetre },
          construction: { term: `construction.${construction}` },
          body: { grams: mass.body },
          glass: { grams: mass.glass },
          hardware: { grams: mass.hardware },
        }),
      ],
    },
  );
  return mass.total;
}

function decideUse(settling: Settling, practice: Practice): UseClass {
  const { highUse, mediumUse, assumedUse } = practice.values;
  const passages = settling.fact('passagesPerDay');
  const recorded = settling.fact('use');
  if (passages !== undefined) {
    const use = passages >= highUse.value ? 'high' : passages >= mediumUse.value ? 'medium' : 'low';
    settling.fix('use', term(`use.${use}`), {
      basis: 'derived',
      reasons: [
        said('hanging.use.passages', { passages, high: highUse.value, medium: mediumUse.value }),
      ],
      facts: ['passagesPerDay', 'use'],
    });
    return use;
  }
  settling.fix('use', term(`use.${recorded ?? assumedUse.value}`), {
    basis: recorded ? settling.basisOf('use') : 'derived',
    reasons: recorded ? [] : [said('hanging.use.assumed', { practice: practice.name })],
    facts: ['passagesPerDay', 'use'],
  });
  if (!recorded) {
    settling.find(
      'note',
      'hanging.useUnknown',
      { use: { term: `use.${assumedUse.value}` } },
      assumedUse.source,
      ['use'],
    );
  }
  return recorded ?? assumedUse.value;
}

function decideMetal(settling: Settling): string {
  const { facts } = settling;
  const wanted = metalFor(facts);
  if (known(facts.rating) === undefined) {
    settling.find(
      'check',
      'hanging.ratingUnknown',
      {},
      'handbook of fire practice; the authority decides',
      ['rating'],
    );
  }
  const metal = settling.choose(
    'metal',
    wanted.metal as string,
    (value) => term(`metal.${value}`),
    {
      reasons: wanted.reasons,
      alternatives: wanted.alternatives,
      facts: ['exterior', 'salt', 'rating'],
    },
  );
  if (metal === 'brass' && known(facts.rating)) {
    settling.find('stop', 'hanging.brassRated', {}, 'NFPA 80', ['hanging.metal', 'rating']);
  }
  if (facts.acidTimber === true) {
    settling.fix('screws', term('screws.stainless'), {
      reasons: [said('hanging.screws.acid')],
      facts: ['acidTimber'],
    });
  } else {
    const material = settling.fact('frameMaterial');
    if (material) {
      settling.fix('screws', term(material === 'timber' ? 'screws.wood' : 'screws.machine'), {
        reasons: [said(material === 'timber' ? 'hanging.screws.wood' : 'hanging.screws.machine')],
        facts: ['frameMaterial'],
      });
    } else settling.open('screws', said('ask.frameMaterial'), ['frameMaterial']);
  }
  return metal;
}

function decidePin(settling: Settling, handing: Handing): string | undefined {
  const wanted = pinFor(settling.facts, handing.names?.knuckles);
  if (wanted === 'needs-hand') {
    settling.open('pin', said('ask.handFirst'), ['hingeSide', 'swing']);
    return undefined;
  }
  const pin = settling.choose('pin', wanted.pin as string, (value) => term(`pin.${value}`), {
    reasons: wanted.reasons,
    alternatives: wanted.alternatives,
    facts: ['secured', 'exterior'],
  });
  if (
    pin === 'removable' &&
    settling.fact('secured') === undefined &&
    handing.names?.knuckles === 'outside'
  ) {
    settling.find('note', 'hanging.securedUnknown', {}, 'trade practice', [
      'secured',
      'hanging.pin',
    ]);
  }
  if (pin === 'removable' && wanted.pin === 'non-removable') {
    settling.find('check', 'hanging.pinExposed', {}, 'trade practice', ['hanging.pin']);
  }
  return pin;
}

function hangOnButts(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  use: UseClass,
  metal: string,
  pin: string | undefined,
): void {
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
    return;
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
    return;
  }
  if (row === 'needs-mass') {
    settling.open('hingeHeight', said('ask.massFirst'), ['leafConstruction', 'leafMass'], {
      leaf: leaf.id,
    });
  } else hung.hingeHeight = chooseHeight(settling, practice, leaf, row);
  hung.weight = chooseWeight(settling, practice, hung, use, row === 'needs-mass' ? undefined : row);
  const bearing = chooseBearing(settling, leaf, use);
  const hingeWidth = chooseWidth(settling, practice, hung, thickness);
  if (hingeWidth !== undefined) hung.hingeWidth = hingeWidth;
  if (hung.hingeWidth !== undefined) {
    hung.p = barrelOffset(hung.hingeWidth, thickness, setBackFor(practice, thickness));
  }
  hung.count = chooseCount(settling, practice, hung, width, height, half);
  decidePositions(settling, practice, sizes, hung, half);
  decideForces(settling, practice, sizes, hung, width, height);
  if (hung.hingeHeight === undefined || hung.hingeWidth === undefined || pin === undefined) return;
  const item: Item = {
    stage: 'hanging',
    term: 'item.butt',
    quantity: hung.count * leaf.quantity,
    unit: 'each',
    height: hung.hingeHeight,
    width: hung.hingeWidth,
    traits: [`weight.${hung.weight}`, `bearing.${bearing}`, `metal.${metal}`, `pin.${pin}`],
    handed: false,
  };
  settling.items.push(item);
  const recess = practice.values.recess.value[hung.weight];
  for (const top of hung.positions ?? []) {
    settling.solids.push({
      owner: settling.key('hinge', leaf.id),
      leaf: leaf.id,
      on: 'leaf',
      x: [0, recess],
      y: [height - top - hung.hingeHeight, height - top],
      z: [0, thickness - setBackFor(practice, thickness)],
    });
  }
}

const heightsOf = new WeakMap<Practice, Ticks[]>();

/** The hinge heights the practice's table lists, ascending; worked out once for each practice. */
function madeHeights(practice: Practice): Ticks[] {
  let heights = heightsOf.get(practice);
  if (!heights) {
    heights = [...new Set(practice.values.butts.value.map((row) => row.height))].sort(
      (a, b) => a - b,
    );
    heightsOf.set(practice, heights);
  }
  return heights;
}

function chooseHeight(
  settling: Settling,
  practice: Practice,
  leaf: SizedLeaf,
  row: ButtRow,
): Ticks {
  return settling.choose('hingeHeight', row.height, (ticks) => length(ticks), {
    leaf: leaf.id,
    reasons: [
      said('hanging.height.table', {
        thickness: { ticks: leaf.thickness! },
        width: { ticks: leaf.width!, rounding: 'down' },
        source: practice.values.butts.source,
      }),
    ],
    alternatives: madeHeights(practice).map((ticks) =>
      ticks < row.height
        ? {
            value: ticks,
            against: said('hanging.against.lowerHinge', { height: { ticks: row.height } }),
          }
        : { value: ticks },
    ),
    facts: ['leafThickness', 'leafWidth'],
  });
}

function chooseWeight(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  use: UseClass,
  row: ButtRow | undefined,
): 'standard' | 'heavy' {
  const { leaf } = hung;
  const heavy = heavyReasons(
    practice,
    { width: leaf.width!, thickness: leaf.thickness! },
    hung.mass,
    use,
    row,
  );
  return settling.choose<string>(
    'weight',
    heavy.length > 0 ? 'heavy' : 'standard',
    (value) => term(`weight.${value}`),
    {
      leaf: leaf.id,
      reasons:
        heavy.length > 0
          ? heavy
          : [
              said(hung.mass === undefined ? 'hanging.standard.noMass' : 'hanging.standard', {
                mass: { grams: hung.mass ?? 0 },
              }),
            ],
      alternatives: [
        heavy.length > 0 ? { value: 'standard', against: heavy[0]! } : { value: 'standard' },
        { value: 'heavy' },
      ],
      facts: ['use', 'passagesPerDay', 'leafMass'],
    },
  ) as 'standard' | 'heavy';
}

function chooseBearing(settling: Settling, leaf: SizedLeaf, use: UseClass): string {
  const closer = settling.fact('closer');
  const rated = (settling.fact('rating') ?? 0) > 0;
  const reason = rated
    ? said('hanging.bearing.rated')
    : closer && closer !== 'none'
      ? said('hanging.bearing.closer')
      : use !== 'low'
        ? said('hanging.bearing.use', { use: { term: `use.${use}` } })
        : closer === undefined
          ? said('hanging.bearing.unknown')
          : undefined;
  const bearing = settling.choose<string>(
    'bearing',
    reason ? 'bearing' : 'plain',
    (value) => term(`bearing.${value}`),
    {
      leaf: leaf.id,
      reasons: [reason ?? said('hanging.bearing.plain')],
      alternatives: [
        { value: 'bearing' },
        reason ? { value: 'plain', against: reason } : { value: 'plain' },
      ],
      facts: ['closer', 'rating', 'use'],
    },
  );
  if (bearing === 'plain' && (rated || (closer && closer !== 'none'))) {
    settling.find(
      rated ? 'stop' : 'check',
      'hanging.plainBearing',
      {},
      rated ? 'NFPA 80; EN 1935' : 'trade practice',
      ['hanging.bearing'],
    );
  }
  return bearing;
}

function chooseWidth(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  thickness: Ticks,
): Ticks | undefined {
  const trim = settling.fact('trimProjection');
  const wide = buttWidth(practice, thickness, trim);
  if (!wide) {
    settling.find(
      'stop',
      'hanging.trimTooDeep',
      { trim: { ticks: trim ?? 0 } },
      practice.values.hingeWidths.source,
      ['trimProjection'],
    );
    settling.open('hingeWidth', said('ask.trim'), ['trimProjection'], { leaf: hung.leaf.id });
    return undefined;
  }
  return settling.choose('hingeWidth', wide.width, (ticks) => length(ticks), {
    leaf: hung.leaf.id,
    reasons: [
      said(trim ? 'hanging.width.trim' : 'hanging.width.least', {
        thickness: { ticks: thickness },
        setBack: { ticks: wide.setBack },
        clearance: { ticks: wide.clearance },
        exact: { ticks: wide.exact, rounding: 'up' },
        width: { ticks: wide.width },
      }),
    ],
    alternatives: practice.values.hingeWidths.value.map((ticks) =>
      ticks < wide.exact
        ? {
            value: ticks,
            against: said('hanging.against.narrowHinge', {
              exact: { ticks: wide.exact, rounding: 'up' },
            }),
          }
        : { value: ticks },
    ),
    facts: ['trimProjection', 'leafThickness'],
  });
}

function chooseCount(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  width: Ticks,
  height: Ticks,
  half: boolean,
): number {
  const wanted = hingeCount(practice, { width, height }, hung.mass, hung.weight!, half);
  const count = settling.choose(
    'count',
    wanted.count,
    (value) => ({ type: 'count', count: value }),
    {
      leaf: hung.leaf.id,
      reasons: wanted.reasons,
      alternatives: [2, 3, 4, 5, 6].map((value) =>
        value < wanted.count
          ? { value, against: said('hanging.against.fewer', { count: wanted.count }) }
          : { value },
      ),
      facts: ['leafHeight', 'leafMass'],
    },
  );
  if (count < wanted.count) {
    const rated = (settling.fact('rating') ?? 0) > 0;
    settling.find(
      rated ? 'stop' : 'check',
      'hanging.fewHinges',
      { count, wanted: wanted.count },
      practice.values.counts.source,
      ['hanging.count'],
    );
  }
  return Math.max(2, Math.min(12, Math.round(count)));
}

function decidePositions(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  half: boolean,
): void {
  const { patterns, patternSteel, patternTimber } = practice.values;
  const { leaf } = hung;
  if (hung.hingeHeight === undefined || sizes.headGap === undefined || leaf.bottom === undefined) {
    settling.open('positions', said('ask.sizeFirst'), ['frameHeight'], { leaf: leaf.id });
    return;
  }
  const material = settling.fact('frameMaterial');
  const steel = material !== undefined && material !== 'timber';
  const patternId = settling.choose(
    'pattern',
    (steel ? patternSteel : patternTimber).value,
    (id) => term(`pattern.${id}`),
    {
      leaf: leaf.id,
      reasons: [
        said(
          material ? `hanging.pattern.${steel ? 'steel' : 'timber'}` : 'hanging.pattern.unknown',
          { practice: practice.name },
        ),
      ],
      alternatives: patterns.value.map((pattern) => ({ value: pattern.id })),
      facts: ['frameMaterial'],
    },
  );
  let pattern =
    patterns.value.find((candidate) => candidate.id === patternId) ?? patterns.value[0]!;
  if (half) pattern = halfPattern(pattern, leaf.id as 'upper' | 'lower');
  const positions = hingePositions(pattern, {
    leafHeight: leaf.height!,
    hingeHeight: hung.hingeHeight,
    count: hung.count!,
    headGap: sizes.headGap,
    bottom: leaf.bottom,
  });
  if (!positions) {
    settling.find(
      'stop',
      'hanging.noRoom',
      { count: hung.count!, height: { ticks: leaf.height!, rounding: 'down' } },
      patterns.source,
      ['hanging.pattern', 'hanging.count'],
    );
    settling.open('positions', said('ask.otherPattern'), ['hanging.pattern'], { leaf: leaf.id });
    return;
  }
  hung.positions = positions;
  settling.fix(
    'positions',
    { type: 'positions', ticks: positions },
    {
      leaf: leaf.id,
      reasons: [
        said(`hanging.positions.${pattern.top.from}`, {
          top: { ticks: pattern.top.distance },
          head: { ticks: sizes.headGap },
          bottom: { ticks: pattern.bottom.distance },
          bottomFrom: { term: `datum.${pattern.bottom.from}` },
          to: { term: `to.${pattern.top.to}` },
        }),
      ],
      facts: ['hanging.pattern'],
    },
  );
}

function decideForces(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  width: Ticks,
  height: Ticks,
): void {
  const { leaf, mass, positions } = hung;
  if (mass === undefined || !positions || sizes.hingeGap === undefined) return;
  const distance = positions[positions.length - 1]! - positions[0]!;
  const offset = sizes.hingeGap / 2;
  const forces = hingeForces(mass, width, offset, distance, hung.count!);
  settling.fix(
    'pull',
    { type: 'force', newtons: forces.pull },
    {
      leaf: leaf.id,
      reasons: [
        said('hanging.pull', {
          mass: { grams: mass },
          half: { ticks: Math.round(width / 2 + offset) },
          distance: { ticks: distance },
          shear: { newtons: forces.shear },
          count: hung.count!,
        }),
      ],
    },
  );
  if (practice.system !== 'metric') return;
  const closer =
    settling.fact('closer') ?? ((settling.fact('rating') ?? 0) > 0 ? 'closer' : 'none');
  const graded = gradingMass(practice, mass, { width, height }, closer);
  const grade = gradeFor(practice, graded);
  const rated = (settling.fact('rating') ?? 0) > 0;
  if (grade === undefined) {
    settling.find(
      'stop',
      'hanging.noGrade',
      { mass: { grams: graded } },
      practice.values.grades.source,
      ['hanging.mass', 'hanging.device'],
    );
    return;
  }
  const holds = rated ? Math.max(grade, 13) : grade;
  settling.fix(
    'grade',
    { type: 'count', count: holds },
    {
      leaf: leaf.id,
      reasons: [
        said('hanging.grade', {
          mass: { grams: mass },
          graded: { grams: graded },
          closer: { term: `closer.${closer}` },
        }),
        ...(rated && grade < 13 ? [said('hanging.grade.rated')] : []),
      ],
      facts: ['closer', 'leafMass'],
    },
  );
}

/** Everything that is not a butt: what the device consists of, in pieces. */
function hangOtherwise(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  device: HangingDevice,
  metal: string,
): void {
  const { leaf } = hung;
  const push = (
    code: string,
    quantity: number,
    unit: Item['unit'],
    handed: boolean,
    extra: Partial<Item> = {},
  ) =>
    settling.items.push({
      stage: 'hanging',
      term: code,
      quantity,
      unit,
      traits: device === 'sliding-gear' ? [] : [`metal.${metal}`],
      handed,
      ...extra,
    });
  if (leaf.height === undefined || leaf.width === undefined) {
    settling.open('size', said('ask.sizeFirst'), ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return;
  }
  switch (device) {
    case 'continuous':
      push('item.continuous', leaf.quantity, 'each', false, { length: leaf.height });
      return;
    case 'offset-pivot': {
      const between = intermediatePivots(practice, leaf.height);
      settling.fix(
        'count',
        { type: 'count', count: between },
        {
          leaf: leaf.id,
          reasons: [
            said('hanging.intermediate', {
              count: between,
              height: { ticks: leaf.height, rounding: 'down' },
            }),
          ],
        },
      );
      push('item.offsetPivot', leaf.quantity, 'set', true);
      push('item.intermediatePivot', between * leaf.quantity, 'each', true);
      return;
    }
    case 'centre-pivot':
      push('item.centrePivot', leaf.quantity, 'set', false);
      return;
    case 'double-acting-spring':
      push('item.doubleActingSpring', 3 * leaf.quantity, 'each', false);
      return;
    case 'sliding-gear':
      push('item.track', 1, 'each', false, { length: 2 * leaf.width });
      push('item.hangers', 2 * leaf.quantity, 'each', false);
      push('item.guide', leaf.quantity, 'each', false);
      return;
    case 'butt':
      return;
  }
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
    width === undefined ||
    thickness === undefined ||
    hingeGap === undefined
  )
    return undefined;
  const { values } = practice;
  const p = first.p ?? 0;
  const axis = {
    butt: buttAxis(hingeGap, p),
    continuous: buttAxis(hingeGap, values.continuousBarrel.value),
    'offset-pivot': { x: values.offsetPivotOut.value, y: values.offsetPivotOut.value },
    'centre-pivot': centreAxis(hingeGap, values.centrePivotIn.value, thickness),
    'double-acting-spring': { x: hingeGap / 2, y: -thickness / 2 },
  }[device];
  if (device === 'butt' && first.p === undefined) return undefined;
  return { width, thickness, hingeGap, axis };
}
