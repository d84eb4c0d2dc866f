import type { StageInput } from '../stageContract/index.js';
import { type Ticks } from '../measure/index.js';
import type { ReplacingRecord } from './decisions.js';
import { type ExistingPart, type Verdict } from './decisions.js';
import type { Practice } from '../practice/index.js';
import { matchPatterns, patternLibrary, type PatternMatch } from '../hanging/index.js';
import { hingeEdgeOf, type Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';
import { decideParts } from './parts.js';
import { hingePlugs, exposedSpans, type Plug } from './plugging.js';
import { repairsOf, type Repair } from './repairs.js';

/** What existing work comes to. */
export interface Replacement {
  verdicts: Record<ExistingPart, Verdict | undefined>;
  /** Every pattern of the library held against the frame's hinges: the project's own, then others, the nearest first. */
  matches: LibraryMatch[];
  plugs: Plug[];
  repairs: Repair[];
}

/** The part of the old strike's recess that the moved strike does not cover. */
function strikePlugs(
  practice: Practice,
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
  return exposedSpans(span(strike), [span(lock)], practice.values.plugLeast.value).map(
    ([from, to]) => ({
      of: 'strike',
      index: 1,
      from,
      to,
    }),
  );
}

/** A pattern of the library held against a frame's hinges, and whether it is one of the project's own. */
interface LibraryMatch extends PatternMatch {
  own: boolean;
}

/** The project's own patterns before those of others, which are a second opinion; the nearest first of each. */
function ownFirst(
  practices: readonly Practice[],
  matches: readonly PatternMatch[],
): LibraryMatch[] {
  const names = new Set(practices.map(({ name }) => name));
  return matches
    .map((match) => ({ ...match, own: names.has(match.practice) }))
    .sort((a, b) => Number(b.own) - Number(a.own));
}

/** Keep, move or renew; pattern matches; plugging; repairs. For openings that were surveyed only. */
export function decideReplacing(
  { facts, practice, project, survey, results }: StageInput<'sizing' | 'hanging'>,
  record: ReplacingRecord,
): Replacement | undefined {
  if (survey.empty) return undefined;
  const { sizing: sizes, hanging } = results;
  const verdicts = decideParts(record, practice, survey, sizes, hanging);
  const { existing } = hanging;
  const hung = hanging.leaves[0]!;
  const { hingeFit, hingeEase } = practice.values;
  const matches =
    existing && sizes.headGap !== undefined && hung.leaf.height !== undefined
      ? ownFirst(
          [practice, ...project.practices.values()],
          matchPatterns(
            patternLibrary([practice, ...project.practices.values(), ...project.shipped]),
            existing,
            {
              leafHeight: hingeEdgeOf(sizes.fitting) ?? hung.leaf.height,
              headGap: sizes.headGap,
              bottom: hung.leaf.bottom ?? 0,
            },
            { fit: hingeFit.value, ease: hingeEase.value, leastGap: 0 },
          ),
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
          practice.values.plugLeast.value,
        )
      : [];
  const plugs = [...hingePieces, ...strikePlugs(practice, survey, sizes, verdicts)];
  return {
    verdicts,
    matches,
    plugs,
    repairs: repairsOf(facts, survey),
  };
}
