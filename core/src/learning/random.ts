/** Numbers from a seed: the same seed gives the same, on every machine (mulberry32). */
export interface Seeded {
  /** From 0 up to 1. */
  next(): number;
  /** A whole number below another. */
  below(count: number): number;
  pick<T>(list: readonly T[]): T;
  /** The list in another order. */
  shuffled<T>(list: readonly T[]): T[];
}

export function seeded(seed: number): Seeded {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  const below = (count: number) => Math.floor(next() * count);
  return {
    next,
    below,
    pick: (list) => list[below(list.length)]!,
    shuffled(list) {
      const out = [...list];
      for (let at = out.length - 1; at > 0; at--) {
        const other = below(at + 1);
        [out[at], out[other]] = [out[other]!, out[at]!];
      }
      return out;
    },
  };
}
