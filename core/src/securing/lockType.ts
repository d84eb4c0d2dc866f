import {
  known,
  meetsInMiddle,
  said,
  slides,
  type Alternative,
  type OpeningFacts,
  type Said,
} from '../opening/index.js';
import type { LockKind, LockUse } from './facts.js';
import type { Practice } from '../practice/index.js';
import { LOCK_FORMS, isExit } from './lockForms.js';
import { wantsExitDevice } from './uses.js';

/** What the kind of lock follows from, beside the facts. */
export interface LockPlace {
  facts: OpeningFacts;
  practice: Practice;
  thickness: number | undefined;
  /** Width of what is solid at the lock edge, where it is limited. */
  stile: number | undefined;
  use: LockUse;
}

const SWINGING: readonly LockKind[] = [
  'none',
  'cylindrical',
  'tubular',
  'mortise',
  'profile',
  'sash',
  'deadbolt',
  'rim-lock',
  'night-latch',
  'narrow-stile',
  'rim-exit',
  'mortise-exit',
  'roller',
  'gate',
];
const PAIRED: readonly LockKind[] = [...SWINGING, 'rods-surface', 'rods-concealed'];
const SLIDING: readonly LockKind[] = ['none', 'sliding'];
const BOTH_WAYS: readonly LockKind[] = ['none', 'deadbolt', 'narrow-stile'];
const GLASS: readonly LockKind[] = ['none'];

/** The kinds of lock that an opening of a kind takes. */
export function lockKindsFor(facts: OpeningFacts): readonly LockKind[] {
  if (facts.leafConstruction === 'glass') return GLASS;
  if (slides(facts.kind)) return SLIDING;
  if (facts.kind === 'double-acting') return BOTH_WAYS;
  return PAIRED;
}

/** The backset a kind would take, for holding it against the stile: the practice's least that is made. */
export function leastBackset(kind: LockKind, practice: Practice): number {
  const { narrowBacksets, backsets, backset } = practice.values;
  return kind === 'narrow-stile'
    ? Math.min(...narrowBacksets.value)
    : Math.min(backset.value, ...backsets.value);
}

/** How far a pocket reaches into the leaf from its edge. */
export function caseDepth(kind: LockKind, backset: number, practice: Practice): number | undefined {
  const { body } = LOCK_FORMS[kind];
  if (!body || LOCK_FORMS[kind].sits !== 'pocket') return undefined;
  const usual =
    kind === 'narrow-stile'
      ? Math.max(...practice.values.narrowBacksets.value.slice(0, 3))
      : practice.values.backset.value;
  const { across } = practice.values.bodies.value[body];
  // Hooks and rollers do not grow with the backset of a handle.
  return kind === 'sliding' || kind === 'roller' ? across : across + (backset - usual);
}

/** How far a kind reaches over or into the leaf from its edge, at its least backset; undefined for none. */
function reachFromEdge(kind: LockKind, practice: Practice): number | undefined {
  const { sits, body } = LOCK_FORMS[kind];
  const bodies = practice.values.bodies.value;
  switch (sits) {
    case 'pocket':
      return caseDepth(kind, leastBackset(kind, practice), practice);
    case 'bore':
      return leastBackset(kind, practice) + bodies.lockBore.across / 2;
    case 'notch':
    case 'inside-face':
      return bodies[body!].across;
    default:
      return undefined;
  }
}

