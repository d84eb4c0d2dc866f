import type { LockSpec } from '../catalogue/index.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  type MeasuredLeaf,
  type Message,
  type OpeningFacts,
} from '../model/index.js';
import { type LockUse, type Practice, LEAVES_IN_ORDER } from '../practice/index.js';
import { measured, type Sizes } from '../sizing/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { boltsAbove, decideFunction, findLatching, wantsOneMotion } from './functions.js';
import { gradeOf } from './grade.js';
import { lockHeightOf } from './heights.js';
import { decideInactive, type InactiveLeaf } from './inactiveLeaf.js';
import type { SecuringInput } from './input.js';
import { securingItems } from './items.js';
import { cylinderOf, hasRods, isDeadBolt, isExit } from './lockForms.js';
import {
  kindAlternatives,
  lockKindsFor,
  opposesEachOther,
  proposeKind,
  type LockPlace,
} from './lockType.js';
import { eachHasDevice } from './pair.js';
import { decidePlace, NOT_PLACED, type Placed } from './place.js';
import { decideSecondBar, decideSecondFunction } from './secondDevice.js';
import type { Securing } from './secured.js';
import { solidWidth } from './stile.js';
import { useOf, type DerivedUse } from './uses.js';
import { findWayOut, meetsLeaf } from './wayOut.js';
import { findWritten, writtenKind, writtenLines } from './written.js';
import { ROLE } from '../roles/index.js';

/**
 * Decides the lock of an opening: kind, function, backset, height, cylinder, strike, the second leaf
 * of a pair, exit devices; each with its reasons and what speaks against the others. While nothing is
 * known of what the door is for, only that is asked.
 */
export function decideSecuring(input: SecuringInput, record: SecuringRecord): Securing {
  const { facts, practice, project, results } = input;
  const { handing, sizing: sizes, opening: whole } = results;
  const recorded = valueOrUndefined(record.facts.lockKind);
  const use = useOf(facts, practice, whole);
  if (recorded === undefined && use === undefined) {
    record.ask('kind', 'ask.secured', ['role', 'lockUse', 'lockKind', 'secured']);
    return secured(NOT_PLACED, undefined, undefined, NO_SECOND, NO_INACTIVE, hangsOut(handing));
  }
  const leaf = lockLeaf(facts, practice, sizes);
  const oneMotion = wantsOneMotion(record, practice);
  const place = placeOf(input, leaf, recorded, use?.use, oneMotion);
  if (recorded === undefined && asksSwing(record, input, place)) {
    record.ask('kind', 'ask.swingFirst', ['swing', 'escape', 'occupants']);
    return secured(NOT_PLACED, undefined, undefined, NO_SECOND, NO_INACTIVE, hangsOut(handing));
  }
  const kind = decideKind(record, place, recorded, use);
  // The bar of an exit device stands on the push face, its trim on the other.
  const outsidePull = isExit(kind) || hangsOut(handing);
  const inactive = decideInactive(record, kind, activeTooNarrow(input), whole);
  let spec: LockSpec | undefined;
  let second = NO_SECOND;
  let placed = NOT_PLACED;
  if (kind === 'patch')
    record.report('check', 'securing.glass', {}, 'trade practice', ['securing.kind']);
  if (kind !== 'none') {
    const exitOnly = facts.kind === 'double-egress';
    const all = project.locks;
    if (use) spec = decideFunction(record, practice, { kind, use, all, oneMotion, exitOnly });
    else record.ask('function', 'ask.secured', ['role', 'lockUse']);
    // Without a latch in any function it is plain from the kind alone.
    if (!spec) findLatching(record, practice, kind, neverLatches(kind));
    const above = use !== undefined && boltsAbove(kind, use.use);
    placed = decidePlace(record, { input, leaf, kind, spec, outsidePull, boltAbove: above });
    if (spec && eachHasDevice(facts, kind))
      second = {
        spec: decideSecondFunction(record, kind, spec, all),
        exit: placed.fit && decideSecondBar(record, practice, sizes, placed.fit),
      };
  } else {
    if (recorded === 'none') findLatching(record, practice, kind, true);
  }
  const bolted = spec?.outsideKey.includes('bolt') === true || placed.secondHeight !== undefined;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const entrance = use !== undefined && ENTRANCES.has(use.use);
  const longScrews =
    practice.values.strikeScrew.value > 0 &&
    kind !== 'none' &&
    !isExit(kind) &&
    valueOrUndefined(facts.frameMaterial) === 'timber' &&
    !meetsInMiddle(facts.kind) &&
    (bolted || entrance);
  findWritten(record, facts, kind, spec);
  findUse(record, input);
  findWayOut(record, input, kind);
  findSmokeBarrier(record, input, kind);
  if (facts.kind === 'pocket' && kind === 'deadbolt')
    record.report('check', 'securing.straightBolt', {}, 'trade practice', ['securing.kind']);
  if (opposesEachOther(facts, kind))
    record.report('stop', 'securing.opposite', {}, 'trade practice', ['securing.kind']);
  findMeeting(record, input, kind);
  securingItems(record.items, {
    facts,
    kind,
    spec,
    second: second.spec,
    daily: whole.role !== undefined && ROLE[whole.role].bothLeavesDaily && !rated,
    cylinder: cylinderOf(kind, practice),
    trimApart: practice.values.boredTrim.value === 'apart',
    grade: gradeOf(kind, spec, whole.role, rated, practice),
    lengths: placed.lengths,
    leafHeight: leaf?.height,
    bolts: inactive.bolts,
    coordinator: inactive.coordinator,
    closingRail: pullsShut(input),
    pushed: use?.use === 'push-pull' || use?.use === 'shop',
    secondBolt: placed.secondHeight !== undefined,
    longScrew: longScrews ? practice.values.strikeScrew.value : undefined,
  });
  return secured(placed, kind, spec, second, inactive, outsidePull, longScrews);
}

