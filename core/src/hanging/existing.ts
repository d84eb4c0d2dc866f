import type { Ticks } from '../measure/index.js';
import { length, said, term, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { hingeEdgeOf, type Sizes } from '../sizing/index.js';
import type { Survey } from '../survey/index.js';
import type { HungLeaf } from './hung.js';
import { matchPatterns, onLeaf, surveyedHinges, type SurveyedHinges } from './matching.js';

/** The choice that keeps to the surveyed positions. */
export const CUT_TO_SURVEY = 'survey';

/** The frame's own hinges where they were surveyed; with a finding where the old head gap is guessed. */
export function existingHinges(
  settling: Settling,
  practice: Practice,
  survey: Survey,
): SurveyedHinges | undefined {
  if (survey.hinges === undefined) return undefined;
  const read = survey.number('headGapNow');
  const fromLeaf = survey.text('hingeDatum') !== 'frame-head';
  const usual = practice.values.gapsTimber.value.head;
  const hinges = surveyedHinges(survey, read ?? usual);
  if (hinges && fromLeaf && read === undefined) {
    settling.find('check', 'hanging.oldHeadGap', { gap: { ticks: usual } }, 'survey', ['readings']);
  }
  return hinges;
}

/** Height and number of hinges that the frame's recesses call for. */
export function decideExisting(
  settling: Settling,
  hung: HungLeaf,
  existing: SurveyedHinges,
  usualHeight: Ticks | undefined,
): void {
  const { leaf } = hung;
  hung.hingeHeight = settling.choose('hingeHeight', existing.height, (ticks) => length(ticks), {
    leaf: leaf.id,
    reasons: [said('hanging.height.surveyed', { height: { ticks: existing.height } })],
    alternatives: [
      { value: existing.height },
      ...(usualHeight !== undefined && usualHeight !== existing.height
        ? [
            {
              value: usualHeight,
              against: said('hanging.against.recess', { height: { ticks: existing.height } }),
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
  settling: Settling,
  practice: Practice,
  sizes: Sizes,
  hung: HungLeaf,
  existing: SurveyedHinges,
): void {
  const { leaf } = hung;
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
  const chosen = settling.choose<string>(
    'pattern',
    CUT_TO_SURVEY,
    (id) => term(id === CUT_TO_SURVEY ? 'pattern.survey' : `pattern.${id}`),
    {
      leaf: leaf.id,
      reasons: [
        matches[0] && matches[0].fit !== 'misfit'
          ? said('hanging.pattern.surveyFits', { pattern: { term: `pattern.${matches[0].id}` } })
          : said('hanging.pattern.survey'),
      ],
      alternatives: [
        { value: CUT_TO_SURVEY },
        ...matches.map((match) => {
          const worst = Math.max(...match.residuals.map(Math.abs));
          return match.fit === 'fits'
            ? { value: match.id }
            : {
                value: match.id,
                against: said('hanging.against.misses', {
                  worst: { ticks: Math.round(worst), fine: true },
                }),
              };
        }),
      ],
      facts: ['readings'],
    },
  );
  const match = matches.find((one) => one.id === chosen);
  const positions = match?.positions ?? onLeaf(existing, headGap);
  hung.positions = positions;
  settling.fix(
    'positions',
    { type: 'positions', ticks: positions },
    {
      basis: match ? 'derived' : 'measured',
      leaf: leaf.id,
      reasons: [
        match
          ? said('hanging.positions.chosenPattern', { pattern: { term: `pattern.${match.id}` } })
          : said('hanging.positions.survey', { head: { ticks: headGap } }),
      ],
      facts: ['readings', 'hanging.pattern'],
    },
  );
  if (match && match.fit === 'misfit') {
    settling.find(
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
}
