import type { Ticks } from '../measure/index.js';
import type { LeafId, Solid } from '../model/index.js';

/** The extents of a box, in leaf coordinates. */
export interface Box {
  x: [Ticks, Ticks];
  y: [Ticks, Ticks];
  z: [Ticks, Ticks];
}

/**
 * How two solids, or a solid and the leaf, are in each other's way: both let in at one place
 * (`overlap`), too little material between two recesses (`thin`), one surface thing under another
 * (`under`), something let into or fixed on glass or a panel (`void`), a tenon cut (`joint`), too
 * little left towards a face or an edge (`skin`), or reaching out of the leaf (`beyond`).
 */
export type ClashKind = 'overlap' | 'thin' | 'under' | 'void' | 'joint' | 'skin' | 'beyond';

/** One clash. `b` is absent where the leaf itself is too small. */
export interface Clash {
  kind: ClashKind;
  leaf: LeafId;
  on: Solid['on'];
  a: Solid;
  b?: Solid | undefined;
  /** Where: what both take, or what stands between them. */
  box: Box;
  /** How much: the least overlap, the material left, or what reaches out. */
  by: Ticks;
  /** Material wanted, where too little is left. */
  wanted?: Ticks | undefined;
}

/** What goes right through a panel and is clamped from both its faces. */
const THROUGH: ReadonlySet<string> = new Set(['solid.viewer', 'solid.letterPlate', 'solid.vent']);

/** How far two intervals overlap; negative is the distance between them. */
function overlap(a: readonly [number, number], b: readonly [number, number]): number {
  return Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
}

/** What two boxes have in common along an axis, or the gap between them. */
function between(a: readonly [number, number], b: readonly [number, number]): [number, number] {
  const from = Math.max(a[0], b[0]);
  const to = Math.min(a[1], b[1]);
  return from <= to ? [from, to] : [to, from];
}

function surface(solid: Solid): boolean {
  return solid.how === 'on-pull' || solid.how === 'on-push';
}

/**
 * The clash of two solids of one leaf, if they are in each other's way. Solids of one owner are made
 * for each other; what is a part of the leaf does not clash with another part of it.
 */
export function clashOf(first: Solid, second: Solid): Clash | undefined {
  if (first.leaf !== second.leaf || first.on !== second.on || first.owner === second.owner)
    return undefined;
  // The part of the leaf, if there is one, is the second.
  const [a, b] = part(first) ? [second, first] : [first, second];
  if (part(a)) return undefined;
  const y = overlap(a.y, b.y);
  const x = overlap(a.x, b.x);
  const z = overlap(a.z, b.z);
  if (b.how === 'void') {
    // What passes over glass without touching it, like the bar of an exit device, is not on it.
    if (x <= 0 || y <= 0 || z < 0) return undefined;
    if (b.thing === 'solid.panel' && THROUGH.has(a.thing)) return undefined;
    return clashing('void', a, b, Math.min(x, y));
  }
  if (b.how === 'joint') {
    return a.how === 'in' && x > 0 && y > 0 && z > 0
      ? clashing('joint', a, b, Math.min(x, y, z))
      : undefined;
  }
  if (surface(a) && surface(b)) {
    return a.how === b.how && x > 0 && y > 0 ? clashing('under', a, b, Math.min(x, y)) : undefined;
  }
  if (a.how !== 'in' || b.how !== 'in') return undefined;
  if (x > 0 && y > 0 && z > 0) return clashing('overlap', a, b, Math.min(x, y, z));
  const keep = Math.max(a.keep, b.keep);
  // Beside each other in one direction only: material is wanted between them.
  const apart = Number(x <= 0) + Number(y <= 0) + Number(z <= 0);
  const left = -Math.min(x, y, z);
  return apart === 1 && left < keep ? clashing('thin', a, b, left, keep) : undefined;
}