/** Whether somebody in a wheelchair draws the leaf after them and cannot reach its handle. */
function pullsShut({ facts, practice, results }: SecuringInput): boolean {
  const { role } = results.opening;
  return (
    practice.values.closingRail.value &&
    facts.accessible === true &&
    role !== undefined &&
    ROLE[role].pulledShut &&
    results.handing.hand?.swing === 'out'
  );
}

/** Entrances, which are locked against people from the open or from a common stair. */
const ENTRANCES: ReadonlySet<LockUse> = new Set([
  'entrance',
  'apartment',
  'dwelling',
  'shop',
  'patio',
]);

/** Whether the outside is the pull face; taken so while the hand is open. */
function hangsOut({ hand }: SecuringInput['results']['handing']): boolean {
  return hand ? hand.swing === 'out' : true;
}

/** Whether no function of a kind latches. */
function neverLatches(kind: LockKind): boolean {
  return isDeadBolt(kind) || kind === 'roller';
}

/** An astragal that overlaps keeps one leaf shut until the other is opened. */
function findMeeting(record: SecuringRecord, { facts }: SecuringInput, kind: LockKind): void {
  const overlaps = facts.meetingEdge === 'astragal' || facts.meetingEdge === 'rebated';
  if (meetsInMiddle(facts.kind) && hasRods(kind) && overlaps)
    record.report('stop', 'securing.astragalExit', {}, LEAVES_IN_ORDER, [
      'meetingEdge',
      'securing.kind',
    ]);
}

interface SecondDevice {
  spec: LockSpec | undefined;
  exit: Securing['secondExit'];
}
/** Doors of smoke barriers in health care, whose leaves swing opposite ways, need no latch. */
function findSmokeBarrier(
  record: SecuringRecord,
  { facts, practice }: SecuringInput,
  kind: LockKind,
): void {
  const barrier = facts.kind === 'double-egress' && facts.smoke === true;
  if (practice.language === 'us' && barrier && facts.occupancy === 'institutional' && hasRods(kind))
    record.report('note', 'securing.smokeBarrier', {}, 'IBC 709.5; NFPA 101 18.3.7.8', [
      'securing.kind',
      'occupancy',
    ]);
}

const NO_SECOND: SecondDevice = { spec: undefined, exit: undefined };
const NO_INACTIVE: InactiveLeaf = { bolts: undefined, coordinator: false };

/** All that was decided of the lock; written out, since ten thousand openings are put together here. */
function secured(
  placed: Placed,
  kind: LockKind | undefined,
  spec: LockSpec | undefined,
  second: SecondDevice,
  inactive: InactiveLeaf,
  outsidePull: boolean,
  longScrews = false,
): Securing {
  return {
    kind,
    spec,
    secondSpec: second.spec,
    backset: placed.backset,
    height: placed.height,
    secondHeight: placed.secondHeight,
    leaf: placed.leaf,
    fit: placed.fit,
    strike: placed.strike,
    reuse: placed.reuse,
    lengths: placed.lengths,
    exit: placed.exit,
    secondExit: second.exit,
    bolts: inactive.bolts,
    coordinator: inactive.coordinator,
    outsidePull,
    longScrews,
  };
}

