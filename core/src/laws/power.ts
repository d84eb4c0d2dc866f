import { countedOf } from './counted.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN } from './law.js';

const CHAIN = everyRegion('source, switch, load');

/** Whether the lock itself takes power through the leaf. */
const takesWire = ({ lock }: FinalState): boolean =>
  lock !== undefined && lock.power !== 'none' && !lock.battery && lock.id !== 'electric-strike';

const isOthers = ({ writtenStages, omittedStages }: FinalState): boolean =>
  (['powering', 'securing', 'hanging'] as const).some(
    (stage) => writtenStages.has(stage) || omittedStages.has(stage),
  );

/** What is electric in the leaf has a way for its wire. */
export const WIRED = defineLaw({
  id: 'wired',
  stage: 'powering',
  source: CHAIN,
  saidBy: ['checking.noWire'],
  hold(state) {
    if (!takesWire(state) || isOthers(state)) return NO_CONCERN;
    if (state.recorded.wireToLeaf === false)
      return broken('checking.noWire', 'stop', ['wireToLeaf']);
    const crosses = state.wireHinge || countedOf(state.items).crosses > 0;
    return crosses ? KEPT : broken('law.unwired', 'check', ['powering.path', 'wireToLeaf']);
  },
});

/** What is electric and locks is let go by something that somebody works. */
export const RELEASED = defineLaw({
  id: 'released',
  stage: 'powering',
  source: CHAIN,
  saidBy: ['powering.noSwitch'],
  hold(state) {
    const { lock, release, access, facts } = state;
    const electric = lock !== undefined && lock.power !== 'none';
    if (!electric || isOthers(state)) return NO_CONCERN;
    // A lock on its own battery has its reader in it.
    if (lock.battery || facts.operator === true || (release?.delay ?? 0) > 0 || release?.command)
      return KEPT;
    if (access === undefined) return lacking('access');
    return access === 'none' ? broken('powering.noSwitch', 'check', ['access']) : KEPT;
  },
});
