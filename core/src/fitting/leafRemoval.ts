import { peopleToLift } from '../hanging/index.js';
import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import {
  valueOrUndefined,
  message,
  slides,
  type HangingDevice,
  type Message,
} from '../model/index.js';
import { Steps, type WorkStep } from './workStep.js';

/** Taking a leaf off and putting it back: what it weighs, who is needed, and both ways in their order. */
export interface LeafRemoval {
  /** Of the heaviest leaf, grams; undefined while it is not known. */
  mass: number | undefined;
  people: number;
  /** Whether it is more than people lift by hand. */
  lifter: boolean;
  off: WorkStep[];
  on: WorkStep[];
}

const UNHANG: Partial<Record<HangingDevice, [off: Message, on: Message]>> = {
  continuous: [message('off.continuous'), message('on.continuous')],
  concealed: [message('off.concealed'), message('on.concealed')],
  'adjustable-concealed': [message('off.concealed'), message('on.concealed')],
  'spring-concealed': [message('off.concealed'), message('on.concealed')],
  'spring-hinge': [message('off.spring'), message('on.spring')],
  rising: [message('off.rising'), message('on.rising')],
  'drill-in': [message('off.drillIn'), message('on.drillIn')],
  'tee-hinge': [message('off.tee'), message('on.tee')],
  'offset-pivot': [message('off.pivot'), message('on.pivot')],
  'centre-pivot': [message('off.pivot'), message('on.pivot')],
  'double-acting-spring': [message('off.spring'), message('on.spring')],
};

/** The steps of taking the leaf off and of putting it back, by how it hangs. Nothing for leaves that slide. */
export function leafRemoval(decided: DecidedOpening): LeafRemoval | undefined {
  const { results, practice } = decided;
  const facts = wholeFacts(decided);
  if (slides(facts.kind)) return undefined;
  const { device, leaves, pin } = results.hanging;
  const masses = leaves.map((leaf) => leaf.mass).filter((one) => one !== undefined);
  const mass = masses.length === leaves.length ? Math.max(...masses) : undefined;
  const { people, lifter } = peopleToLift(mass, practice);
  const care = new Map(decided.cautions.map((one) => [one.code, one]));
  const cares = (...codes: string[]): Message[] =>
    codes.flatMap((code) => (care.has(code) ? [care.get(code)!] : []));
  const steps = new Steps(decided);
  const { closing, powering, sealing } = results;
  const glass = valueOrUndefined(facts.leafConstruction) === 'glass';
  const arm =
    closing.device !== undefined &&
    !['none', 'spring', 'operator', 'floor'].includes(closing.device);

  steps.add('off', 'watch', message('off.watch'), { cares: [message('care.outOfUse')] });
  if (powering.loads.length > 0 || valueOrUndefined(facts.operator) === true)
    steps.add('off', 'wires', message('off.wires'), {
      tools: ['meter'],
      cares: cares('care.power'),
    });
  if (arm)
    steps.add('off', 'arm', message('off.arm'), { tools: ['driver'], cares: cares('care.closer') });
  if (closing.selector || results.securing.coordinator)
    steps.add('off', 'selector', message('off.selector'));
  if (sealing.bottom === 'threshold') steps.add('off', 'threshold', message('off.threshold'));
  steps.add('off', 'prop', message(lifter ? 'off.propLifter' : 'off.prop', { people }), {
    ...(mass === undefined
      ? {}
      : { more: [{ name: 'name.hanging.mass', value: { type: 'mass', grams: mass } }] }),
    tools: ['wedges', 'lifter'],
    cares: cares('care.heavy', 'care.massUnknown', 'care.glass'),
  });
  const fixedPins = pin !== 'removable';
  const [off, on]: [Message, Message] = glass
    ? [message('off.glass'), message('on.glass')]
    : (UNHANG[device] ??
      (fixedPins
        ? [message('off.buttsFixed'), message('on.buttsFixed')]
        : [message('off.butts'), message('on.butts')]));
  const handling = device.includes('pivot') ? cares('care.pivot') : [];
  steps.add('off', 'hinges', off, { tools: ['driver', 'hammer'], cares: handling });
  steps.add('off', 'set', message(glass ? 'off.setGlass' : 'off.set'));

  steps.add('on', 'look', message('on.look'));
  steps.add('on', 'lift', message(lifter ? 'on.liftLifter' : 'on.lift', { people }), {
    tools: ['wedges', 'lifter'],
    cares: cares('care.heavy', 'care.massUnknown', 'care.glass'),
  });
  steps.add('on', 'hinges', on, { tools: ['driver', 'hammer'] });
  if (arm)
    steps.add('on', 'arm', message('on.arm'), { tools: ['driver'], cares: cares('care.closer') });
  if (powering.loads.length > 0 || valueOrUndefined(facts.operator) === true)
    steps.add('on', 'wires', message('on.wires'), { tools: ['meter'], cares: cares('care.power') });
  steps.add('on', 'prove', message('on.prove'));
  const list = steps.list;
  return {
    mass,
    people,
    lifter,
    off: list.filter(({ part }) => part === 'off'),
    on: list.filter(({ part }) => part === 'on'),
  };
}
