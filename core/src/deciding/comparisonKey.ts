import type { ComparisonKey } from '../checking/index.js';
import { valueOrUndefined, swings, type Param, type Value } from '../model/index.js';
import { decisionOf, type DecidedOpening } from './decided.js';

/** What of a decided opening is held against others (`acrossFindings`). */
export function comparisonKey(id: string, decided: DecidedOpening): ComparisonKey {
  const { facts, results } = decided;
  const { sizing, handing, securing, opening } = results;
  const of = (key: string) => asParam(decisionOf(decided, key)?.value);
  const { width, height } = sizing.leaves[0]!;
  const { role } = opening;
  const lockable = securing.kind !== undefined && securing.kind !== 'none';
  return {
    id,
    mark: facts.mark,
    facts: { from: facts.from, to: facts.to, kind: facts.kind },
    role,
    // Nothing is like another while its role or size is open.
    alike:
      role && width !== undefined && height !== undefined
        ? [
            role,
            facts.kind,
            width,
            height,
            valueOrUndefined(facts.rating) ?? '?',
            facts.exterior === true,
          ].join(' ')
        : id,
    shared: {
      hinges: of('hanging.hingeHeight'),
      lock: of('securing.function'),
      closer: of('closing.device'),
    },
    outside:
      lockable && securing.spec && securing.spec.outsideKey.length > 0
        ? handing.outside === 'from'
          ? facts.from
          : facts.to
        : undefined,
    beside: besideOf(decided),
  };
}

/** Opens so far where nothing says how far: a stop stands there, as is usual. Degrees. */
const USUAL = 90;

/** How an opening stands beside the one it names; undefined while anything of that is not recorded. */
function besideOf({ facts, results }: DecidedOpening): ComparisonKey['beside'] {
  const { neighbour: mark } = facts;
  const at = valueOrUndefined(facts.neighbourAt);
  const side = valueOrUndefined(facts.neighbourSide);
  const away = valueOrUndefined(facts.neighbourAway);
  const { width, thickness } = results.sizing.leaves[0]!;
  if (!mark || !at || !side || away === undefined) return undefined;
  if (width === undefined || thickness === undefined || !swings(facts.kind)) return undefined;
  const { hand, outside } = results.handing;
  const outer = outside === 'from' ? facts.from : facts.to;
  const inner = outside === 'from' ? facts.to : facts.from;
  const opens = Math.min(valueOrUndefined(facts.openTo) ?? USUAL, results.hanging.widest ?? 180);
  const into = hand && (hand.swing === 'out' ? outer : inner);
  return { mark, at, side, away, width, thickness, opens, into };
}

/** A length or a word as it stands in a sentence. */
function asParam(value: Value | undefined): Param | undefined {
  if (value?.type === 'length') return { ticks: value.ticks, rounding: value.rounding };
  return value?.type === 'term' ? { term: value.term } : undefined;
}
