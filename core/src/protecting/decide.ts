import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  placeNamed,
  roomNamed,
  slides,
  swings,
  swingsBothWays,
  type Basis,
  type MeasuredLeaf,
  type Message,
} from '../model/index.js';
import { framingOf, glassPlace, measuredLeaves } from '../sizing/index.js';
import { LOCK_FIGURES, PLATES, type Plates, LISTED } from '../practice/index.js';
import { rodInset } from '../securing/index.js';
import type { ProtectingRecord } from './decisions.js';
import type { Protecting, ProtectingInput } from './result.js';
import { type PlateSize } from './result.js';
import { protectingItems } from './items.js';
import { liftOver } from './sweep.js';
import { ROLE } from '../roles/index.js';

/** Decides plates with their sizes, and viewers. */
export function decideProtecting(input: ProtectingInput, record: ProtectingRecord): Protecting {
  const { facts, practice, results } = input;
  const plates = decidePlates(input, record);
  const all = measuredLeaves(results.sizing);
  // The lowest leaf of a stable door is the one that is kicked.
  const leaves = facts.kind === 'stable' ? all.slice(-1) : all;
  const sizes = leaves.map((leaf) => ({
    leaf: leaf.id,
    quantity: leaf.quantity,
    plate: plates !== 'none' ? decidePlate(input, record, leaf, plates) : undefined,
    mop: plates === 'kick-mop' ? decideMop(input, record, leaf) : undefined,
  }));
  const stretcher = leaves[0] && decideStretcher(input, record, leaves[0]);
  const viewers = decideViewers(input, record);
  const fingerGuard = decideFingerGuard(input, record);
  const { plateUnlabelled } = practice.values;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const highest = Math.max(0, ...sizes.map(({ plate }) => plate?.height ?? 0));
  const labelled = rated && highest > plateUnlabelled.value;
  if (labelled)
    record.report(
      valueOrUndefined(facts.kickPlate) === undefined ? 'note' : 'check',
      'protecting.label',
      { height: { ticks: highest }, most: { ticks: plateUnlabelled.value } },
      plateUnlabelled.source,
      ['protecting.plate', 'kickPlate', 'rating'],
    );
  const last = leaves[leaves.length - 1];
  if (last) findSmooth(input, record, last, sizes[sizes.length - 1]!.plate);
  const protecting = { plates, sizes, stretcher, viewers, fingerGuard, labelled };
  protectingItems(record.items, input, protecting);
  return protecting;
}

/** Which plates: as recorded, by what passes, by the role of a door that closes by itself or is pushed. */
function platesFor({ facts, practice, results }: ProtectingInput): {
  plates: Plates;
  why: () => Message;
  basis: Basis;
} {
  const { role, guessed } = results.opening;
  const height = valueOrUndefined(facts.kickPlate);
  const traffic = valueOrUndefined(facts.traffic);
  const by = (plates: Plates, why: () => Message, basis: Basis = 'derived') => ({
    plates,
    why,
    basis,
  });
  if (slides(facts.kind)) return by('none', () => message('protecting.plates.slides'));
  if (facts.leafConstruction === 'glass')
    return by('none', () => message('protecting.plates.glass'));
  if (height !== undefined)
    return by(
      height === 0 ? 'none' : height > practice.values.kickHeight.value * 2 ? 'armor' : 'kick',
      () => message('protecting.plates.recorded', { height: { ticks: height } }),
      facts.provenance?.['kickPlate'] ?? 'given',
    );
  if (traffic === 'carts' || traffic === 'beds')
    return by(traffic === 'beds' || swingsBothWays(facts.kind) ? 'armor-both' : 'armor', () =>
      message('protecting.plates.traffic', { traffic: { term: `traffic.${traffic}` } }),
    );
  if (!role) return by('none', () => message('protecting.plates.unknown'));
  const usual = practice.values.rolePlates.value[role];
  // Who must take a handle to open a leaf that stays where it is left does not kick it.
  const kicked = results.closing.closes !== false || ROLE[role].plates.alsoLeftOpen;
  return by(
    kicked ? usual : 'none',
    () => message('protecting.plates.role', { role: { term: `role.${role}` } }),
    guessed ? 'assumed' : 'derived',
  );
}

