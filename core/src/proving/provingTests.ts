import { forceTests } from './forceTests.js';
import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, message, slides, type LeafId, type Message } from '../model/index.js';
import { acceptanceTest } from '../securing/index.js';
import type { Measured } from './measured.js';

/** What a test is about, in the order one goes through them. */
export const PROVING_PARTS = [
  'whole',
  'gaps',
  'closing',
  'force',
  'lock',
  'keys',
  'pair',
  'power',
  'seal',
  'escape',
] as const;
export type ProvingPart = (typeof PROVING_PARTS)[number];

/** One thing tried at an opening. */
export interface ProvingTest {
  /** The same on every device: what was found is kept by it. */
  id: string;
  part: ProvingPart;
  say: Message;
  measured?: Measured;
  /** Degrees that the leaf is let go from, where a recorder can tell the times. */
  from?: number;
  leaf?: LeafId;
  cares: Message[];
}

type Add = (
  part: ProvingPart,
  id: string,
  say: Message,
  more?: Partial<Pick<ProvingTest, 'measured' | 'from' | 'leaf' | 'cares'>>,
) => void;

/**
 * What is tried before an opening is handed over, for just this opening: its closing from every angle, its forces,
 * every step of its lock, its keys, its power, the order of its leaves, its seals, its way out. Sources stand with
 * each bound. What is found is a record; whether it is enough the authority says.
 */
export function acceptanceTests(opening: DecidedOpening): ProvingTest[] {
  const decided = { ...opening, facts: wholeFacts(opening) };
  const { list, add } = collector();
  whole(decided, add);
  add('gaps', 'gaps', message('prove.gaps'));
  closing(decided, add);
  forces(decided, add);
  lock(decided, add);
  pair(decided, add);
  power(decided, add);
  seals(decided, add);
  wayOut(decided, add);
  return list;
}

/**
 * The yearly look at a rated swinging leaf (NFPA 80 5.2: thirteen things in later editions), those that this opening
 * has; of a leaf that is not rated what wears and what people depend on.
 */
export function inspectionTests(opening: DecidedOpening): ProvingTest[] {
  const decided = { ...opening, facts: wholeFacts(opening) };
  const { facts, results } = decided;
  const { list, add } = collector();
  const rated = isRated(decided);
  const glass = hasGlass(decided);
  if (rated) add('whole', 'labels', message('inspect.labels'));
  add('whole', 'holes', message('inspect.holes'));
  if (glass) add('whole', 'glass', message('inspect.glass'));
  add('whole', 'secure', message('inspect.secure'));
  add('whole', 'missing', message('inspect.missing', { count: decided.items.length }));
  add('gaps', 'gaps', message('inspect.gaps'));
  if (results.closing.closes === true)
    add('closing', 'self', message('inspect.closes'), { from: 90 });
  if (results.closing.selector || results.securing.coordinator)
    add('pair', 'order', message('inspect.order'));
  if (latches(decided)) add('lock', 'latch', message('inspect.latch'));
  add('whole', 'auxiliary', message('inspect.auxiliary'));
  if (rated) add('whole', 'changes', message('inspect.changes'));
  if (results.sealing.perimeter !== 'none' || results.sealing.bottom !== 'none')
    add('seal', 'gaskets', message('inspect.gaskets'));
  if (rated) add('whole', 'signs', message('inspect.signs'));
  if (results.closing.holdOpen === 'magnet') add('power', 'holdOpen', message('prove.holdOpen'));
  wayOut(decided, add);
  if (valueOrUndefined(facts.operator) === true)
    add('power', 'operator', message('prove.operator'));
  return list;
}

function collector(): { list: ProvingTest[]; add: Add } {
  const list: ProvingTest[] = [];
  const add: Add = (part, id, say, more = {}) =>
    list.push({ id: `${part}.${id}`, part, say, cares: [], ...more });
  return { list, add };
}

const isRated = ({ facts }: DecidedOpening) => (valueOrUndefined(facts.rating) ?? 0) > 0;
const hasGlass = ({ facts, solids }: DecidedOpening) =>
  valueOrUndefined(facts.leafConstruction) === 'glass' ||
  solids.some(({ thing }) => thing === 'solid.glass');
const latches = ({ results }: DecidedOpening) =>
  results.securing.spec !== undefined && results.securing.spec.latch !== 'none';

function whole(decided: DecidedOpening, add: Add): void {
  add('whole', 'missing', message('prove.missing', { count: decided.items.length }));
  if (isRated(decided)) {
    add('whole', 'labels', message('prove.labels'));
    add('whole', 'changes', message('prove.changes'));
  }
  if (hasGlass(decided)) add('whole', 'glass', message('prove.glass'));
  if (decided.items.some(({ stage }) => stage === 'protecting'))
    add('whole', 'plates', message('prove.plates'));
}

