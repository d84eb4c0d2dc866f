import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import {
  valueOrUndefined,
  message,
  slides,
  type Item,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import { Steps, type WorkStep } from './workStep.js';

const startsWith =
  (...prefixes: string[]) =>
  ({ term }: Item) =>
    term !== undefined && prefixes.some((prefix) => term.startsWith(prefix));

/** Steel and aluminium come prepared from the works. */
const isMetal = (made: string | undefined) => /^(steel|aluminium)/.test(made ?? '');

/**
 * The work at an opening in the order it is done, each step with its own numbers, tools, the hardware that is fitted
 * in it and the cautions it calls for. Every line of the set stands in exactly one step. Source: trade practice, as
 * in the order of work of a preparation sheet; NFPA 80 and the listing for rated leaves.
 */
export function fittingSteps(decided: DecidedOpening): WorkStep[] {
  const { results } = decided;
  const facts = wholeFacts(decided);
  const steps = new Steps(decided);
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const timber = valueOrUndefined(facts.leafConstruction)?.startsWith('timber') === true;
  const care = new Map(decided.cautions.map((one) => [one.code, one]));
  const cares = (...codes: string[]): Message[] =>
    codes.flatMap((code) => (care.has(code) ? [care.get(code)!] : []));
  const left = new Set(decided.items);
  /** Takes the lines of a stage that fit; each is fitted once. */
  const take = (stage: Item['stage'], fits: (item: Item) => boolean = () => true): Item[] => {
    const taken = [...left].filter((item) => item.stage === stage && fits(item));
    for (const item of taken) left.delete(item);
    return taken;
  };

  steps.add('before', 'check', message('fit.check'), {
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
  if (timber) steps.add('leaf', 'edges', message('fit.edges'), { tools: ['brush'] });

  const closing = take('closing');
  const closer = closing.filter(startsWith('item.closer'));
  const others = closing.filter((item) => !closer.includes(item));
  // A box in the floor carries the leaf: it is set before anything is hung on it.
  const below = results.closing.device === 'floor';
  const fitCloser = () =>
    closer.length > 0 &&
    steps.add(
      below ? 'hang' : 'close',
      'closer',
      message(
        results.closing.device === 'floor'
          ? 'fit.closerFloor'
          : results.closing.device === 'concealed' || results.closing.device === 'head'
            ? 'fit.closerConcealed'
            : 'fit.closer',
      ),
      {
        figures: ['closing.device', 'closing.size', 'closing.template', 'closing.armAngle'],
        tools: ['template', 'bit', 'driver'],
        items: closer,
        cares: cares('care.closer'),
      },
    );
  if (below) fitCloser();
  hang(steps, { facts, results }, take('hanging'), cares);

  const securing = {
    bolts: take('securing', startsWith('item.bolts', 'item.coordinator')),
    strike: take('securing', startsWith('item.strike')),
    cylinder: take('securing', startsWith('item.cylinder', 'item.key')),
    rest: take('securing'),
  };
  const { fit } = results.securing;
  const made = {
    leaf: isMetal(valueOrUndefined(facts.leafConstruction)),
    frame: isMetal(valueOrUndefined(facts.frameMaterial)),
  };
  if (securing.rest.length > 0)
    steps.add(
      'lock',
      'lock',
      message(made.leaf ? 'fit.lockMade' : fit?.bore ? 'fit.lockBored' : 'fit.lock'),
      {
        figures: [
          'securing.height',
          'securing.backset',
          'securing.centre',
          'securing.secondHeight',
        ],
        tools: made.leaf
          ? ['driver']
          : fit?.bore
            ? ['holeSaw', 'bit', 'chisel', 'guards']
            : ['lockBits', 'chisel', 'guards'],
        items: securing.rest,
        cares: cares('care.cutting', 'care.rated'),
      },
    );
  if (securing.strike.length > 0 || (securing.rest.length > 0 && results.securing.strike))
    steps.add('lock', 'strike', message(made.frame ? 'fit.strikeMade' : 'fit.strike'), {
      figures: ['securing.strike', 'securing.engagement'],
      tools: made.frame ? ['driver'] : ['pencil', 'chisel', 'bit'],
      items: securing.strike,
    });
  if (securing.bolts.length > 0)
    steps.add('lock', 'bolts', message('fit.bolts'), {
      figures: ['securing.bolts'],
      tools: ['chisel', 'bit'],
      items: securing.bolts,
    });
  if (securing.cylinder.length > 0)
    steps.add('lock', 'cylinder', message('fit.cylinder'), {
      figures: ['securing.cylinder'],
      tools: ['driver'],
      items: securing.cylinder,
      cares: cares('care.egress'),
    });
  if (
    valueOrUndefined(facts.frameMaterial) === 'timber' &&
    valueOrUndefined(facts.frameKind) !== 'rebated'
  )
    steps.add('lock', 'stops', message('fit.stops'), {
      tools: ['hammer', 'feeler'],
    });

  if (!below) fitCloser();
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
  if (sealing.length > 0)
    steps.add('seal', 'seals', message('fit.seals'), {
      figures: ['sizing.undercut'],
      tools: ['snips', 'driver'],
      items: sealing,
    });
  const powering = take('powering');
  if (powering.length > 0 || results.powering.loads.length > 0)
    steps.add('power', 'wires', message('fit.power'), {
      figures: ['hanging.wireHinge'],
      tools: ['meter'],
      items: powering,
      cares: cares('care.power', 'care.egress'),
    });
  // What was written by hand into a stage that fits nothing else.
  const rest = [...left];
  if (rest.length > 0)
    steps.add('finish', 'others', message('fit.others'), { tools: ['driver'], items: rest });
  steps.add('finish', 'finish', message(rated ? 'fit.finishRated' : 'fit.finish'), {
    cares: cares('care.rated'),
  });
  steps.add('finish', 'clear', message('fit.clear'));
  return steps.list;
}

function hang(
  steps: Steps,
  { facts, results }: { facts: OpeningFacts; results: DecidedOpening['results'] },
  items: Item[],
  cares: (...codes: string[]) => Message[],
): void {
  const { device, leaves, metal } = results.hanging;
  const mass = Math.max(0, ...leaves.map((leaf) => leaf.mass ?? 0));
  const massFigure =
    mass > 0 ? [{ name: 'name.hanging.mass', value: { type: 'mass', grams: mass } as const }] : [];
  if (slides(facts.kind)) {
    steps.add('hang', 'track', message('fit.track'), {
      more: massFigure,
      tools: ['level', 'bit', 'driver'],
      items,
      cares: cares('care.heavy', 'care.massUnknown'),
    });
    return;
  }
  const pivots = device.includes('pivot');
  const glass = valueOrUndefined(facts.leafConstruction) === 'glass';
  const soft = metal.includes('brass') || metal.includes('stainless');
  const madeLeaf = isMetal(valueOrUndefined(facts.leafConstruction));
  const madeFrame = isMetal(valueOrUndefined(facts.frameMaterial));
  const machine = madeLeaf && madeFrame;
  const recesses = !pivots && !glass && device !== 'tee-hinge';
  if (recesses)
    steps.add(
      'hang',
      'recess',
      message(
        device === 'continuous'
          ? 'fit.continuous'
          : madeFrame
            ? madeLeaf
              ? 'fit.hingesMade'
              : 'fit.recessLeaf'
            : 'fit.recess',
      ),
      {
        figures: [
          'hanging.positions',
          'hanging.recess',
          'hanging.recessLeaf',
          'hanging.recessFrame',
          'hanging.setBack',
          'hanging.corner',
        ],
        tools: madeLeaf && madeFrame ? ['driver'] : ['template', 'router', 'chisel', 'guards'],
        cares: cares('care.cutting', 'care.rated'),
      },
    );
  if (pivots)
    steps.add('hang', 'pivots', message('fit.pivots'), {
      figures: ['hanging.heel', 'hanging.foot', 'hanging.headPivot'],
      tools: ['plumb', 'bit', 'level'],
    });
  steps.add(
    'hang',
    'screws',
    message(machine ? 'fit.screwsMachine' : soft ? 'fit.screwsSoft' : 'fit.screws'),
    {
      figures: ['hanging.screws', 'hanging.longScrew'],
      tools: ['bit', 'driver'],
      items,
    },
  );
  steps.add(
    'hang',
    'hang',
    message(glass ? 'fit.hangGlass' : pivots ? 'fit.hangPivots' : 'fit.hang'),
    {
      more: massFigure,
      tools: ['wedges', 'lifter', 'driver'],
      cares: cares('care.heavy', 'care.massUnknown', 'care.glass', 'care.pivot'),
    },
  );
  steps.add('hang', 'gaps', message('fit.gaps'), {
    figures: [
      'sizing.hingeGap',
      'sizing.lockGap',
      'sizing.meetingGap',
      'sizing.headGap',
      'sizing.undercut',
    ],
    tools: ['feeler', 'shims'],
  });
}