/** Whether the active leaf of a pair alone is narrower than what is wanted, so that the other must open. */
function activeTooNarrow({ facts, practice, results }: SecuringInput): boolean {
  const wanted =
    valueOrUndefined(facts.clearWanted) ??
    (facts.accessible === true ? practice.values.clearWidth.value : undefined);
  const clear = results.hanging.clearWidthActive;
  return wanted !== undefined && clear !== undefined && clear < wanted;
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
  { facts, practice, project, results }: SecuringInput,
  leaf: MeasuredLeaf | undefined,
  recorded: LockKind | undefined,
  use: LockPlace['use'] = 'passage',
  oneMotion = true,
): LockPlace {
  let thickness: number | undefined;
  let stile: number | undefined;
  if (leaf) {
    thickness = leaf.thickness - Math.min(valueOrUndefined(facts.faceFiller) ?? 0, leaf.thickness);
    const { height } = lockHeightOf(facts, practice, recorded ?? 'none');
    stile = solidWidth(facts, practice, leaf, height - leaf.bottom)?.width;
  }
  const { role } = results.opening;
  return { facts, practice, thickness, stile, use, role, all: project.locks, oneMotion };
}

/** What is recorded that the lock is for, where rooms or role say another thing: who recorded it is asked. */
function findUse(record: SecuringRecord, { facts, practice, results }: SecuringInput): void {
  const { role, guessed } = results.opening;
  const use = valueOrUndefined(facts.lockUse);
  if (!role || !guessed || !use || facts.provenance?.['lockUse'] === 'assumed') return;
  const usual = practice.values.roleUse.value[role];
  // Between a room that is locked and one that is free somebody decides; what locks for another reason is odd.
  if (usual === use || USES_ALIKE.some((alike) => alike.has(usual) && alike.has(use))) return;
  record.report(
    'check',
    'securing.useDiffers',
    {
      role: { term: `role.${role}` },
      usual: { term: `lockUse.${usual}` },
      use: { term: `lockUse.${use}` },
    },
    'what is recorded and what the rooms say',
    ['lockUse', 'role'],
  );
}

/** Uses of which one may well be meant where another is usual. */
const USES_ALIKE: readonly ReadonlySet<LockUse>[] = [
  new Set<LockUse>(['passage', 'push-pull', 'stair', 'exit', 'communicating']),
  new Set<LockUse>(['office', 'classroom', 'lock-down', 'store', 'reader', 'passage']),
  new Set<LockUse>([
    'entrance',
    'dwelling',
    'apartment',
    'shop',
    'exit',
    'exit-only',
    'patio',
    'reader',
    'stair',
    'stair-locked',
  ]),
  new Set<LockUse>(['guest', 'guest-card', 'dormitory', 'apartment', 'privacy']),
  new Set<LockUse>(['privacy', 'passage', 'push-pull']),
];

/** Whether a device would be proposed that those who leave could not push: the swing is asked first. */
function asksSwing(record: SecuringRecord, input: SecuringInput, place: LockPlace): boolean {
  if (record.facts.choices?.[record.key('kind')] !== undefined) return false;
  return meetsLeaf(input, record) && !ofWritten(place) && isExit(proposeKind(place).kind);
}

/** The kind that a person wrote into the set, where the opening takes it: the sheets prepare what is ordered. */
function ofWritten({ facts }: LockPlace): { kind: LockKind; why: Message } | undefined {
  if (!facts.manualItems) return undefined;
  const written = writtenKind(writtenLines(facts));
  if (!written || !lockKindsFor(facts).includes(written.kind)) return undefined;
  return { kind: written.kind, why: message('securing.kind.written', { line: written.line }) };
}

function decideKind(
  record: SecuringRecord,
  place: LockPlace,
  recorded: LockKind | undefined,
  use: DerivedUse | undefined,
): LockKind {
  if (recorded !== undefined || !use) {
    const kind = recorded ?? 'none';
    record.decide('kind', kind, {
      basis: record.basisOf('lockKind'),
      reasons: () => {
        const grade = place.practice.values.lockGrade.value[kind];
        return grade ? [message('securing.kind.grade', { grade })] : [];
      },
      facts: ['lockKind'],
    });
    return kind;
  }
  const { kind, why } = ofWritten(place) ?? proposeKind(place);
  return record.propose('kind', kind, {
    basis: use.basis,
    reasons: () => [why],
    alternatives: () => kindAlternatives(place),
    facts: ['lockKind', 'lockUse', 'role', 'leafThickness', 'stileWidth'],
  });
}
