import { hasActiveLeaf, slides } from '../model/index.js';
import type { SetStage } from '../model/index.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN, type Verdict } from './law.js';

const SENSE = everyRegion('what is ordered, counted');

/** What carries a leaf. */
const CARRIES: ReadonlySet<string> = new Set([
  'item.butt',
  'item.continuous',
  'item.teeHinge',
  'item.drillIn',
  'item.concealed',
  'item.adjustable-concealed',
  'item.springHinge',
  'item.spring-concealed',
  'item.rising',
  'item.offsetPivot',
  'item.centrePivot',
  'item.doubleActingSpring',
  'item.hangers',
  'item.foldPivots',
]);

/** What brings a leaf shut, each of another kind. */
const SHUTS: Readonly<Record<string, string>> = {
  'item.springHinge': 'spring',
  'item.spring-concealed': 'spring',
  'item.doubleActingSpring': 'spring',
  'item.power.operator': 'operator',
};
const shutsBy = (term: string): string | undefined =>
  SHUTS[term] ??
  (term.startsWith('item.closer.')
    ? ['item.closer.floor', 'item.closer.head', 'item.closer.concealed'].includes(term)
      ? term
      : 'surface'
    : undefined);

/** How many there are of what a test picks. */
function countOf({ items }: FinalState, picks: (term: string) => boolean): number {
  let count = 0;
  for (const { term, quantity } of items) if (term && picks(term)) count += quantity;
  return count;
}

/** Says of a stage that its set is written, left out or not whole; undefined where it is to be counted. */
function uncounted(state: FinalState, stage: SetStage): Verdict | undefined {
  if (state.writtenStages.has(stage) || state.omittedStages.has(stage)) return NO_CONCERN;
  const facts = state.openFor.get(stage);
  return facts ? lacking(...facts) : undefined;
}

/** Whatever is hung hangs on something. */
export const HUNG = defineLaw({
  id: 'hung',
  stage: 'hanging',
  source: SENSE,
  hold(state) {
    const carried = countOf(state, (term) => CARRIES.has(term));
    if (carried >= state.leaves) return KEPT;
    return (
      uncounted(state, 'hanging') ??
      broken('law.unhung', 'check', ['hanging.device'], { carried, leaves: state.leaves })
    );
  },
});

/** Whatever closes by itself is shut by something, every leaf of it, and by one thing only. */
export const SHUT = defineLaw({
  id: 'shut',
  stage: 'closing',
  source: SENSE,
  hold(state) {
    if (state.closes !== true) return NO_CONCERN;
    const kinds = new Set<string>();
    let count = 0;
    for (const { term, quantity } of state.items) {
      const by = term && shutsBy(term);
      if (!by) continue;
      kinds.add(by);
      count += quantity;
    }
    if (kinds.size > 1)
      return broken('law.shutTwice', 'check', ['closing.device', 'hanging.device']);
    if (count > 0) return KEPT;
    return (
      uncounted(state, 'closing') ??
      (slides(state.facts.kind) || countOf(state, (term) => term === 'item.rising') > 0
        ? NO_CONCERN
        : broken('law.unshut', 'check', ['closing.device']))
    );
  },
});

/** What takes power has a supply. */
export const FED = defineLaw({
  id: 'fed',
  stage: 'powering',
  source: SENSE,
  hold(state) {
    const lock = state.lock !== undefined && state.lock.power !== 'none' && !state.lock.battery;
    const magnet = state.holding?.release !== undefined && state.holding.release.magnet !== 'none';
    if (!lock && !magnet) return NO_CONCERN;
    if (countOf(state, (term) => term === 'item.power.supply') > 0) return KEPT;
    return (
      uncounted(state, 'powering') ??
      broken('law.unfed', 'check', ['powering.supply', 'supplyVolts'])
    );
  },
});

/** What stands only where there are two leaves. */
const OF_PAIRS: ReadonlySet<string> = new Set([
  'item.coordinator',
  'item.selector',
  'item.meetingSeal',
  'item.astragal',
  'item.mullion',
  'item.dummyTrim',
  'item.stripMeeting',
  'item.bolts.automatic',
  'item.bolts.constant',
]);

/** Nothing is ordered for a leaf that is not there, nor without a leaf that it goes with. */
export const NOTHING_OVER = defineLaw({
  id: 'nothingOver',
  stage: 'opening',
  source: SENSE,
  hold(state) {
    const over = state.items.find(
      ({ term, quantity }) =>
        quantity < 1 || (state.leaves === 1 && term !== undefined && OF_PAIRS.has(term)),
    );
    return over
      ? broken('law.over', 'check', ['kind'], {
          item: { term: over.term ?? `=${over.written ?? ''}` },
        })
      : KEPT;
  },
});

const OVERLAPS: ReadonlySet<unknown> = new Set(['astragal', 'rebated']);

/** Leaves that overlap, or whose bolts are let go by the other, come shut in the order that lets both close. */
export const ORDER = defineLaw({
  id: 'order',
  stage: 'closing',
  source: {
    us: 'NFPA 80, 6.4.1; ANSI/BHMA A156.3',
    british: 'BS EN 1158; BS 8214',
    continental: 'EN 1158',
    australasian: 'AS 1905.1; trade practice',
  },
  saidBy: ['securing.noCoordinator', 'securing.astragalExit'],
  hold(state) {
    const overlap = OVERLAPS.has(state.facts.meetingEdge) || state.second === 'byItself';
    if (!hasActiveLeaf(state.facts.kind) || !overlap) return NO_CONCERN;
    if (state.closes === undefined) return lacking('closer');
    // A second leaf that is bolted by hand stands shut.
    if (!state.closes || state.second === 'byHand') return NO_CONCERN;
    const ordered =
      state.coordinator ||
      countOf(state, (term) => term === 'item.coordinator' || term === 'item.selector') > 0;
    return ordered
      ? KEPT
      : (uncounted(state, 'closing') ?? broken('law.unordered', 'check', ['meetingEdge']));
  },
});