/** What speaks against a kind of lock at a place; undefined where nothing does. */
export function againstKind(kind: LockKind, place: LockPlace): Said | undefined {
  const { facts, practice, thickness, stile, use } = place;
  const form = LOCK_FORMS[kind];
  const { values } = practice;
  const rated = (known(facts.rating) ?? 0) > 0;
  const construction = known(facts.leafConstruction);
  if (kind === 'none')
    return use === 'passage' && !rated ? undefined : said('securing.against.none');
  if (wantsExitDevice(facts, practice) && !isExit(kind)) return said('securing.against.notExit');
  if (isExit(kind) && facts.egress === false) return said('securing.against.noWayOut');
  if (kind === 'roller' && (rated || use !== 'passage')) return said('securing.against.roller');
  if (kind === 'gate' && facts.exterior !== true) return said('securing.against.gate');
  if (kind === 'narrow-stile' && construction !== 'aluminium-narrow')
    return said('securing.against.narrow');
  if ((kind === 'night-latch' || kind === 'deadbolt') && use !== 'entrance')
    return said('securing.against.alone');
  if (rated && (kind === 'rim-lock' || kind === 'night-latch' || kind === 'deadbolt'))
    return said('securing.against.rated');
  if (thickness !== undefined && form.sits === 'pocket' && form.body) {
    const through = values.bodies.value[form.body].through;
    const needed = through + 2 * values.caseSkin.value;
    if (isTimber(facts) && needed > thickness)
      return said('securing.against.thin', {
        case: { ticks: through },
        needed: { ticks: needed, rounding: 'up' },
        leaf: { ticks: thickness },
      });
  }
  if (thickness !== undefined && form.sits === 'bore') {
    const { from } = values.boredLeaf.value;
    if (thickness < from)
      return said('securing.against.boredThin', {
        least: { ticks: from },
        leaf: { ticks: thickness },
      });
  }
  const depth = reachFromEdge(kind, practice);
  if (stile !== undefined && depth !== undefined) {
    const needed = depth + (kind === 'narrow-stile' ? 0 : values.caseMargin.value);
    if (needed > stile)
      return said('securing.against.stile', {
        needed: { ticks: needed, rounding: 'up' },
        stile: { ticks: stile },
      });
  }
  return undefined;
}

/** Whether the leaf is of wood, so that a pocket needs material on both sides of it. */
export function isTimber(facts: OpeningFacts): boolean {
  return known(facts.leafConstruction)?.startsWith('timber') ?? false;
}

/** The kind of lock for a place, with why: the usual one, unless leaf, stile or use ask for another. */
export function proposeKind(place: LockPlace): { kind: LockKind; why: Said } {
  const { facts, practice, use } = place;
  const { values } = practice;
  const construction = known(facts.leafConstruction);
  if (construction === 'glass') return { kind: 'none', why: said('securing.kind.glass') };
  if (slides(facts.kind))
    return use === 'passage'
      ? { kind: 'none', why: said('securing.kind.slidesFree') }
      : { kind: 'sliding', why: said('securing.kind.slides') };
  if (facts.kind === 'double-acting')
    return use === 'passage'
      ? { kind: 'none', why: said('securing.kind.swingsFree') }
      : { kind: 'deadbolt', why: said('securing.kind.swings') };
  if (use === 'exit') {
    if (meetsInMiddle(facts.kind) && facts.meetingEdge !== 'mullion') {
      return facts.nothingVisible === true
        ? { kind: 'rods-concealed', why: said('securing.kind.rodsConcealed') }
        : { kind: 'rods-surface', why: said('securing.kind.rods') };
    }
    return { kind: 'rim-exit', why: said('securing.kind.exit') };
  }
  if (construction === 'aluminium-narrow')
    return { kind: 'narrow-stile', why: said('securing.kind.narrow') };
  const high =
    facts.frequency === 'high' || (known(facts.passagesPerDay) ?? 0) >= values.highUse.value;
  let kind = (high ? values.lockHighUse : values.lockUsual).value as LockKind;
  let why = said(high ? 'securing.kind.highUse' : 'securing.kind.usual');
  const bolt = known(facts.deadBolt) ?? (use === 'entrance' || use === 'dormitory');
  if (bolt && LOCK_FORMS[kind].sits === 'bore') {
    kind = 'mortise';
    why = said('securing.kind.oneMotion');
  }
  const against = againstKind(kind, place);
  if (!against) return { kind, why };
  for (const other of ['sash', 'tubular', 'cylindrical', 'rim-lock'] as const)
    if (other !== kind && !againstKind(other, place)) return { kind: other, why: against };
  return { kind, why };
}

/** Every kind for the opening with what speaks against it. */
export function kindAlternatives(place: LockPlace): Alternative[] {
  return lockKindsFor(place.facts).map((value) => {
    const against = againstKind(value, place);
    return against ? { value, against } : { value };
  });
}
