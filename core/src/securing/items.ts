import { itemOf, known, swings, worded, type Item, type OpeningFacts } from '../opening/index.js';
import type { LeafBolts, LockKind } from './facts.js';
import { hasRods, isExit, LOCK_FORMS } from './lockForms.js';
import type { LockSpec } from '../catalogue/index.js';
import type { ThroughLengths } from './thickness.js';

/** What the items of the stage follow from. */
export interface SecuredBy {
  facts: OpeningFacts;
  kind: LockKind;
  spec: LockSpec | undefined;
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
  /** A bored dead bolt of its own, above. */
  secondBolt: boolean;
  /** Length of the long strike screws, where they are taken. */
  longScrew: number | undefined;
}

const item = (term: string, quantity: number, more?: Partial<Item>): Item =>
  itemOf('securing', term, quantity, more);

const lockItem = worded<LockKind>('item.lock.');
const functionTerm = worded('lock.');
const cylinderItem = worded('item.cylinder.');
const trimItem = worded('item.trim.');
const boltsItem = worded('item.bolts.');

/** Cylinders and keys of a function, by how the lock takes them; a bored lock brings its own cylinder. */
function keyItems(spec: LockSpec, kind: LockKind, locks: number): Item[] {
  const { cylinder } = LOCK_FORMS[kind];
  const keyed = Number(spec.outsideKey.length > 0) + Number(spec.insideKey.length > 0);
  if (keyed === 0) return [];
  const own =
    cylinder === 'mortise' || cylinder === 'rim'
      ? [item(cylinderItem(cylinder), keyed * locks)]
      : [];
  return [...own, item('item.keys', 2 * locks)];
}

/** What a hand takes hold of, of locks that come without it. */
function trimItems(facts: OpeningFacts, spec: LockSpec | undefined, kind: LockKind): Item[] {
  const { sits } = LOCK_FORMS[kind];
  const bare = sits === 'pocket' && kind !== 'roller' && kind !== 'sliding' && !isExit(kind);
  const handled = spec && (spec.outsideHandle !== 'none' || spec.insideHandle !== 'none');
  if (!bare || !handled) return [];
  const grip = known(facts.handle) ?? 'lever';
  // Where only a key opens from outside, continental and British work has a fixed knob there.
  const metric = LOCK_FORMS[kind].cylinder === 'profile' || kind === 'sash';
  const form =
    spec.outsideHandle === 'none'
      ? 'inside'
      : spec.outsideHandle === 'rigid' && metric
        ? 'fixedKnob'
        : grip;
  return [item(trimItem(form), 1, { unit: 'set' })];
}

/** Plates and pulls of leaves that nobody latches or locks. */
function pushAndPull(facts: OpeningFacts, leaves: number): Item[] {
  if (facts.leafConstruction === 'glass')
    return [item('item.glassPulls', leaves, { unit: 'pair' })];
  const both = facts.kind === 'double-acting';
  return [
    item('item.pushPlate', (both ? 2 : 1) * leaves),
    ...(both ? [] : [item('item.pullHandle', leaves)]),
  ];
}

/** Adds the things of the stage to the set, in the order they are listed. */
export function securingItems(items: Item[], by: SecuredBy): void {
  const { facts, kind, spec, lengths, bolts, coordinator, secondBolt } = by;
  const form = LOCK_FORMS[kind];
  const pair =
    facts.kind === 'pair' || facts.kind === 'unequal-pair' || facts.kind === 'double-egress';
  if (kind !== 'none') {
    // Exit devices on both leaves where each leaf has its own; else one lock an opening.
    const both = pair && isExit(kind) && (hasRods(kind) || facts.meetingEdge === 'mullion');
    items.push(
      item(lockItem(kind), both || facts.kind === 'double-egress' ? 2 : 1, {
        traits: spec
          ? [
              spec.id.startsWith('own-') ? `=${spec.name ?? spec.id}` : functionTerm(spec.id),
              ...(facts.lowFrictionLatch === true && spec.latch !== 'none'
                ? ['lock.lowFriction']
                : []),
              ...(by.grade ? [`=${by.grade}`] : []),
            ]
          : [],
        handed: form.handed,
      }),
    );
  }
  if (lengths.profile && spec && (spec.outsideKey.length > 0 || spec.insideKey.length > 0))
    items.push(
      item('item.cylinder', 1, {
        height: lengths.profile.outer.length,
        width: lengths.profile.inner.length,
        // Where nothing is worked from inside, half a cylinder is enough.
        traits: [
          spec.insideKey.length > 0
            ? 'cylinder.keys'
            : spec.insideTurn.length > 0
              ? 'cylinder.turn'
              : 'cylinder.half',
        ],
      }),
    );
  if (kind !== 'none' && spec)
    items.push(
      ...keyItems(spec, kind, pair && isExit(kind) ? 2 : 1),
      ...trimItems(facts, spec, kind),
    );
  const pushed = kind === 'none' || kind === 'roller' || spec?.latch === 'none';
  if (pushed && swings(facts.kind) && (by.pushed || facts.leafConstruction === 'glass'))
    items.push(...pushAndPull(facts, pair ? 2 : 1));
  if (secondBolt) items.push(item('item.lock.deadbolt', 1, { traits: ['lock.deadbolt-single'] }));
  if (
    kind === 'sliding' ||
    ((facts.kind === 'pocket' || facts.kind === 'sliding') && kind === 'none')
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
    items.push(item(boltsItem(bolts), 1, { unit: 'pair' }));
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
    form.sits !== 'inside-face' &&
    !(byItself && facts.egress === true)
  )
    items.push(item('item.dummyTrim', 1));
}
