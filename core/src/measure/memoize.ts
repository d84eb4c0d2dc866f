type Plain = string | number | boolean | undefined;

/** More results than this are not kept for one thing: as many as a large project has rooms. */
const MAX_KEPT = 20_000;

/** What is kept for one thing: a map for every argument but the last, which holds the results. */
interface Kept {
  results: Map<Plain, unknown>;
  count: number;
}

/**
 * A function that works each case out once for every thing it is asked about. The key is its arguments,
 * all of them: what is not handed in cannot be depended on. `work` takes none of them by default.
 */
export function memoize<Of extends object, Args extends Plain[], Result>(
  work: (of: Of, ...args: Args) => Result,
): (of: Of, ...args: Args) => Result {
  const byThing = new WeakMap<Of, Kept>();
  const keptFor = (of: Of): Kept => {
    const kept = { results: new Map<Plain, unknown>(), count: 0 };
    byThing.set(of, kept);
    return kept;
  };
  if (work.length <= 2) {
    // One argument at most is looked up as it is: it is asked for with every opening, often.
    const one = work as unknown as (of: Of, arg?: Plain) => Result;
    return ((of: Of, arg?: Plain): Result => {
      const kept = byThing.get(of) ?? keptFor(of);
      const found = kept.results.get(arg) as Result | undefined;
      if (found !== undefined || kept.results.has(arg)) return found as Result;
      return keep(kept, kept.results, arg, one(of, arg));
    }) as unknown as (of: Of, ...args: Args) => Result;
  }
  return (of, ...args) => {
    const kept = byThing.get(of) ?? keptFor(of);
    let level = kept.results;
    const last = args.length - 1;
    for (let at = 0; at < last; at++) {
      let deeper = level.get(args[at]) as Map<Plain, unknown> | undefined;
      if (!deeper) level.set(args[at], (deeper = new Map()));
      level = deeper;
    }
    const found = level.get(args[last]) as Result | undefined;
    if (found !== undefined || level.has(args[last])) return found as Result;
    return keep(kept, level, args[last], work(of, ...args));
  };
}

function keep<Result>(kept: Kept, level: Map<Plain, unknown>, arg: Plain, result: Result): Result {
  if (kept.count >= MAX_KEPT) {
    // What was kept is let go whole; this one is worked out again when it is asked for next.
    kept.results = new Map();
    kept.count = 0;
    return result;
  }
  level.set(arg, result);
  kept.count += 1;
  return result;
}
