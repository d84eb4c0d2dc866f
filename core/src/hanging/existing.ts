import type { LeafId } from '../model/index.js';
import type { Ticks } from '../measure/index.js';
import { message } from '../model/index.js';
import type { HangingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import { hingeEdgeOf, type SizedLeaf, type Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';
import type { Placed } from './placing.js';
import { matchPatterns, onLeaf, surveyedHinges, type SurveyedHinges } from './matching.js';

/** The choice that keeps to the surveyed positions. */
export const CUT_TO_SURVEY = 'survey';

/** The frame's own hinges where they were surveyed; with a finding where the old head gap is guessed. */
export function existingHinges(
  record: HangingRecord,
  practice: Practice,
  survey: Survey,
  sizes: Sizes,
): SurveyedHinges | undefined {
  if (survey.hinges === undefined) return undefined;
  const read = survey.number('headGapNow');
  const fromLeaf = survey.text('hingeDatum') !== 'frame-head';
  // A head that is copied as it hangs keeps its gap: the hinge line goes from leaf to leaf.
  const copied = sizes.fitting?.copied !== undefined;
  const usual =
    copied && sizes.headGap !== undefined ? sizes.headGap : practice.values.gapsTimber.value.head;
  const hinges = surveyedHinges(survey, read ?? usual);
  if (hinges && fromLeaf && read === undefined && !copied) {
    record.report('check', 'hanging.oldHeadGap', { gap: { ticks: usual } }, 'survey', ['readings']);
  }
  return hinges;
}

/** Height and number of hinges that the frame's recesses call for. */
export function decideExisting(
  record: HangingRecord,
  leaf: LeafId,
  existing: SurveyedHinges,
  usualHeight: Ticks | undefined,
): Ticks {
  return record.propose('hingeHeight', existing.height, {
    leaf,
    reasons: () => [message('hanging.height.surveyed', { height: { ticks: existing.height } })],
    alternatives: () => [
      { value: existing.height },
      ...(usualHeight !== undefined && usualHeight !== existing.height
        ? [
            {
              value: usualHeight,
              against: message('hanging.against.recess', { height: { ticks: existing.height } }),
            },
          ]
        : []),
    ],
    facts: ['readings'],
  });
}

/**
 * Where the hinges stand on a leaf for an existing frame: where the survey found them, unless a person
 * chooses a pattern, each of which tells by how much it misses. A chart is never applied unasked.
 */
export function placeOnExisting(
  record: HangingRecord,
  practice: Practice,
  sizes: Sizes,
  leaf: SizedLeaf,
  existing: SurveyedHinges,
): Placed {
  const { patterns, hingeFit, hingeEase } = practice.values;
  const headGap = sizes.headGap!;
  const frame = {
    leafHeight: hingeEdgeOf(sizes.fitting) ?? leaf.height!,
    headGap,
    bottom: leaf.bottom ?? 0,
  };
  const matches = matchPatterns(
    patterns.value.map((pattern) => ({ pattern, practice: practice.name })),
    existing,
    frame,
    { fit: hingeFit.value, ease: hingeEase.value, leastGap: 0 },
  );
  const chosen = record.propose('pattern', CUT_TO_SURVEY, {
    leaf: leaf.id,
    reasons: () => [
      matches[0] && matches[0].fit !== 'misfit'
        ? message('hanging.pattern.surveyFits', { pattern: { term: `pattern.${matches[0].id}` } })
        : message('hanging.pattern.survey'),
    ],
    alternatives: () => [
      { value: CUT_TO_SURVEY },
      ...matches.map((match) => {
        const worst = Math.max(...match.residuals.map(Math.abs));
        return match.fit === 'fits'
          ? { value: match.id }
          : {
              value: match.id,
              against: message('hanging.against.misses', {
                worst: { ticks: Math.round(worst), fine: true },
              }),
            };
      }),
    ],
    facts: ['readings'],
  });
  const match = matches.find((one) => one.id === chosen);
  const positions = match?.positions ?? onLeaf(existing, headGap);
  record.decide('positions', positions, {
    basis: match ? 'derived' : 'measured',
    leaf: leaf.id,
    reasons: () => [
      match
        ? message('hanging.positions.chosenPattern', { pattern: { term: `pattern.${match.id}` } })
        : message('hanging.positions.survey', { head: { ticks: headGap } }),
    ],
    facts: ['readings', 'hanging.pattern'],
  });
  if (match && match.fit === 'misfit') {
    record.report(
      'stop',
      'hanging.patternMisses',
      {
        pattern: { term: `pattern.${match.id}` },
        worst: { ticks: Math.round(Math.max(...match.residuals.map(Math.abs))), fine: true },
        ease: { ticks: hingeEase.value, fine: true },
      },
      hingeEase.source,
      ['hanging.pattern'],
    );
  }
  return { positions, pattern: undefined, patternId: chosen };
}