function clashing(kind: ClashKind, a: Solid, b: Solid, by: Ticks, wanted?: Ticks): Clash {
  const box = { x: between(a.x, b.x), y: between(a.y, b.y), z: between(a.z, b.z) };
  return { kind, leaf: a.leaf, on: a.on, a, b, box, by, wanted };
}

function part(solid: Solid): boolean {
  return solid.how === 'void' || solid.how === 'joint';
}

/** A solid with the span up the leaf that it takes and wants kept. */
interface Span {
  solid: Solid;
  index: number;
  from: Ticks;
  to: Ticks;
}

/** Few enough that putting each in its place beats a sort that asks a function for every two. */
const FEW = 40;

/** The spans of solids, the lowest first, those that begin alike in the order they were put in. */
function upTheLeaf(solids: readonly Solid[]): Span[] {
  const order: Span[] = [];
  for (let index = 0; index < solids.length; index++) {
    const solid = solids[index]!;
    const span = { solid, index, from: solid.y[0] - solid.keep, to: solid.y[1] + solid.keep };
    order.push(span);
    if (solids.length > FEW) continue;
    let at = index;
    for (; at > 0 && order[at - 1]!.from > span.from; at--) order[at] = order[at - 1]!;
    order[at] = span;
  }
  return solids.length > FEW ? order.sort((a, b) => a.from - b.from || a.index - b.index) : order;
}

/**
 * All clashes among solids: a sweep up the leaf over their spans, widened by the material they want
 * around them, so that only what stands at one height is compared.
 */
export function clashesAmong(solids: readonly Solid[]): Clash[] {
  const order = upTheLeaf(solids);
  let found: { clash: Clash; at: number }[] | undefined;
  // Those that end below the one looked at are passed for good; the others move up in place.
  const active: Span[] = [];
  let count = 0;
  for (const entry of order) {
    let kept = 0;
    for (let at = 0; at < count; at++) {
      const other = active[at]!;
      if (other.to <= entry.from) continue;
      active[kept++] = other;
      const before = other.index < entry.index;
      const first = before ? other : entry;
      const second = before ? entry : other;
      const clash = clashOf(first.solid, second.solid);
      if (clash) (found ??= []).push({ clash, at: first.index * solids.length + second.index });
    }
    active[kept] = entry;
    count = kept + 1;
  }
  if (!found) return [];
  return found.sort((a, b) => a.at - b.at).map(({ clash }) => clash);
}

/** How far an interval reaches out of a length that starts at 0; negative when it is within. */
function beyond(interval: readonly [number, number], length: number): number {
  return Math.max(-interval[0], interval[1] - length);
}

/**
 * Recesses that reach out of their leaf, or leave too little material towards a face. An edge that a
 * recess opens to, and a bore that goes through both faces, are meant so.
 *
 * @param skin material wanted behind a recess
 */
export function clashesWithLeaf(
  solids: readonly Solid[],
  leaf: { id: LeafId; width: Ticks; height: Ticks; thickness: Ticks },
  skin: Ticks,
): Clash[] {
  const found: Clash[] = [];
  for (const a of solids) {
    if (a.leaf !== leaf.id || a.on !== 'leaf' || a.how !== 'in') continue;
    const out = Math.max(
      beyond(a.x, leaf.width),
      beyond(a.y, leaf.height),
      beyond(a.z, leaf.thickness),
    );
    if (out > 0) {
      found.push(withLeaf('beyond', a, out));
      continue;
    }
    // Open to a face on purpose: only the other face needs its skin; open to both: a through bore.
    const pull = a.z[0] > 0 ? a.z[0] : Infinity;
    const push = leaf.thickness > a.z[1] ? leaf.thickness - a.z[1] : Infinity;
    const least = Math.min(pull, push);
    if (least < skin) found.push(withLeaf('skin', a, least, skin));
  }
  return found;
}

function withLeaf(kind: ClashKind, a: Solid, by: Ticks, wanted?: Ticks): Clash {
  const box = { x: a.x, y: a.y, z: a.z };
  return { kind, leaf: a.leaf, on: a.on, a, b: undefined, box, by, wanted };
}
