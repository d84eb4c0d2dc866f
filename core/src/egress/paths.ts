import type { EgressGraph, EgressRoom } from './graph.js';

/** What stands between a room and the open. */
export interface EgressPaths {
  /** Cost of the shortest way out of each room, doors and rooms passed; Infinity where there is none. */
  distance: readonly number[];
  /** Whether a room leaves by another without coming through itself: `leaves(a, b)` for a door from a to b. */
  leaves: (room: number, by: number) => boolean;
}

/** A door counts one; a room of somebody’s own is passed where the way round is three doors longer. */
const PASSING = { free: 0, room: 3, last: 30 } as const;

/** What it costs to come into a room on the way out. */
export const costOf = ({ safe, passage }: EgressRoom): number => 1 + (safe ? 0 : PASSING[passage]);

/**
 * Shortest ways from every room to the open, by the least doors; and which rooms stand in the way of which:
 * a room that every way out of another leads through dominates it, in the graph that is walked from the open
 * inwards (Cooper, Harvey, Kennedy, “A simple, fast dominance algorithm”).
 */
export function egressPaths({ rooms, doors, at }: EgressGraph): EgressPaths {
  const distance = rooms.map(({ safe }) => (safe ? 0 : Infinity));
  const done = rooms.map(() => false);
  const queue = new Heap();
  rooms.forEach(({ safe }, room) => {
    if (safe) queue.push(0, room);
  });
  for (let next = queue.pop(); next !== undefined; next = queue.pop()) {
    const room = next;
    if (done[room]) continue;
    done[room] = true;
    for (const door of at[room]!) {
      const { one, two, forth, back } = doors[door]!;
      const from = one === room ? two : one;
      // Whoever comes from there passes the door towards this room.
      if (!(from === one ? forth : back) || done[from]) continue;
      const cost = distance[room]! + costOf(rooms[room]!);
      if (cost < distance[from]!) {
        distance[from] = cost;
        queue.push(cost, from);
      }
    }
  }
  const dominates = dominators(rooms.length, at, doors, (room) => rooms[room]!.safe);
  return {
    distance,
    leaves: (room, by) => distance[by]! < Infinity && room !== by && !dominates(room, by),
  };
}

/** Whether one room stands in every way from the open to another. */
function dominators(
  count: number,
  at: EgressGraph['at'],
  doors: EgressGraph['doors'],
  safe: (room: number) => boolean,
): (room: number, other: number) => boolean {
  const root = count;
  const order: number[] = [];
  const number = new Int32Array(count + 1).fill(-1);
  const inward = (room: number): number[] =>
    at[room]!.flatMap((door) => {
      const { one, two, forth, back } = doors[door]!;
      const from = one === room ? two : one;
      return !safe(from) && (from === one ? forth : back) ? [from] : [];
    });
  const outer = Array.from({ length: count }, (_, room) => room).filter(safe);
  // Depth first from the open, by a stack of its own: a long corridor of rooms is no deep recursion.
  const seen = new Uint8Array(count + 1);
  const stack: { room: number; next: number[] }[] = [{ room: root, next: outer }];
  seen[root] = 1;
  while (stack.length > 0) {
    const top = stack[stack.length - 1]!;
    const next = top.next.pop();
    if (next === undefined) {
      number[top.room] = order.length;
      order.push(top.room);
      stack.pop();
    } else if (!seen[next]) {
      seen[next] = 1;
      stack.push({ room: next, next: inward(next) });
    }
  }
  const immediate = new Int32Array(count + 1).fill(-1);
  immediate[root] = root;
  const meet = (a: number, b: number): number => {
    let [one, two] = [a, b];
    while (one !== two) {
      while (number[one]! < number[two]!) one = immediate[one]!;
      while (number[two]! < number[one]!) two = immediate[two]!;
    }
    return one;
  };
  for (let changed = true; changed;) {
    changed = false;
    for (let place = order.length - 2; place >= 0; place--) {
      const room = order[place]!;
      let best = safe(room) ? root : -1;
      if (!safe(room))
        for (const door of at[room]!) {
          const { one, two, forth, back } = doors[door]!;
          const by = one === room ? two : one;
          if (!(room === one ? forth : back) || immediate[by]! < 0) continue;
          best = best < 0 ? by : meet(best, by);
        }
      if (best >= 0 && immediate[room] !== best) {
        immediate[room] = best;
        changed = true;
      }
    }
  }
  return (room, other) => {
    for (let up = other; up !== root && up >= 0; up = immediate[up]!) if (up === room) return true;
    return false;
  };
}

/** A binary heap of rooms by cost. */
class Heap {
  private readonly costs: number[] = [];
  private readonly rooms: number[] = [];

  push(cost: number, room: number): void {
    const { costs, rooms } = this;
    let at = costs.length;
    costs.push(cost);
    rooms.push(room);
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (costs[up]! <= cost) break;
      this.swap(at, up);
      at = up;
    }
  }

  pop(): number | undefined {
    const { costs, rooms } = this;
    const first = rooms[0];
    const lastCost = costs.pop();
    const last = rooms.pop();
    if (costs.length === 0) return first;
    [costs[0], rooms[0]] = [lastCost!, last!];
    for (let at = 0; ;) {
      const left = 2 * at + 1;
      if (left >= costs.length) break;
      const right = left + 1;
      const least = right < costs.length && costs[right]! < costs[left]! ? right : left;
      if (costs[least]! >= costs[at]!) break;
      this.swap(at, least);
      at = least;
    }
    return first;
  }

  private swap(a: number, b: number): void {
    const { costs, rooms } = this;
    [costs[a], costs[b]] = [costs[b]!, costs[a]!];
    [rooms[a], rooms[b]] = [rooms[b]!, rooms[a]!];
  }
}
