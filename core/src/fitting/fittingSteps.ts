import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import {
  hasActiveLeaf,
  meetsInMiddle,
  message,
  valueOrUndefined,
  type Item,
} from '../model/index.js';
import { isExit } from '../securing/index.js';
import { hangLeaf } from './hangLeaf.js';
import type { Work } from './work.js';
import { Steps, type WorkStep } from './workStep.js';

/** Whether an item's term begins with one of these. */
const startsWith =
  (...prefixes: string[]) =>
  ({ term }: Item) =>
    term !== undefined && prefixes.some((prefix) => term.startsWith(prefix));

const isMetal = (made: string | undefined) => /^(steel|aluminium)/.test(made ?? '');

function workAt(decided: DecidedOpening): Work & { left: Set<Item> } {
  const facts = wholeFacts(decided);
  const care = new Map(decided.cautions.map((one) => [one.code, one]));
  const left = new Set(decided.items);
  const construction = valueOrUndefined(facts.leafConstruction);
  return {
    steps: new Steps(decided),
    decided,
    facts,
    rated: (valueOrUndefined(facts.rating) ?? 0) > 0,
    timber: construction?.startsWith('timber') === true,
    made: {
      leaf: isMetal(construction),
      frame: isMetal(valueOrUndefined(facts.frameMaterial)),
    },
    left,
    take: (stage, fits = () => true) => {
      const taken = [...left].filter((item) => item.stage === stage && fits(item));
      for (const item of taken) left.delete(item);
      return taken;
    },
    cares: (...codes) => codes.flatMap((code) => (care.has(code) ? [care.get(code)!] : [])),
  };
}

/**
 * Lists the work at an opening in the order it is done, each step with its own numbers, tools, the hardware that is
 * fitted in it and the cautions it calls for: first what is cut into the leaf while it lies on trestles, its edges
 * sealed after the last cut, then hanging with one screw a hinge, then what is marked from the hung leaf. Every line
 * of the set stands in exactly one step. Sheet, Site and command line print this one order. Source: trade practice;
 * NFPA 80 and the listing for rated leaves.
 */
export function fittingSteps(decided: DecidedOpening): WorkStep[] {
  const work = workAt(decided);
  const { steps, facts, rated, cares } = work;
  const { results } = decided;
  steps.add('before', 'check', message(rated ? 'fit.checkRated' : 'fit.check'), {
    figures: [
      'sizing.frameWidth',
      'sizing.frameHeight',
      'sizing.leafWidth',
      'sizing.leafHeight',
      'sizing.leafThickness',
    ],
    tools: ['tape', 'level', 'square'],
    cares: cares('care.aid', 'care.outOfUse', 'care.asbestos'),
  });
  if (results.sizing.fitting)
    steps.add('leaf', 'cut', message(rated ? 'fit.cutRated' : 'fit.cut'), {
      figures: ['sizing.order', 'sizing.orderSecond', 'hanging.lockEdge'],
      tools: ['saw', 'plane', 'clamps', 'guards'],
      cares: cares('care.cutting', 'care.rated', 'care.oldPaint'),
    });
  // A box in the floor carries the leaf: it is set before anything is hung on it.
  const closer = closerOf(work);
  if (closer.when === 'floor') closer.fit();
  const hanging = work.take('hanging');
  const pair = meetsInMiddle(facts.kind);
  const leaves = pair ? (['inactive', 'active'] as const) : ([undefined] as const);
  steps.named = hasActiveLeaf(facts.kind)
    ? { inactive: 'leaf.inactive', active: 'leaf.active' }
    : { inactive: 'leaf.one', active: 'leaf.other' };
  const phases = leaves.map((leaf, at) =>
    hangLeaf(work, leaf, at === leaves.length - 1 ? hanging : []),
  );
  for (const { recess } of phases) recess();
  const lock = lockOf(work);
  if (!work.made.leaf) lock.cut();
  letInBefore(work);
  if (closer.when === 'leaf') closer.fit();
  if (work.timber) steps.add('leaf', 'edges', message('fit.edges'), { tools: ['brush'] });
  for (const { hang } of phases) hang();
  if (work.made.leaf) lock.cut();
  lock.rest();
  if (closer.when === 'hung') closer.fit();
  finish(work);
  const rest = [...work.left];
  // What was written by hand into a stage that fits nothing else.
  if (rest.length > 0)
    steps.add('finish', 'others', message('fit.others'), { tools: ['driver'], items: rest });
  if (work.timber)
    steps.add('finish', 'trial', message('fit.trial'), { tools: ['driver', 'brush'] });
  steps.add('finish', 'finish', message(rated ? 'fit.finishRated' : 'fit.finish'), {
    cares: cares('care.rated'),
  });
  steps.add('finish', 'clear', message('fit.clear'));
  return steps.list;
}

/** The closer: set into the floor, let into the leaf, or fixed once the leaf hangs. */
function closerOf({ steps, decided, take, cares }: Work): {
  when: 'none' | 'floor' | 'leaf' | 'hung';
  fit: () => void;
} {
  const { device } = decided.results.closing;
  const items = take('closing', startsWith('item.closer'));
  const when =
    items.length === 0
      ? 'none'
      : device === 'floor'
        ? 'floor'
        : device === 'concealed' || device === 'head'
          ? 'leaf'
          : 'hung';
  const say = {
    floor: 'fit.closerFloor',
    leaf: 'fit.closerConcealed',
    hung: 'fit.closer',
  } as const;
  return {
    when,
    fit: () => {
      if (when === 'none') return;
      const under = { floor: 'hang', leaf: 'leaf', hung: 'close' } as const;
      steps.add(when === 'floor' ? 'hang' : 'close', 'closer', message(say[when]), {
        figures: ['closing.device', 'closing.size', 'closing.template', 'closing.armAngle'],
        tools: ['template', 'bit', 'driver'],
        items,
        cares: cares('care.closer'),
        under: under[when],
      });
    },
  };
}

