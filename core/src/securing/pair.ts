import {
  closesByItself,
  valueOrUndefined,
  meetsInMiddle,
  message,
  swingsBothWays,
  type Alternative,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { LeafBolts, LockKind } from './facts.js';
import type { Practice } from '../practice/index.js';
import { hasRods, isExit } from './lockForms.js';

/** What holds the second leaf, and whether the leaves must close in their order. */
export interface SecondLeaf {
  bolts: LeafBolts;
  why: () => Message;
  alternatives: () => Alternative[];
  coordinator: boolean;
  coordinatorWhy: () => Message;
}

const isPair = ({ kind }: OpeningFacts) => meetsInMiddle(kind) && kind !== 'double-egress';

/** Whether each of two leaves has an exit device of its own. */
export function eachHasDevice(facts: OpeningFacts, kind: LockKind): boolean {
  if (facts.kind === 'double-egress') return isExit(kind);
  return isPair(facts) && (hasRods(kind) || (isExit(kind) && facts.meetingEdge === 'mullion'));
}

/** Whether a pair has a second leaf to be bolted: not where each leaf has a device of its own. */
export function hasSecondLeaf(facts: OpeningFacts, kind: LockKind): boolean {
  return isPair(facts) && !eachHasDevice(facts, kind);
}

/** What holding the second leaf follows from beside the facts. */
export interface SecondFor {
  /** Whether the active leaf alone is too narrow for the clear width wanted. */
  needed: boolean;
  /** Whether nobody goes through it: both leaves are opened by who works there, by hand. */
  shut?: boolean;
  /** Whether it is of a dwelling, where people leave by the active leaf. */
  home?: boolean;
  /** Whether it is the door of a store, plant or goods room, where bolts by hand are usual. */
  equipment: boolean;
}

/** Occupancies whose second leaf may have bolts by hand where its width is not needed (IBC 1010.2.4). */
const BY_HAND = ['business', 'factory', 'mercantile', 'storage'];

/** Whether bolts by hand may stand where they are otherwise refused: to be checked, not stopped. */
export function mayByHand(facts: OpeningFacts, { needed, equipment }: SecondFor): boolean {
  return !needed && (equipment || BY_HAND.includes(valueOrUndefined(facts.occupancy) ?? ''));
}

/** What speaks against a way to hold the second leaf, as a sentence without figures. */
export function againstBolts(bolts: LeafBolts, facts: OpeningFacts, second: SecondFor) {
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  if (bolts === 'none') return 'securing.against.loose';
  const byItself = bolts === 'automatic' || bolts === 'constant';
  if (byItself && facts.leafConstruction === 'glass') return 'securing.against.glassBolts';
  if (bolts === 'surface' && (rated || facts.egress === true)) return 'securing.against.surface';
  const byHand = mayByHand(facts, second);
  if (bolts === 'flush' && second.shut) return undefined;
  if (bolts === 'flush' && rated)
    return byHand ? 'securing.against.manualStore' : 'securing.against.manualRated';
  if (bolts === 'flush' && facts.egress === true)
    return byHand ? 'securing.against.manualStore' : 'securing.against.manualWayOut';
  if (bolts === 'flush' && second.needed) return 'securing.against.manualWidth';
  return undefined;
}

/** Whether a magnet on each leaf holds it: enough where nothing needs to latch. */
export function heldByMagnets(facts: OpeningFacts): boolean {
  return (
    (valueOrUndefined(facts.electricLock) ?? 'none') !== 'none' &&
    (valueOrUndefined(facts.rating) ?? 0) === 0
  );
}

/** What usually holds the second leaf, and why. */
function usualBolts(facts: OpeningFacts, second: SecondFor) {
  const egress = valueOrUndefined(facts.egress);
  if (facts.meetingEdge === 'mullion') return ['none', 'securing.bolts.mullion'] as const;
  if (heldByMagnets(facts)) return ['none', 'securing.bolts.magnet'] as const;
  if (facts.leafConstruction === 'glass') return ['surface', 'securing.bolts.glass'] as const;
  // Only bolts by hand hold a leaf that nothing stops either way, and are enough where nobody goes through.
  if (second.shut) return ['flush', 'securing.bolts.shut'] as const;
  if (swingsBothWays(facts.kind)) return ['flush', 'securing.bolts.bothWays'] as const;
  if ((valueOrUndefined(facts.rating) ?? 0) > 0)
    return ['automatic', 'securing.bolts.rated'] as const;
  if (egress === true) return ['automatic', 'securing.bolts.egress'] as const;
  // Nobody's house has bolts that work by themselves: whoever wants the whole width draws them.
  if (second.home) return ['flush', 'securing.bolts.home'] as const;
  if (second.needed) return ['automatic', 'securing.bolts.width'] as const;
  // Unknown is not “no”, but in store and plant rooms nobody needs the second leaf to leave.
  if (egress === undefined && !second.equipment)
    return ['automatic', 'securing.bolts.unknown'] as const;
  return ['flush', 'securing.bolts.manual'] as const;
}

/**
 * How the second leaf is held: by hand where it is known to be neither rated nor on a way out, nor needed
 * for the width, and on glass; by automatic bolts else, and while nobody said whether people leave by it; with a
 * coordinator where the active leaf must close last.
 */
export function secondLeaf(facts: OpeningFacts, second: SecondFor): SecondLeaf {
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const recorded = valueOrUndefined(facts.bolts);
  const [usual, because] = usualBolts(facts, second);
  const bolts: LeafBolts = recorded ?? usual;
  const why = () => message(recorded === undefined ? because : 'securing.bolts.recorded');
  const overlaps = facts.meetingEdge === 'astragal' || facts.meetingEdge === 'rebated';
  const closes = rated || closesByItself(facts) === true;
  const byItself = bolts === 'automatic' || bolts === 'constant';
  const coordinator = closes && meetsInMiddle(facts.kind) && (overlaps || byItself);
  return {
    bolts,
    why,
    alternatives: () =>
      (['flush', 'automatic', 'constant', 'surface', 'none'] as const).map((value) => {
        const against =
          value === 'none' && usual === 'none' ? undefined : againstBolts(value, facts, second);
        return against ? { value, against: message(against) } : { value };
      }),
    coordinator,
    coordinatorWhy: () =>
      coordinator
        ? message(overlaps ? 'securing.coordinator.overlap' : 'securing.coordinator.bolts')
        : message(closes ? 'securing.coordinator.either' : 'securing.coordinator.noCloser'),
  };
}

/** Lengths of flush bolts from lever to end; the top one longer where its lever would be out of reach. */
export function boltLengths(
  height: number,
  bottom: number,
  practice: Practice,
): { top: number; bottom: number } {
  const { flushBoltReach, flushBoltLever } = practice.values;
  return {
    top: Math.max(flushBoltReach.value, bottom + height - flushBoltLever.value),
    bottom: flushBoltReach.value,
  };
}
