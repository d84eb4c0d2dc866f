import {
  itemOf,
  valueOrUndefined,
  meetsInMiddle,
  swings,
  swingsBothWays,
  termKeyBuilder,
  type Item,
  type OpeningFacts,
} from '../model/index.js';
import type { LeafBolts, LockKind } from './facts.js';
import { isExit, LOCK_FORMS, type LockForm } from './lockForms.js';
import { eachHasDevice } from './pair.js';
import type { LockSpec } from '../catalogue/index.js';
import type { ThroughLengths } from './thickness.js';

/** What the items of the stage follow from. */
export interface SecuredBy {
  facts: OpeningFacts;
  kind: LockKind;
  spec: LockSpec | undefined;
  /** Of the second leaf's own exit device, where it has one. */
  second: LockSpec | undefined;
  /** Whether people come in by all its leaves all day. */
  daily: boolean;
  /** The cylinder that the lock takes. */
  cylinder: LockForm['cylinder'];
  /** Whether what works a bored lock is ordered apart from it. */
  trimApart: boolean;
  /** Standard and grade that the lock is ordered by; empty where none is usual. */
  grade: string;
  lengths: ThroughLengths;
  /** Height of the leaf, for what runs along its edge. */
  leafHeight: number | undefined;
  /** Undefined where there is no second leaf to hold. */
  bolts: LeafBolts | undefined;
  coordinator: boolean;
  /** Whether its leaves are pushed and pulled: by its use, or held by a bolt alone. */
  pushed: boolean;
  /** Whether whoever is inside pulls it shut by a bar. */
  closingRail: boolean;
  /** A bored dead bolt of its own, above. */
  secondBolt: boolean;
  /** Length of the long strike screws, where they are taken. */
  longScrew: number | undefined;
}

const item = (term: string, quantity: number, more?: Partial<Item>): Item =>
  itemOf('securing', term, quantity, more);

const lockItem = termKeyBuilder<LockKind>('item.lock.');
const functionTerm = termKeyBuilder('lock.');
const cylinderItem = termKeyBuilder('item.cylinder.');
const trimItem = termKeyBuilder('item.trim.');
const boltsItem = termKeyBuilder('item.bolts.');

const cylindersOf = ({ outsideKey, insideKey }: LockSpec): number =>
  Number(outsideKey.length > 0) + Number(insideKey.length > 0);

/** Cylinders and keys of the functions, by how the lock takes them; a bored lock brings its own cylinder. */
function keyItems(specs: readonly LockSpec[], cylinder: LockForm['cylinder']): Item[] {
  const cylinders = specs.reduce((sum, spec) => sum + cylindersOf(spec), 0);
  if (cylinders === 0) return [];
  const own =
    cylinder === 'mortise' || cylinder === 'rim' ? [item(cylinderItem(cylinder), cylinders)] : [];
  return [...own, item('item.keys', 2 * specs.filter((spec) => cylindersOf(spec) > 0).length)];
}

/** What stands outside of exit devices: a handle that works them, or a pull. */
function exitTrimItems(specs: readonly LockSpec[], daily: boolean): Item[] {
  const rigid = ({ outsideHandle }: LockSpec) => outsideHandle === 'rigid';
  const levers = specs.filter((spec) => !rigid(spec) && spec.outsideHandle !== 'none').length;
  const pulls = specs.some(rigid) && daily ? specs.length : specs.filter(rigid).length;
  return [
    ...(levers > 0 ? [item('item.exitTrim.lever', levers)] : []),
    ...(pulls > 0 ? [item('item.exitTrim.pull', pulls)] : []),
  ];
}

/** What a lock is ordered by beside its kind. */
function lockTraits(spec: LockSpec, { facts, kind, grade }: SecuredBy): string[] {
  return [
    spec.id.startsWith('own-') ? `=${spec.name ?? spec.id}` : functionTerm(spec.id),
    ...(facts.lowFrictionLatch === true && spec.latch !== 'none' ? ['lock.lowFriction'] : []),
    ...(isExit(kind) && (valueOrUndefined(facts.rating) ?? 0) > 0 ? ['lock.forFire'] : []),
    ...(grade ? [`=${grade}`] : []),
  ];
}

/** What a hand takes hold of, of locks that come without it. */
function trimItems({ facts, spec, kind, cylinder, trimApart }: SecuredBy): Item[] {
  const { sits } = LOCK_FORMS[kind];
  const bare =
    (sits === 'pocket' && kind !== 'roller' && kind !== 'sliding') ||
    (trimApart && sits === 'bore' && kind !== 'deadbolt');
  const handled = spec && (spec.outsideHandle !== 'none' || spec.insideHandle !== 'none');
  if (!bare || !handled) return [];
  const grip = valueOrUndefined(facts.handle) ?? 'lever';
  // Where only a key opens from outside, continental and British work has a fixed knob there.
  const metric = cylinder === 'profile' || kind === 'sash';
  const form = spec.battery
    ? 'reader'
    : spec.outsideHandle === 'none'
      ? 'inside'
      : spec.outsideHandle === 'rigid' && metric
        ? 'fixedKnob'
        : grip;
  return [item(trimItem(form), 1, { unit: 'set' })];
}

