import type { ReadingGroup, ReadingKind, Tape } from './names.js';

/** How high an opening is against its width, for distances on it. */
const TALL = 2.2;

const apart = (a: { u: number; v: number }, b: { u: number; v: number }): number =>
  Math.hypot(a.u - b.u, (a.v - b.v) * TALL);

/** How far the two hands move from one reading to the next, whichever way the tape is turned. */
export function travel(from: Tape, to: Tape): number {
  return Math.min(
    apart(from.a, to.a) + apart(from.b, to.b),
    apart(from.a, to.b) + apart(from.b, to.a),
  );
}

/** What the hands move over a whole list of readings. */
export function travelOf(kinds: readonly ReadingKind[]): number {
  return kinds.reduce(
    (sum, kind, index) => (index === 0 ? 0 : sum + travel(kinds[index - 1]!.tape, kind.tape)),
    0,
  );
}

/**
 * The order that moves the tape little: nearest next, then no stretch is left that would be shorter
 * the other way round (2-opt). The first reading stays first, so that what is done is not walked again.
 */
export function routeOf(kinds: readonly ReadingKind[]): ReadingKind[] {
  if (kinds.length < 3) return [...kinds];
  const left = kinds.slice(1);
  const route = [kinds[0]!];
  while (left.length > 0) {
    const here = route[route.length - 1]!;
    let best = 0;
    for (let index = 1; index < left.length; index++) {
      if (travel(here.tape, left[index]!.tape) < travel(here.tape, left[best]!.tape) - 1e-9)
        best = index;
    }
    route.push(...left.splice(best, 1));
  }
  return improved(route);
}

function improved(route: ReadingKind[]): ReadingKind[] {
  const leg = (from: ReadingKind | undefined, to: ReadingKind | undefined) =>
    from && to ? travel(from.tape, to.tape) : 0;
  let better = true;
  while (better) {
    better = false;
    for (let first = 1; first < route.length - 1; first++) {
      for (let last = first + 1; last < route.length; last++) {
        const before = leg(route[first - 1], route[first]) + leg(route[last], route[last + 1]);
        const after = leg(route[first - 1], route[last]) + leg(route[first], route[last + 1]);
        if (after < before - 1e-9) {
          route.splice(first, last - first + 1, ...route.slice(first, last + 1).reverse());
          better = true;
        }
      }
    }
  }
  return route;
}

const GROUPS: readonly ReadingGroup[] = [
  'frame',
  'floor',
  'lock',
  'leaf',
  'hangs',
  'hinges',
  'holes',
  'state',
];
/** Where the old leaf is copied it is read first, hanging, then off its hinges; the frame is the second opinion. */
const COPYING: readonly ReadingGroup[] = [
  'hangs',
  'leaf',
  'hinges',
  'lock',
  'holes',
  'floor',
  'state',
  'frame',
];

/**
 * The readings of a survey in the order to take them: what belongs together stays together (frame,
 * floor, lock side, leaf, hinges, condition), and within each the tape moves little. How hinges are
 * counted and from where they are measured comes before their positions. A leaf that is copied is read
 * before the frame.
 */
export function surveyOrder(kinds: readonly ReadingKind[]): ReadingKind[] {
  const first = [
    'hangs',
    'hingeCount',
    'hingeDatum',
    'hingePoint',
    ...['viewer', 'plate', 'vent', 'closer'].map((hole) => `${hole}FromTop`),
  ];
  const groups = kinds.some(({ copying }) => copying) ? COPYING : GROUPS;
  return groups.flatMap((group) => {
    const own = kinds.filter((kind) => kind.group === group);
    const lead = own.filter((kind) => first.includes(kind.name));
    const rest = own.filter((kind) => !first.includes(kind.name));
    return [...lead, ...routeOf(rest)];
  });
}

/** The reading to take next: the first in order that was neither taken nor skipped. */
export function nextReading(
  order: readonly ReadingKind[],
  held: ReadonlyMap<string, unknown>,
): ReadingKind | undefined {
  return order.find((kind) => !held.has(kind.name));
}
