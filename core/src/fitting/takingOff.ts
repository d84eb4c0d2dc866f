import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import { known, said, slides, type HangingDevice, type Said } from '../opening/index.js';
import { Steps, type WorkStep } from './workStep.js';

/** Taking a leaf off and putting it back: what it weighs, who is needed, and both ways in their order. */
export interface TakingOff {
  /** Of the heaviest leaf, grams; undefined while it is not known. */
  mass: number | undefined;
  people: number;
  /** Whether it is more than people lift by hand. */
  lifter: boolean;
  off: WorkStep[];
  on: WorkStep[];
}

/** From so many times what one person lifts a lifter is needed: four hands and no more fit to a leaf. */
const LIFTER_FROM = 4;

const UNHANG: Partial<Record<HangingDevice, [off: Said, on: Said]>> = {
  continuous: [said('off.continuous'), said('on.continuous')],
  concealed: [said('off.concealed'), said('on.concealed')],
  'adjustable-concealed': [said('off.concealed'), said('on.concealed')],
  'spring-concealed': [said('off.concealed'), said('on.concealed')],
  'spring-hinge': [said('off.spring'), said('on.spring')],
  rising: [said('off.rising'), said('on.rising')],
  'drill-in': [said('off.drillIn'), said('on.drillIn')],
  'tee-hinge': [said('off.tee'), said('on.tee')],
  'offset-pivot': [said('off.pivot'), said('on.pivot')],
  'centre-pivot': [said('off.pivot'), said('on.pivot')],
  'double-acting-spring': [said('off.spring'), said('on.spring')],
};

/** The steps of taking the leaf off and of putting it back, by how it hangs. Nothing for leaves that slide. */
export function takingOff(decided: DecidedOpening): TakingOff | undefined {
  const { results, practice } = decided;
  const facts = wholeFacts(decided);
  if (slides(facts.kind)) return undefined;
  const { device, leaves, pin } = results.hanging;
  const masses = leaves.map((leaf) => leaf.mass).filter((one) => one !== undefined);
  const mass = masses.length === leaves.length ? Math.max(...masses) : undefined;
  const alone = practice.values.liftAlone.value;
  const people =
    mass === undefined ? 2 : Math.max(mass > alone ? 2 : 1, Math.min(4, Math.ceil(mass / alone)));
  const lifter = mass !== undefined && mass > alone * LIFTER_FROM;
  const care = new Map(decided.cautions.map((one) => [one.code, one]));
  const cares = (...codes: string[]): Said[] =>
    codes.flatMap((code) => (care.has(code) ? [care.get(code)!] : []));
  const steps = new Steps(decided);
  const { closing, powering, sealing } = results;
  const glass = known(facts.leafConstruction) === 'glass';
  const arm =
    closing.device !== undefined &&
    !['none', 'spring', 'operator', 'floor'].includes(closing.device);

  steps.add('off', 'watch', said('off.watch'), { cares: [said('care.outOfUse')] });
  if (powering.loads.length > 0 || known(facts.operator) === true)
    steps.add('off', 'wires', said('off.wires'), { tools: ['meter'], cares: cares('care.power') });
  if (arm)
    steps.add('off', 'arm', said('off.arm'), { tools: ['driver'], cares: cares('care.closer') });
  if (closing.selector || results.securing.coordinator)
    steps.add('off', 'selector', said('off.selector'));
  if (sealing.bottom === 'threshold') steps.add('off', 'threshold', said('off.threshold'));
  steps.add('off', 'prop', said(lifter ? 'off.propLifter' : 'off.prop', { people }), {
    ...(mass === undefined
      ? {}
      : { more: [{ name: 'name.hanging.mass', value: { type: 'mass', grams: mass } }] }),
    tools: ['wedges', 'lifter'],
    cares: cares('care.heavy', 'care.massUnknown', 'care.glass'),
  });
  const fixedPins = pin !== 'removable';
  const [off, on]: [Said, Said] = glass
    ? [said('off.glass'), said('on.glass')]
    : (UNHANG[device] ??
      (fixedPins
        ? [said('off.buttsFixed'), said('on.buttsFixed')]
        : [said('off.butts'), said('on.butts')]));
  const handling = device.includes('pivot') ? cares('care.pivot') : [];
  steps.add('off', 'hinges', off, { tools: ['driver', 'hammer'], cares: handling });
  steps.add('off', 'set', said(glass ? 'off.setGlass' : 'off.set'));

  steps.add('on', 'look', said('on.look'));
  steps.add('on', 'lift', said(lifter ? 'on.liftLifter' : 'on.lift', { people }), {
    tools: ['wedges', 'lifter'],
    cares: cares('care.heavy', 'care.massUnknown', 'care.glass'),
  });
  steps.add('on', 'hinges', on, { tools: ['driver', 'hammer'] });
  if (arm)
    steps.add('on', 'arm', said('on.arm'), { tools: ['driver'], cares: cares('care.closer') });
  if (powering.loads.length > 0 || known(facts.operator) === true)
    steps.add('on', 'wires', said('on.wires'), { tools: ['meter'], cares: cares('care.power') });
  steps.add('on', 'prove', said('on.prove'));
  const list = steps.list;
  return {
    mass,
    people,
    lifter,
    off: list.filter(({ part }) => part === 'off'),
    on: list.filter(({ part }) => part === 'on'),
  };
}
