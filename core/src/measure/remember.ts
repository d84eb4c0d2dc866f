type Plain = string | number | boolean | undefined;

/** More results than this are not kept for one thing. */
const MAX_KEPT = 4000;

/**
 * A function that works each case out once for every thing it is asked about. The key is made of its
 * arguments, all of them: what is not handed in cannot be depended on. In one place arguments are always of
 * one type.
 */
export function remembered<Of extends object, Args extends Plain[], Result>(
  work: (of: Of, ...args: Args) => Result,
): (of: Of, ...args: Args) => Result {
  const kept = new WeakMap<Of, Map<string, Result>>();
  return (of, ...args) => {
    let results = kept.get(of);
    if (!results) kept.set(of, (results = new Map<string, Result>()));
    const key = args.join('|');
    if (results.has(key)) return results.get(key)!;
    if (results.size >= MAX_KEPT) results.clear();
    const result = work(of, ...args);
    results.set(key, result);
    return result;
  };
}
