import { SECOND_LEAF_HELD } from '../practice/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LeafBolts, LockKind } from './facts.js';
import {
  againstBolts,
  hasSecondLeaf,
  heldByMagnets,
  mayByHand,
  secondLeaf,
  type SecondFor,
} from './pair.js';
import { type Role, ROLE } from '../roles/index.js';

/** What holds the inactive leaf of a pair, and whether the leaves are made to close in their order. */
export interface InactiveLeaf {
  bolts: LeafBolts | undefined;
  coordinator: boolean;
}

const OF_BOLTS: readonly string[] = ['bolts', 'rating', 'egress', 'clearWanted', 'electricLock'];
const OF_GLASS: readonly string[] = [...OF_BOLTS, 'leafConstruction'];

/**
 * Decides the bolts and the coordinator of a pair.
 *
 * @param needed whether the active leaf alone is too narrow for the clear width wanted
 */
export function decideInactive(
  record: SecuringRecord,
  kind: LockKind,
  needed: boolean,
  { role }: { role: Role | undefined },
): InactiveLeaf {
  const { facts } = record;
  const door = role && ROLE[role];
  const how = {
    needed,
    equipment: door?.secondLeaf === 'equipment',
    shut: door?.keptShut === true,
    home: door?.secondLeaf === 'home',
  };
  // Leaves that nothing locks or latches need no bolts, unless somebody recorded some.
  if (!hasSecondLeaf(facts, kind) || (kind === 'none' && facts.bolts === undefined))
    return { bolts: undefined, coordinator: false };
  const second = secondLeaf(facts, how);
  const bolts = record.propose('bolts', second.bolts, {
    reasons: () => [second.why()],
    alternatives: second.alternatives,
    facts: facts.leafConstruction === 'glass' ? OF_GLASS : OF_BOLTS,
  });
  const order = bolts === second.bolts ? second : secondLeaf({ ...facts, bolts }, how);
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
  findBolts(record, bolts, facts, how);
  return { bolts, coordinator };
}

function findBolts(
  record: SecuringRecord,
  bolts: LeafBolts,
  facts: OpeningFacts,
  how: SecondFor,
): void {
  const against = againstBolts(bolts, facts, how);
  const none = bolts === 'none' && heldByMagnets(facts);
  if (!against || facts.meetingEdge === 'mullion' || none) return;
  const checked = bolts === 'none' || (bolts === 'flush' && mayByHand(facts, how));
  record.report(checked ? 'check' : 'stop', against, {}, SECOND_LEAF_HELD, ['securing.bolts']);
}