/** What of seals and wires is let into the leaf, before it hangs. */
function letInBefore({ steps, decided, take, cares }: Work): void {
  const drop = take('sealing', startsWith('item.bottom.drop-full', 'item.bottom.drop-half'));
  if (drop.length > 0)
    steps.add('seal', 'drop', message('fit.dropIn'), {
      figures: ['sizing.undercut'],
      tools: ['router', 'snips', 'driver'],
      items: drop,
      under: 'leaf',
    });
  const transfer = take(
    'powering',
    startsWith('item.power.transfer', 'item.power.hinge', 'item.power.loop'),
  );
  const { loads } = decided.results.powering;
  if (transfer.length > 0 || loads.length > 0)
    steps.add('power', 'wires', message('fit.power'), {
      figures: ['hanging.wireHinge'],
      tools: ['bit', 'meter'],
      items: transfer,
      cares: cares('care.power', 'care.egress'),
      under: 'leaf',
    });
}

/** The lock: what is cut into the leaf for it, and what follows once the leaf hangs. */
function lockOf(work: Work): { cut: () => void; rest: () => void } {
  const { steps, decided, facts, made, take, cares } = work;
  const bolts = take('securing', startsWith('item.bolts', 'item.coordinator'));
  const strike = take('securing', startsWith('item.strike'));
  const cylinder = take('securing', startsWith('item.cylinder', 'item.key'));
  const lock = take('securing');
  const { fit, spec, strike: struck } = decided.results.securing;
  const handled = !spec || spec.insideHandle !== 'none' || spec.outsideHandle !== 'none';
  const existing = facts.work === 'replacement';
  const say = made.leaf
    ? existing
      ? 'fit.lockSteel'
      : 'fit.lockMade'
    : fit && isExit(fit.kind)
      ? 'fit.device'
      : fit?.bore
        ? 'fit.lockBored'
        : fit?.pocket
          ? handled
            ? 'fit.lock'
            : 'fit.lockDead'
          : 'fit.lockFace';
  const cut = () => {
    if (lock.length === 0) return;
    const metal = made.leaf && existing ? ['holeSaw', 'bit', 'oil', 'guards'] : ['driver'];
    steps.add('lock', 'lock', message(say), {
      figures: ['securing.height', 'securing.backset', 'securing.centre', 'securing.secondHeight'],
      tools: made.leaf
        ? metal
        : fit?.bore
          ? ['holeSaw', 'bit', 'chisel', 'guards']
          : ['lockBits', 'chisel', 'guards'],
      items: lock,
      cares: [
        ...cares('care.cutting', 'care.rated'),
        ...(made.leaf && !existing ? [] : [message('fit.holeOff')]),
      ],
      under: made.leaf ? 'lock' : 'leaf',
    });
  };
  const rest = () => {
    if (strike.length > 0 || (lock.length > 0 && struck))
      steps.add('lock', 'strike', message(made.frame ? 'fit.strikeMade' : 'fit.strike'), {
        figures: ['securing.strike', 'securing.engagement'],
        tools: made.frame ? ['driver'] : ['pencil', 'chisel', 'bit'],
        items: strike,
      });
    if (bolts.length > 0)
      steps.add('lock', 'bolts', message('fit.bolts'), {
        figures: ['securing.bolts'],
        tools: ['chisel', 'bit'],
        items: bolts,
      });
    if (cylinder.length > 0)
      steps.add('lock', 'cylinder', message('fit.cylinder'), {
        figures: ['securing.cylinder'],
        tools: ['driver'],
        items: cylinder,
        cares: cares('care.egress'),
      });
    if (
      valueOrUndefined(facts.frameMaterial) === 'timber' &&
      valueOrUndefined(facts.frameKind) !== 'rebated'
    )
      steps.add('lock', 'stops', message('fit.stops'), { tools: ['hammer', 'feeler'] });
  };
  return { cut, rest };
}

/** What is fixed to leaf and frame once both are in order. */
function finish({ steps, rated, take, cares }: Work): void {
  const others = take('closing');
  if (others.length > 0)
    steps.add('close', 'stops', message('fit.closingOthers'), {
      figures: ['closing.stop', 'closing.holdOpen'],
      tools: ['bit', 'driver'],
      items: others,
    });
  const protecting = take('protecting');
  if (protecting.length > 0)
    steps.add('protect', 'plates', message(rated ? 'fit.platesRated' : 'fit.plates'), {
      tools: ['bit', 'driver'],
      items: protecting,
      cares: cares('care.rated'),
    });
  const sealing = take('sealing');
  const drops = sealing.some(startsWith('item.bottom.drop'));
  if (sealing.length > 0)
    steps.add('seal', 'seals', message(drops ? 'fit.sealsDrop' : 'fit.seals'), {
      figures: ['sizing.undercut'],
      tools: ['snips', 'driver'],
      items: sealing,
    });
  const powering = take('powering');
  if (powering.length > 0)
    steps.add('power', 'connect', message('fit.connect'), {
      tools: ['meter', 'driver'],
      items: powering,
      cares: cares('care.power', 'care.egress'),
    });
}
