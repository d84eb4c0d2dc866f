import { mm, type Ticks } from '../measure/index.js';
import { Settling, type OpeningFacts, type StageOutcome } from '../opening/index.js';
import { PRACTICES, type Practice } from '../practice/index.js';
import {
  matchPatterns,
  patternLibrary,
  type Hanging,
  type PatternMatch,
} from '../hanging/index.js';
import { hingeEdgeOf, type Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';
import { decideParts, type ExistingPart, type Verdict } from './parts.js';
import { hingePlugs, uncovered, type Plug } from './plugging.js';
import { repairsOf, type Repair } from './repairs.js';

/** What existing work comes to. */
export interface Replacement extends StageOutcome {
  verdicts: Record<ExistingPart, Verdict | undefined>;
  /** Every pattern of the library held against the frame's hinges, the best first. */
  matches: PatternMatch[];
  plugs: Plug[];
  repairs: Repair[];
}

/** Recess remainders that need no plug. */
const LEAST_PLUG: Ticks = mm(1);

/** The part of the old strike's recess that the moved strike does not cover. */
function strikePlugs(
  survey: Survey,
  sizes: Sizes,
  verdicts: Record<ExistingPart, Verdict | undefined>,
): Plug[] {
  const [lock, strike] = [survey.number('lockHeight'), survey.number('strikeHeight')];
  const long = survey.number('strikeLength');
  const head = sizes.frameHeight;
  if (verdicts.strike !== 'move' || !lock || !strike || !long || head === undefined) return [];
  const span = (middle: number): [Ticks, Ticks] => [
    Math.round(head - middle - long / 2),
    Math.round(head - middle + long / 2),
  ];
  return uncovered(span(strike), [span(lock)], LEAST_PLUG).map(([from, to]) => ({
    of: 'strike',
    index: 1,
    from,
    to,
  }));
}

/** Keep, move or renew; pattern matches; plugging; repairs. For openings that were surveyed only. */
export function decideReplacing(
  facts: OpeningFacts,
  practice: Practice,
  survey: Survey,
  sizes: Sizes,
  hanging: Hanging,
  own: readonly Practice[] = [],
): Replacement {
  const settling = new Settling(facts, 'preparing');
  const verdicts = decideParts(settling, practice, survey, sizes, hanging);
  const { existing } = hanging;
  const hung = hanging.leaves[0]!;
  const { hingeFit, hingeEase } = practice.values;
  const matches =
    existing && sizes.headGap !== undefined && hung.leaf.height !== undefined
      ? matchPatterns(
          patternLibrary([practice, ...own, ...Object.values(PRACTICES)]),
          existing,
          {
            leafHeight: hingeEdgeOf(sizes.fitting) ?? hung.leaf.height,
            headGap: sizes.headGap,
            bottom: hung.leaf.bottom ?? 0,
          },
          { fit: hingeFit.value, ease: hingeEase.value, leastGap: 0 },
        )
      : [];
  const hingePieces =
    existing && hung.positions && hung.hingeHeight !== undefined && verdicts.frame !== 'renew'
      ? hingePlugs(
          existing,
          {
            belowHead: hung.positions.map((top) => top + (sizes.headGap ?? 0)),
            height: hung.hingeHeight,
          },
          LEAST_PLUG,
        )
      : [];
  const plugs = [...hingePieces, ...strikePlugs(survey, sizes, verdicts)];
  return Object.assign(settling, {
    verdicts,
    matches,
    plugs,
    repairs: repairsOf(facts, survey),
  });
}