function decidePlates(input: ProtectingInput, record: ProtectingRecord): Plates {
  const { plates, why, basis } = platesFor(input);
  return record.propose('plates', plates, {
    basis,
    reasons: () => [why()],
    alternatives: () =>
      PLATES.map((value) =>
        value === 'none' && plates !== 'none'
          ? { value, against: message('protecting.against.bare') }
          : { value },
      ),
    facts: ['kickPlate', 'traffic', 'role'],
  });
}

/** What stands lowest above a plate on the push face: lock, exit device, glass. From the leaf’s bottom. */
function lowestAbove({ facts, practice, results }: ProtectingInput, leaf: MeasuredLeaf): number {
  const { fit, kind } = results.securing;
  const { bodies, lockHeight } = practice.values;
  const limits = [leaf.height];
  if (kind !== undefined && kind !== 'none') {
    const body = LOCK_FIGURES[kind].body;
    const up = Math.max(bodies.value.rose.up, body ? bodies.value[body].up : 0);
    const middle = fit?.y ?? lockHeight.value - leaf.bottom;
    limits.push(middle - up / 2);
  }
  const [width, height] = [valueOrUndefined(facts.glassWidth), valueOrUndefined(facts.glassHeight)];
  if (width && height) limits.push(glassPlace(facts, leaf, width, height).bottom);
  const { plateClear } = practice.values;
  // Panels and glass of a framed leaf take no plate.
  const rail = framingOf(facts, practice, leaf)?.bottomRail;
  const lowest = Math.min(...limits) - plateClear.value;
  return (
    (rail === undefined ? lowest : Math.min(lowest, rail)) - liftOver(facts, practice, results)
  );
}

/** How much narrower than the leaf its plate is, both sides together. */
function lessOf({ facts, practice }: ProtectingInput): number {
  const { single, pair } = practice.values.plateLess.value;
  return meetsInMiddle(facts.kind) ? pair : single;
}

/** Where a plate must end on the push face: before a rod that runs down to the floor. From the hinge edge. */
function endOf({ facts, practice, results }: ProtectingInput, leaf: MeasuredLeaf): number {
  const { fit, kind } = results.securing;
  if (kind !== 'rods-surface' || !fit || facts.plainFloor === true) return leaf.width;
  const { rod } = practice.values.bodies.value;
  return leaf.width - rodInset(fit) - rod.across / 2 - practice.values.plateClear.value;
}

function decidePlate(
  input: ProtectingInput,
  record: ProtectingRecord,
  leaf: MeasuredLeaf,
  plates: Plates,
): PlateSize {
  const { kickHeight, armorHeight } = input.practice.values;
  const armor = plates === 'armor' || plates === 'armor-both';
  const recorded = valueOrUndefined(input.facts.kickPlate);
  const wanted = recorded || (armor ? armorHeight : kickHeight).value;
  // What somebody recorded stands, and what is in its way is told.
  const height = recorded ? wanted : Math.min(wanted, lowestAbove(input, leaf));
  const less = lessOf(input);
  const from = Math.round(less / 2);
  const end = Math.min(leaf.width - from, endOf(input, leaf));
  const size = { width: Math.round(end - from), height: Math.round(height), from };
  record.decide('plate', size, {
    leaf: leaf.id,
    reasons: () => [
      height < wanted
        ? message('protecting.plate.cut', {
            less: { ticks: less },
            height: { ticks: wanted },
            to: { ticks: height },
          })
        : message('protecting.plate', { less: { ticks: less } }),
      ...(end < leaf.width - from ? [message('protecting.plate.rod')] : []),
    ],
    facts: ['kickPlate', 'leafWidth', 'glassAt'],
  });
  return size;
}

function decideMop(
  { practice }: ProtectingInput,
  record: ProtectingRecord,
  leaf: MeasuredLeaf,
): PlateSize {
  const { mop: less } = practice.values.plateLess.value;
  const from = Math.round(less / 2);
  const size = { width: leaf.width - less, height: practice.values.mopHeight.value, from };
  record.decide('mopPlate', size, {
    leaf: leaf.id,
    reasons: () => [message('protecting.mop', { less: { ticks: less } })],
  });
  return size;
}

