import type { LockSpec } from '../catalogue/index.js';
import {
  known,
  roomNamed,
  slides,
  type MeasuredLeaf,
  type OpeningFacts,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { measured, type Sizes } from '../sizing/index.js';
import type { StageInput } from '../stage/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { decideFunction } from './functions.js';
import { lockHeightOf } from './heights.js';
import { decideInactive, type InactiveLeaf } from './inactiveLeaf.js';
import { securingItems } from './items.js';
import { kindAlternatives, proposeKind, type LockPlace } from './lockType.js';
import { decidePlace, NOT_PLACED, type Placed } from './place.js';
import type { Securing } from './secured.js';
import { solidWidth } from './stile.js';
import { useOf } from './uses.js';

/** What the stage is handed. */
export type SecuringInput = StageInput<'sizing' | 'handing' | 'hanging'>;

/**
 * Decides the lock of an opening: kind, function, backset, height, cylinder, strike, the second leaf
 * of a pair, exit devices; each with its reasons and what speaks against the others. While nothing is
 * known of what the door is for, only that is asked.
 */
export function decideSecuring(input: SecuringInput, record: SecuringRecord): Securing {
  const { facts, practice, project, results } = input;
  const { handing, sizing: sizes } = results;
  // Taken so while the hand is open.
  const outsidePull = handing.hand ? handing.hand.swing === 'out' : true;
  const recorded = known(record.facts.lockKind);
  const use = useOf(facts, practice, roomsOf(input));
  if (recorded === 'none' && (known(record.facts.rating) ?? 0) > 0)
    record.report('stop', 'securing.noLatch', {}, 'NFPA 80', ['lockKind', 'rating']);
  if (recorded === undefined && use === undefined) {
    record.ask('kind', 'ask.secured', ['secured', 'lockUse', 'lockKind']);
    return secured(NOT_PLACED, undefined, undefined, NO_INACTIVE, outsidePull);
  }
  const leaf = lockLeaf(facts, practice, sizes);
  const kind = decideKind(record, placeOf(input, leaf, recorded, use?.use), recorded, !use);
  const inactive = decideInactive(record, kind, activeTooNarrow(input));
  let spec: LockSpec | undefined;
  let placed = NOT_PLACED;
  if (kind !== 'none') {
    if (use) spec = decideFunction(record, practice, kind, use, project.locks);
    else record.ask('function', 'ask.secured', ['secured', 'lockUse']);
    placed = decidePlace(record, { input, leaf, kind, spec, outsidePull });
  } else if (known(record.facts.secured) === true && facts.leafConstruction === 'glass') {
    record.report('check', 'securing.glass', {}, 'trade practice', ['securing.kind']);
  }
  if (!facts.manualItems?.some((line) => line.stage === 'securing'))
    securingItems(record.items, {
      facts,
      kind,
      spec,
      lengths: placed.lengths,
      leafHeight: leaf?.height,
      bolts: inactive.bolts,
      coordinator: inactive.coordinator,
      secondBolt: placed.secondHeight !== undefined,
    });
  return secured(placed, kind, spec, inactive, outsidePull);
}

const NO_INACTIVE: InactiveLeaf = { bolts: undefined, coordinator: false };

/** All that was decided of the lock; written out, since ten thousand openings are put together here. */
function secured(
  placed: Placed,
  kind: LockKind | undefined,
  spec: LockSpec | undefined,
  inactive: InactiveLeaf,
  outsidePull: boolean,
): Securing {
  return {
    kind,
    spec,
    backset: placed.backset,
    height: placed.height,
    secondHeight: placed.secondHeight,
    leaf: placed.leaf,
    fit: placed.fit,
    strike: placed.strike,
    reuse: placed.reuse,
    lengths: placed.lengths,
    exit: placed.exit,
    bolts: inactive.bolts,
    coordinator: inactive.coordinator,
    outsidePull,
  };
}

/** The room on the outside and the one within. */
function roomsOf({ facts, project, results }: SecuringInput) {
  const from = roomNamed(facts.from, project);
  const to = roomNamed(facts.to, project);
  return results.handing.outside === 'from'
    ? { outside: from, inside: to }
    : { outside: to, inside: from };
}

/** Whether the active leaf of a pair alone is narrower than what is wanted, so that the other must open. */
function activeTooNarrow({ facts, practice, results }: SecuringInput): boolean {
  const wanted =
    known(facts.clearWanted) ??
    (facts.accessible === true ? practice.values.clearWidth.value : undefined);
  const clear = results.hanging.clearWidthActive;
  return wanted !== undefined && clear !== undefined && clear < wanted;
}

/** A swinging leaf whose edge is not decided square is bevelled, as is usual. */
export function isBevelled({ facts, results }: SecuringInput): boolean {
  return !slides(facts.kind) && results.hanging.lockEdge !== 'square';
}

/** The leaf a lock is in: the active one of a pair, of a stable door's the one at its height. */
export function lockLeaf(
  facts: OpeningFacts,
  practice: Practice,
  sizes: Sizes,
): MeasuredLeaf | undefined {
  if (facts.kind !== 'stable') return measured(sizes.leaves[0]!);
  const leaves = sizes.leaves.map(measured);
  const { height } = lockHeightOf(facts, practice, 'sash');
  return (
    leaves.find((leaf) => leaf && height >= leaf.bottom && height <= leaf.bottom + leaf.height) ??
    leaves[leaves.length - 1]
  );
}

/** The place the lock would take, for holding the kinds against it. */
function placeOf(
  { facts, practice }: SecuringInput,
  leaf: MeasuredLeaf | undefined,
  recorded: LockKind | undefined,
  use: LockPlace['use'] = 'passage',
): LockPlace {
  if (!leaf) return { facts, practice, thickness: undefined, stile: undefined, use };
  const filler = Math.min(known(facts.faceFiller) ?? 0, leaf.thickness);
  const { height } = lockHeightOf(facts, practice, recorded ?? 'none');
  const stile = solidWidth(facts, practice, leaf, height - leaf.bottom)?.width;
  return { facts, practice, thickness: leaf.thickness - filler, stile, use };
}

function decideKind(
  record: SecuringRecord,
  place: LockPlace,
  recorded: LockKind | undefined,
  useOpen: boolean,
): LockKind {
  if (recorded !== undefined || useOpen) {
    const kind = recorded ?? 'none';
    record.decide('kind', kind, { basis: record.basisOf('lockKind'), facts: ['lockKind'] });
    return kind;
  }
  const { kind, why } = proposeKind(place);
  return record.propose('kind', kind, {
    reasons: () => [why],
    alternatives: () => kindAlternatives(place),
    facts: ['lockKind', 'lockUse', 'leafThickness', 'stileWidth'],
  });
}