/** Escutcheons of key holes where no plate of a handle covers them: one a face that is keyed. */
function escutcheonItems({ spec, kind }: SecuredBy): Item[] {
  if (kind !== 'mortise-dead' || !spec) return [];
  const faces = [spec.outsideKey, spec.insideKey].filter((key) => key.length > 0).length;
  return faces > 0 ? [item('item.escutcheon', faces)] : [];
}

/** Plates and pulls of leaves that nobody latches or locks. */
function pushAndPull(facts: OpeningFacts, leaves: number): Item[] {
  if (facts.leafConstruction === 'glass')
    return [item('item.glassPulls', leaves, { unit: 'pair' })];
  const both = swingsBothWays(facts.kind);
  return [
    item('item.pushPlate', (both ? 2 : 1) * leaves),
    ...(both ? [] : [item('item.pullHandle', leaves)]),
  ];
}

/** The locks: a device on each leaf where each has its own, else one an opening. */
function lockItems(by: SecuredBy): Item[] {
  const { facts, kind, spec, second } = by;
  const lock = (quantity: number, of: LockSpec | undefined) =>
    item(lockItem(kind), quantity, {
      traits: of ? lockTraits(of, by) : [],
      handed: LOCK_FORMS[kind].handed,
    });
  if (second && second !== spec) return [lock(1, spec), lock(1, second)];
  const both = eachHasDevice(facts, kind) || facts.kind === 'double-egress';
  return [lock(both ? 2 : 1, spec)];
}

/** A profile cylinder of the halves that the leaf asks for: half of one where nothing is worked from inside. */
function profileItems(spec: LockSpec, { profile }: ThroughLengths): Item[] {
  if (!profile || cylindersOf(spec) === 0) return [];
  const works =
    spec.insideKey.length > 0
      ? 'cylinder.keys'
      : spec.insideTurn.length > 0
        ? 'cylinder.turn'
        : 'cylinder.half';
  return [
    item('item.cylinder', 1, {
      height: profile.outer.length,
      width: profile.inner.length,
      traits: [works],
    }),
  ];
}

/** Adds the things of the stage to the set, in the order they are listed. */
export function securingItems(items: Item[], by: SecuredBy): void {
  const { facts, kind, spec, second, lengths, bolts, coordinator, secondBolt } = by;
  const form = LOCK_FORMS[kind];
  const pair = meetsInMiddle(facts.kind);
  if (kind !== 'none') items.push(...lockItems(by));
  if (kind !== 'none' && spec) {
    const specs = second ? [spec, second] : [spec];
    items.push(
      ...profileItems(spec, lengths),
      ...keyItems(specs, by.cylinder),
      ...(isExit(kind) ? exitTrimItems(specs, by.daily) : trimItems(by)),
      ...escutcheonItems(by),
    );
  }
  const pushed = kind === 'none' || kind === 'roller' || spec?.latch === 'none';
  const bothWays = swingsBothWays(facts.kind);
  if (pushed && swings(facts.kind) && (by.pushed || bothWays || facts.leafConstruction === 'glass'))
    items.push(...pushAndPull(facts, pair ? 2 : 1));
  if (by.closingRail) items.push(item('item.closingRail', 1));
  if (secondBolt) items.push(item('item.lock.deadbolt', 1, { traits: ['lock.deadbolt-single'] }));
  if (
    kind === 'sliding' ||
    ((facts.kind === 'pocket' || facts.kind === 'sliding') &&
      (kind === 'none' || kind === 'deadbolt'))
  )
    items.push(item('item.edgePull', 1));
  if (facts.kind === 'stable' && kind !== 'none') items.push(item('item.stableBolt', 1));
  if (facts.meetingEdge === 'mullion' && pair && isExit(kind)) items.push(item('item.mullion', 1));
  if (facts.meetingEdge === 'rebated' && pair && form.sits === 'pocket')
    items.push(item('item.rebateSet', 1));
  if (facts.meetingEdge === 'astragal' && pair)
    items.push(
      item('item.astragal', 1, {
        unit: 'length',
        length: by.leafHeight,
      }),
    );
  if (bolts !== undefined && bolts !== 'none') {
    if (facts.leafConstruction === 'glass') items.push(item('item.bolts.patch', 1));
    else items.push(item(boltsItem(bolts), 1, { unit: 'pair' }));
    if (bolts !== 'surface') items.push(item('item.dustStrike', 1));
  }
  if (coordinator) items.push(item('item.coordinator', 1));
  if (by.longScrew !== undefined)
    items.push(item('item.strikeScrews', secondBolt ? 4 : 2, { length: by.longScrew }));
  // A leaf that lets itself be opened by its bolts shows nothing to pull or turn on a way out.
  const byItself = bolts === 'automatic' || bolts === 'constant';
  if (
    bolts !== undefined &&
    kind !== 'none' &&
    !isExit(kind) &&
    !pushed &&
    form.sits !== 'inside-face' &&
    !(byItself && facts.egress === true)
  )
    items.push(item('item.dummyTrim', 1));
}
