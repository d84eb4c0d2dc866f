import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, message, type OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { SizingRecord } from './decisions.js';
import type { SizedLeaf } from './sizes.js';

/** How far a rebated leaf lies over the frame at each side and the head; 0 where its edges are flush. */
function overlapOf(facts: OpeningFacts, practice: Practice): Ticks {
  const rebated = facts.kind === 'single' && facts.leafEdge === 'rebated';
  return rebated ? practice.values.leafOverlap.value : 0;
}

/** What of a rebated leaf lies over its frame: how far, and how thick it is there. Ticks. */
export interface Lip {
  over: Ticks;
  deep: Ticks;
}

/** The lip of a rebated leaf so thick; undefined where its edges are flush. */
export function lipOf(facts: OpeningFacts, practice: Practice, thickness: Ticks): Lip | undefined {
  const over = overlapOf(facts, practice);
  if (over === 0) return undefined;
  return { over, deep: Math.max(over, thickness - practice.values.leafRebate.value) };
}

/** Width within the frame of a leaf whose width is recorded over all. */
export function bodyWidth(facts: OpeningFacts, practice: Practice): Ticks | undefined {
  const width = valueOrUndefined(facts.leafWidth);
  return width === undefined ? undefined : width - 2 * overlapOf(facts, practice);
}

/** Height within the frame of a leaf whose height is recorded over all: it overlaps at the head only. */
export function bodyHeight(facts: OpeningFacts, practice: Practice): Ticks | undefined {
  const height = valueOrUndefined(facts.leafHeight);
  return height === undefined ? undefined : height - overlapOf(facts, practice);
}

/** The size a rebated leaf is ordered by: over its rebates (DIN 18101). */
export function decideOverAll(
  record: SizingRecord,
  practice: Practice,
  { width, height }: SizedLeaf,
): { width: Ticks; height: Ticks } | undefined {
  const overlap = overlapOf(record.facts, practice);
  if (overlap === 0 || width === undefined || height === undefined) return undefined;
  const size = { width: width + 2 * overlap, height: height + overlap };
  record.decide('overAll', size, {
    reasons: () => [
      message('sizing.overAll', {
        overlap: { ticks: overlap },
        source: practice.values.leafOverlap.source,
      }),
    ],
    facts: ['leafEdge', 'leafWidth', 'leafHeight'],
  });
  return size;
}