function decideStretcher(
  input: ProtectingInput,
  record: ProtectingRecord,
  leaf: MeasuredLeaf,
): Protecting['stretcher'] {
  const middle = valueOrUndefined(input.facts.bumperHeight);
  if (middle === undefined || slides(input.facts.kind)) return undefined;
  const size = {
    width: leaf.width - lessOf(input),
    height: input.practice.values.stretcherHeight.value,
    from: Math.round(lessOf(input) / 2),
  };
  record.decide('stretcher', size, {
    reasons: () => [message('protecting.stretcher', { height: { ticks: middle } })],
    facts: ['bumperHeight'],
  });
  return { size, middle };
}

/** Roles behind whose door somebody wants to see who stands there. */
function wantsViewer({ facts, results }: ProtectingInput): boolean {
  const { role } = results.opening;
  return valueOrUndefined(facts.viewer) ?? (role !== undefined && ROLE[role].viewers !== 'none');
}

function decideViewers(input: ProtectingInput, record: ProtectingRecord): readonly number[] {
  const { facts, practice, results } = input;
  if (facts.leafHole === 'viewer' || !wantsViewer(input) || facts.leafConstruction === 'glass')
    return [];
  const { viewerHeight, viewerLow } = practice.values;
  const { role } = results.opening;
  const two = facts.accessible === true || (role !== undefined && ROLE[role].viewers === 'two');
  const heights = two ? [viewerHeight.value, viewerLow.value] : [viewerHeight.value];
  record.decide('viewer', heights, {
    basis: valueOrUndefined(facts.viewer) === undefined ? 'assumed' : record.basisOf('viewer'),
    reasons: () => [
      two
        ? message('protecting.viewer.two', {
            height: { ticks: viewerHeight.value },
            low: { ticks: viewerLow.value },
          })
        : message('protecting.viewer', { height: { ticks: viewerHeight.value } }),
    ],
    facts: ['viewer', 'accessible'],
  });
  if ((valueOrUndefined(facts.rating) ?? 0) > 0)
    record.report('note', 'protecting.viewerRated', {}, LISTED, ['protecting.viewer', 'rating']);
  return heights;
}

/** How high fingers are guarded at the hinges: as recorded, or as is usual where children pass. */
function decideFingerGuard(
  { facts, practice, project }: ProtectingInput,
  record: ProtectingRecord,
): number | undefined {
  if (!swings(facts.kind)) return undefined;
  const { fingerGuardHeight, fingerGuardUsual } = practice.values;
  const recorded = valueOrUndefined(facts.fingerGuard);
  const children =
    fingerGuardUsual.value &&
    [facts.from, facts.to].some((name) =>
      placeNamed(name, roomNamed(name, project)?.use).has('child'),
    );
  if (!(recorded ?? children)) return undefined;
  const { value: height } = fingerGuardHeight;
  record.decide('fingerGuard', height, {
    basis: recorded === undefined ? 'assumed' : record.basisOf('fingerGuard'),
    reasons: () => [
      message(recorded ? 'protecting.fingerGuard' : 'protecting.fingerGuard.children', {
        height: { ticks: height },
      }),
    ],
    facts: ['fingerGuard', 'from', 'to'],
  });
  return height;
}

/** The bottom of an accessible leaf’s push side is smooth. */
function findSmooth(
  { facts, practice }: ProtectingInput,
  record: ProtectingRecord,
  leaf: MeasuredLeaf,
  plate: PlateSize | undefined,
): void {
  const { smoothBottom } = practice.values;
  if (facts.accessible !== true || slides(facts.kind) || smoothBottom.value === 0) return;
  // Only a rail that was measured: an assumed one is no reason to ask anybody.
  const rail = framingOf(facts, practice, leaf) && valueOrUndefined(facts.bottomRail);
  if (rail === undefined || rail >= smoothBottom.value) return;
  if (plate !== undefined && plate.height >= smoothBottom.value) return;
  record.report(
    'check',
    'protecting.smooth',
    { height: { ticks: smoothBottom.value }, rail: { ticks: rail } },
    smoothBottom.source,
    ['bottomRail', 'accessible', 'protecting.plates'],
  );
}
