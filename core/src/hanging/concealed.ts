import { about, length, said, solid, span, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { measured, type Sizes } from '../sizing/index.js';
import { COUNTS } from './choosing.js';
import { fixLength } from './form.js';
import type { HungLeaf } from './hung.js';
import { decideForces, decidePositions } from './placing.js';

export type ConcealedDevice = 'concealed' | 'adjustable-concealed' | 'spring-concealed';

/** What a concealed hinge needs, by kind, out of the practice’s tables. */
export function concealedData(practice: Practice, device: ConcealedDevice) {
  const { values } = practice;
  const adjustable = device === 'adjustable-concealed';
  return {
    leaf: adjustable ? values.bodies.value.adjustableHinge : values.bodies.value.concealedHinge,
    frame: adjustable
      ? values.bodies.value.adjustableHingeFrame
      : values.bodies.value.concealedHingeFrame,
    masses: adjustable ? values.adjustableMasses : values.concealedMasses,
    leastLeaf: adjustable ? values.adjustableLeaf : values.concealedLeaf,
    leastJamb: adjustable ? values.adjustableJamb : values.concealedJamb,
  };
}

/** Hangs a leaf on concealed hinges: number by mass, recesses in leaf and frame, what they need of both. */
export function hangConcealed(
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  device: ConcealedDevice,
  metal: string,
): void {
  const leaf = measured(hung.leaf);
  if (!leaf) {
    settling.open('count', said('ask.sizeFirst'), ['frameWidth', 'frameHeight'], {
      leaf: hung.leaf.id,
    });
    return;
  }
  const data = concealedData(practice, device);
  const { mass } = hung;
  if (leaf.thickness < data.leastLeaf.value)
    settling.find(
      'stop',
      'hanging.concealedThin',
      {
        thickness: { ticks: leaf.thickness },
        least: { ticks: data.leastLeaf.value, rounding: 'up' },
      },
      data.leastLeaf.source,
      ['hanging.device', 'leafThickness'],
    );
  const depth = settling.fact('jambDepth');
  if (depth === undefined)
    settling.find(
      'check',
      'hanging.jambUnknown',
      { least: { ticks: data.leastJamb.value, rounding: 'up' } },
      data.leastJamb.source,
      ['jambDepth', 'hanging.device'],
    );
  else if (depth < data.leastJamb.value)
    settling.find(
      'stop',
      'hanging.jambShallow',
      { depth: { ticks: depth }, least: { ticks: data.leastJamb.value, rounding: 'up' } },
      data.leastJamb.source,
      ['jambDepth', 'hanging.device'],
    );
  const closer = settling.fact('closer');
  if (closer && closer !== 'none')
    settling.find('check', 'hanging.closerTemplated', {}, 'trade practice', [
      'hanging.device',
      'closerKind',
    ]);
  if ((settling.fact('rating') ?? 0) > 0)
    settling.find('check', 'hanging.concealedListed', {}, 'NFPA 80; EN 1935', [
      'hanging.device',
      'rating',
    ]);
  if (device === 'spring-concealed') springFindings(settling, practice, mass);

  fixLength(
    settling,
    'hingeHeight',
    data.leaf.up,
    ['hanging.height.concealed', { thickness: { ticks: leaf.thickness } }],
    leaf.id,
  );
  hung.hingeHeight = data.leaf.up;
  hung.p = practice.values.concealedAxisOut.value;
  const rows = data.masses.value;
  const row =
    mass === undefined ? undefined : (rows.find((one) => mass <= one.toMass) ?? rows.at(-1)!);
  const byHeight = leaf.height > practice.values.counts.value[0]!.toHeight ? 3 : 2;
  const wanted = Math.max(row?.count ?? 3, byHeight);
  hung.count = settling.choose('count', wanted, (value) => ({ type: 'count', count: value }), {
    leaf: leaf.id,
    reasons: [
      row
        ? said('hanging.count.concealed', {
            mass: { grams: mass! },
            count: row.count,
            carried: { grams: row.toMass },
          })
        : said('hanging.count.massUnknown', { count: wanted }),
    ],
    alternatives: [2, 3, 4].map((value) =>
      value < wanted
        ? { value, against: said('hanging.against.fewer', { count: wanted }) }
        : { value },
    ),
    facts: ['leafMass'],
    within: COUNTS,
  });
  settling.fix('recessLeaf', length(data.leaf.across), {
    leaf: leaf.id,
    reasons: [
      said('hanging.recess.shallow', {
        up: { ticks: data.leaf.up },
        through: { ticks: data.leaf.through },
        deep: { ticks: data.leaf.across },
      }),
    ],
  });
  settling.fix('recessFrame', length(data.frame.across), {
    leaf: leaf.id,
    reasons: [
      said('hanging.recess.deep', {
        deep: { ticks: data.frame.across },
        jamb: { ticks: data.leastJamb.value },
      }),
    ],
    facts: ['jambDepth'],
  });
  settling.fix('axisMoves', length(hung.p), {
    leaf: leaf.id,
    reasons: [said('hanging.axisMoves')],
  });
  decidePositions(settling, practice, sizes, hung, false);
  decideForces(settling, practice, sizes, hung, leaf.width, leaf.height);
  settling.items.push({
    stage: 'hanging',
    term: `item.${device}`,
    quantity: hung.count * leaf.quantity,
    unit: 'each',
    traits: [`metal.${metal}`],
    handed: false,
  });
  const middle = leaf.thickness / 2;
  const gap = sizes.hingeGap ?? 0;
  for (const top of hung.positions ?? []) {
    const y = span(leaf.height - top - data.leaf.up, data.leaf.up);
    settling.solids.push(
      solid(
        settling.key('device', leaf.id),
        'solid.concealedHinge',
        leaf.id,
        'in',
        { x: span(0, data.leaf.across), y, z: about(middle, data.leaf.through) },
        data.leaf.keep,
      ),
      solid(
        settling.key('device', leaf.id),
        'solid.concealedHinge',
        leaf.id,
        'in',
        {
          x: span(-gap - data.frame.across, data.frame.across),
          y,
          z: about(middle, data.frame.through),
        },
        data.frame.keep,
        'frame',
      ),
    );
  }
}

/** What is wrong with springs on this leaf: they slam, and a slow close cannot be had from them. */
export function springFindings(
  settling: Settling,
  practice: Practice,
  mass: number | undefined,
): void {
  const { springMass } = practice.values;
  if (mass !== undefined && mass > springMass.value)
    settling.find(
      'stop',
      'hanging.springSlams',
      { mass: { grams: mass }, limit: { grams: springMass.value } },
      springMass.source,
      ['hanging.device'],
    );
  else settling.find('note', 'hanging.springUnchecked', {}, 'trade practice', ['hanging.device']);
  if (settling.fact('accessible') === true)
    settling.find('stop', 'hanging.springAccessible', {}, 'ADA 404.2.8.2: 1.5 s from 70°', [
      'hanging.device',
      'accessible',
    ]);
}
