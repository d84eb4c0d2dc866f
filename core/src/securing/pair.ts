import {
  closesByItself,
  known,
  meetsInMiddle,
  said,
  type Alternative,
  type OpeningFacts,
  type Said,
} from '../opening/index.js';
import type { LeafBolts, LockKind } from './facts.js';
import type { Practice } from '../practice/index.js';
import { hasRods, isExit } from './lockForms.js';

/** What holds the second leaf, and whether the leaves must close in their order. */
export interface SecondLeaf {
  bolts: LeafBolts;
  why: () => Said;
  alternatives: () => Alternative[];
  coordinator: boolean;
  coordinatorWhy: () => Said;
}

/** Whether a pair has a second leaf to be bolted: not where each leaf has a device of its own. */
export function hasSecondLeaf(facts: OpeningFacts, kind: LockKind): boolean {
  return (
    (facts.kind === 'pair' || facts.kind === 'unequal-pair') &&
    !hasRods(kind) &&
    !(isExit(kind) && facts.meetingEdge === 'mullion')
  );
}

/** What speaks against a way to hold the second leaf, as a sentence without figures. */
export function againstBolts(bolts: LeafBolts, facts: OpeningFacts, secondNeeded: boolean) {
  const rated = (known(facts.rating) ?? 0) > 0;
  if (bolts === 'none') return 'securing.against.loose';
  if (bolts === 'surface' && (rated || facts.egress === true)) return 'securing.against.surface';
  if (bolts === 'flush' && rated) return 'securing.against.manualRated';
  if (bolts === 'flush' && facts.egress === true) return 'securing.against.manualWayOut';
  if (bolts === 'flush' && secondNeeded) return 'securing.against.manualWidth';
  return undefined;
}

/**
 * How the second leaf is held: by hand where it is neither rated nor on a way out nor needed for the
 * width, by automatic bolts else; with a coordinator where the active leaf must close last.
 *
 * @param secondNeeded whether the active leaf alone is too narrow for the clear width wanted
 */
export function secondLeaf(facts: OpeningFacts, secondNeeded: boolean): SecondLeaf {
  const rated = (known(facts.rating) ?? 0) > 0;
  const recorded = known(facts.bolts);
  const usual: LeafBolts =
    facts.meetingEdge === 'mullion'
      ? 'none'
      : rated || facts.egress === true || secondNeeded
        ? 'automatic'
        : 'flush';
  const bolts = recorded ?? usual;
  const why = () =>
    recorded !== undefined
      ? said('securing.bolts.recorded')
      : usual === 'none'
        ? said('securing.bolts.mullion')
        : usual === 'flush'
          ? said('securing.bolts.manual')
          : said(
              rated
                ? 'securing.bolts.rated'
                : facts.egress === true
                  ? 'securing.bolts.egress'
                  : 'securing.bolts.width',
            );
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
          value === 'none' && usual === 'none'
            ? undefined
            : againstBolts(value, facts, secondNeeded);
        return against ? { value, against: said(against) } : { value };
      }),
    coordinator,
    coordinatorWhy: () =>
      coordinator
        ? said(overlaps ? 'securing.coordinator.overlap' : 'securing.coordinator.bolts')
        : said(closes ? 'securing.coordinator.either' : 'securing.coordinator.noCloser'),
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
