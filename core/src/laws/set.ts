import { hasActiveLeaf, slides } from '../model/index.js';
import type { SetStage } from '../model/index.js';
import { LEAVES_IN_ORDER } from '../practice/index.js';
import { countedOf } from './counted.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN, type Verdict } from './law.js';

const SENSE = everyRegion('what is ordered, counted');

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
    const { carries: carried } = countedOf(state.items);
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
    const { shut, shutKinds, rising, carries: carried } = countedOf(state.items);
    if (shutKinds > 1)
      return broken('law.shutTwice', 'check', ['closing.device', 'hanging.device']);
    if (shut > 0) return KEPT;
    return (
      uncounted(state, 'closing') ??
      // Springs are hinges: while those are not counted, nor is what shuts it.
      (carried === 0 ? uncounted(state, 'hanging') : undefined) ??
      (slides(state.facts.kind) || rising > 0
        ? NO_CONCERN
        : broken('law.unshut', 'check', ['closing.device']))
    );
  },
});

/** What latches or bolts has something in the frame that it goes into. */
export const STRUCK = defineLaw({
  id: 'struck',
  stage: 'securing',
  source: SENSE,
  hold(state) {
    if (!state.holding?.locks.some(({ latch, bolt }) => latch !== 'none' || bolt))
      return NO_CONCERN;
    const other = uncounted(state, 'securing');
    if (other) return other.is === 'not checked' ? NO_CONCERN : other;
    return state.strike === false ? broken('law.unstruck', 'check', ['securing.strike']) : KEPT;
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
    if (countedOf(state.items).supply > 0) return KEPT;
    return (
      uncounted(state, 'powering') ??
      broken('law.unfed', 'check', ['powering.supply', 'supplyVolts'])
    );
  },
});

/** Nothing is ordered for a leaf that is not there, nor without a leaf that it goes with. */
export const NOTHING_OVER = defineLaw({
  id: 'nothingOver',
  stage: 'opening',
  source: SENSE,
  hold(state) {
    const { none, pair } = countedOf(state.items);
    const over = none ?? (state.leaves === 1 ? pair : undefined);
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
  source: LEAVES_IN_ORDER,
  saidBy: ['securing.noCoordinator', 'securing.astragalExit'],
  hold(state) {
    const overlap = OVERLAPS.has(state.facts.meetingEdge) || state.second === 'byItself';
    if (!hasActiveLeaf(state.facts.kind) || !overlap) return NO_CONCERN;
    if (state.closes === undefined) return lacking('closer');
    // A second leaf that is bolted by hand stands shut.
    if (!state.closes || state.second === 'byHand') return NO_CONCERN;
    const ordered = state.coordinator || countedOf(state.items).orders > 0;
    return ordered
      ? KEPT
      : (uncounted(state, 'closing') ?? broken('law.unordered', 'check', ['meetingEdge']));
  },
});
