import type { OpeningFacts } from '../opening/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LeafBolts, LockKind } from './facts.js';
import { againstBolts, hasSecondLeaf, secondLeaf } from './pair.js';

/** What holds the inactive leaf of a pair, and whether the leaves are made to close in their order. */
export interface InactiveLeaf {
  bolts: LeafBolts | undefined;
  coordinator: boolean;
}

/**
 * Decides the bolts and the coordinator of a pair.
 *
 * @param needed whether the active leaf alone is too narrow for the clear width wanted
 */
export function decideInactive(
  record: SecuringRecord,
  kind: LockKind,
  needed: boolean,
): InactiveLeaf {
  const { facts } = record;
  // Leaves that nothing locks or latches need no bolts, unless somebody recorded some.
  if (!hasSecondLeaf(facts, kind) || (kind === 'none' && facts.bolts === undefined))
    return { bolts: undefined, coordinator: false };
  const second = secondLeaf(facts, needed);
  const bolts = record.propose('bolts', second.bolts, {
    reasons: () => [second.why()],
    alternatives: second.alternatives,
    facts: ['bolts', 'rating', 'egress', 'clearWanted'],
  });
  const order = bolts === second.bolts ? second : secondLeaf({ ...facts, bolts }, needed);
  const coordinator =
    record.propose('coordinator', order.coordinator ? 'yes' : 'none', {
      reasons: () => [order.coordinatorWhy()],
      alternatives: () => [
        { value: 'yes' },
        order.coordinator ? { value: 'none', against: order.coordinatorWhy() } : { value: 'none' },
      ],
      facts: ['meetingEdge', 'closer', 'bolts'],
    }) === 'yes';
  if (order.coordinator && !coordinator)
    record.report('stop', 'securing.noCoordinator', {}, 'trade practice', ['securing.coordinator']);
  findBolts(record, bolts, facts, needed);
  return { bolts, coordinator };
}

function findBolts(
  record: SecuringRecord,
  bolts: LeafBolts,
  facts: OpeningFacts,
  needed: boolean,
): void {
  const against = againstBolts(bolts, facts, needed);
  if (!against || facts.meetingEdge === 'mullion') return;
  record.report(bolts === 'none' ? 'check' : 'stop', against, {}, 'NFPA 80; IBC 1010', [
    'securing.bolts',
  ]);
}