function closing(decided: DecidedOpening, add: Add): void {
  const { results, practice } = decided;
  if (results.closing.closes !== true || slides(decided.facts.kind)) return;
  const { closingFrom, closingTimesEach, closingTimes } = practice.values;
  const times = closingTimes.value;
  const from = latches(decided) ? 'prove.closes' : 'prove.closesShut';
  for (const degrees of closingFrom.value)
    for (let time = 1; time <= closingTimesEach.value; time++)
      add(
        'closing',
        `from-${degrees}-${time}`,
        message(from, { degrees: { degrees }, time, of: closingTimesEach.value }),
        { from: degrees },
      );
  // Springs in the hinges have no valves, and an operator its own times.
  const valved =
    results.closing.device !== undefined &&
    !['none', 'spring', 'operator'].includes(results.closing.device);
  if (!valved) return;
  add('closing', 'sweep', message('prove.sweep'), {
    from: 90,
    measured: {
      unit: 'seconds',
      least: times.sweepFrom,
      most: times.sweepTo,
      source: closingTimes.source,
    },
  });
  add('closing', 'latchZone', message('prove.latchZone'), {
    from: 90,
    measured: {
      unit: 'seconds',
      least: times.latchFrom,
      most: times.latchTo,
      source: closingTimes.source,
    },
  });
  if (results.closing.backCheck) add('closing', 'backCheck', message('prove.backCheck'));
}

function forces(decided: DecidedOpening, add: Add): void {
  if (slides(decided.facts.kind)) return;
  for (const { id, say, measured } of forceTests(decided)) add('force', id, say, { measured });
}

function lock(decided: DecidedOpening, add: Add): void {
  const { results, practice } = decided;
  const { spec } = results.securing;
  if (!spec) return;
  if (latches(decided))
    add('lock', 'engagement', message('prove.engagement'), {
      measured: {
        unit: 'length',
        least: engagement(decided),
        source: practice.values.latchThrow.source,
      },
    });
  acceptanceTest(spec).forEach(({ action, opens, latch, refused }, at) =>
    add(
      'lock',
      `step-${at + 1}`,
      message(
        refused
          ? 'prove.lock.refused'
          : opens
            ? 'prove.lock.opens'
            : latch
              ? 'prove.lock.latch'
              : 'prove.lock.shut',
        { act: { term: `act.${action}` } },
      ),
    ),
  );
  if (spec.outsideKey.length > 0 || spec.insideKey.length > 0) {
    add('keys', 'own', message('prove.keys'));
    add('keys', 'other', message('prove.keysOther'));
  }
}

/** How far the latch is to reach in: as decided, else its least throw less the gap beside it. */
function engagement({ decisions, practice, results }: DecidedOpening): Ticks {
  const decided = decisions.find(({ key }) => key === 'securing.engagement')?.value;
  if (decided?.type === 'length') return decided.ticks;
  return Math.max(0, practice.values.latchThrow.value - (results.sizing.lockGap ?? 0));
}

function pair({ results }: DecidedOpening, add: Add): void {
  if (results.closing.selector || results.securing.coordinator)
    add('pair', 'order', message('prove.order'));
  const { bolts } = results.securing;
  if (bolts !== undefined && bolts !== 'none') add('pair', 'bolts', message('prove.bolts'));
}

function power(decided: DecidedOpening, add: Add): void {
  const { results, facts } = decided;
  const { powering, closing: closes } = results;
  const care = decided.cautions.filter(({ code }) => code === 'care.power');
  for (const { state, enter, leave, after } of powering.passing) {
    const who = {
      state: { term: `prove.state.${state}` },
      enter: { term: `prove.enter.${enter}` },
      leave: { term: `prove.leave.${leave}` },
    };
    const test =
      after > 0
        ? message('prove.passingAfter', { ...who, seconds: after })
        : message('prove.passing', who);
    add('power', state, test, { cares: care });
  }
  if (closes.holdOpen === 'magnet')
    add('power', 'holdOpen', message('prove.holdOpen'), { cares: care });
  if (valueOrUndefined(facts.operator) === true)
    add('power', 'operator', message('prove.operator'), { cares: care });
}

function seals({ results }: DecidedOpening, add: Add): void {
  const { perimeter, bottom, meeting } = results.sealing;
  if (perimeter !== 'none' && perimeter !== 'silencers')
    add('seal', 'perimeter', message('prove.light'));
  if (bottom.startsWith('drop')) add('seal', 'drop', message('prove.drop'));
  else if (bottom !== 'none') add('seal', 'bottom', message('prove.bottom'));
  if (meeting !== 'none') add('seal', 'meeting', message('prove.meeting'));
}

function wayOut({ results, facts }: DecidedOpening, add: Add): void {
  if (results.opening.escape === undefined && facts.secured !== true) return;
  add('escape', 'oneMotion', message('prove.oneMotion'));
  add('escape', 'clear', message('prove.clear'));
}
