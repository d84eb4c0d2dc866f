import type { Ticks } from '../measure/index.js';
import type { HingePattern, Practice } from '../practice/index.js';
import type { Survey } from '../survey/index.js';
import { hingePositions, type PatternFrame } from './positions.js';

/** Hinges of a frame as surveyed: their top edges below the frame head. Ticks. */
export interface SurveyedHinges {
  belowHead: Ticks[];
  height: Ticks;
}

export type Fit = 'fits' | 'eased' | 'misfit';

/** A known pattern held against surveyed hinges. Residuals are surveyed − pattern, from the top. */
export interface PatternMatch {
  id: string;
  practice: string;
  /** Where the pattern puts the hinges: top edges below the leaf's top. */
  positions: Ticks[];
  residuals: Ticks[];
  fit: Fit;
  /** Best common shift of the leaf within what the head gap allows; positive is the leaf lower. */
  shift: Ticks;
  shiftedResiduals: Ticks[];
  shiftedFit: Fit;
}

/**
 * The hinges out of a survey, their top edges below the frame head: readings taken from the top of the
 * old leaf are carried over by the old head gap, readings to centres by half a hinge.
 *
 * @param oldHeadGap gap over the leaf that the readings were taken from
 */
export function surveyedHinges(survey: Survey, oldHeadGap: Ticks): SurveyedHinges | undefined {
  const { hinges } = survey;
  const height = survey.number('hingeHeight');
  if (!hinges || height === undefined) return undefined;
  const toTop = survey.text('hingePoint') === 'centre' ? height / 2 : 0;
  const toHead = survey.text('hingeDatum') === 'frame-head' ? 0 : oldHeadGap;
  return { height, belowHead: hinges.map((position) => Math.round(position - toTop + toHead)) };
}

/** Where the frame's hinges come to stand on a leaf hung with a head gap. */
export function onLeaf(hinges: SurveyedHinges, headGap: Ticks): Ticks[] {
  return hinges.belowHead.map((position) => position - headGap);
}

function fitOf(residuals: readonly number[], fit: Ticks, ease: Ticks): Fit {
  const worst = Math.max(...residuals.map(Math.abs));
  return worst <= fit ? 'fits' : worst <= ease ? 'eased' : 'misfit';
}

/**
 * The common shift that leaves the least worst residual, within what is allowed: half way between the
 * extremes (Chebyshev), held to the range.
 *
 * @param least lowest shift allowed (the leaf raised by as much as the head gap may close; negative)
 * @param most highest shift allowed
 */
export function bestShift(residuals: readonly number[], least: number, most: number): number {
  const middle = (Math.max(...residuals) + Math.min(...residuals)) / 2;
  return Math.min(most, Math.max(least, middle));
}

/**
 * Holds every pattern against the surveyed hinges, with no shift and after the best common one. A leaf
 * can be shifted only by its head gap: raised until the least gap is left, lowered by no more than the
 * gap again. Best pattern first.
 */
export function matchPatterns(
  library: readonly { pattern: HingePattern; practice: string }[],
  hinges: SurveyedHinges,
  frame: Omit<PatternFrame, 'count' | 'hingeHeight'>,
  tolerances: { fit: Ticks; ease: Ticks; leastGap: Ticks },
): PatternMatch[] {
  const measured = onLeaf(hinges, frame.headGap);
  const matches = library.flatMap(({ pattern, practice }): PatternMatch[] => {
    const positions = hingePositions(pattern, {
      ...frame,
      hingeHeight: hinges.height,
      count: measured.length,
    });
    if (!positions) return [];
    const residuals = positions.map((position, index) => measured[index]! - position);
    const shift = Math.round(
      bestShift(residuals, -(frame.headGap - tolerances.leastGap), frame.headGap),
    );
    // A leaf hung lower by the shift carries its hinges lower: what is left is less by as much.
    const shiftedResiduals = residuals.map((residual) => residual - shift);
    return [
      {
        id: pattern.id,
        practice,
        positions,
        residuals,
        fit: fitOf(residuals, tolerances.fit, tolerances.ease),
        shift,
        shiftedResiduals,
        shiftedFit: fitOf(shiftedResiduals, tolerances.fit, tolerances.ease),
      },
    ];
  });
  const worst = (match: PatternMatch) => Math.max(...match.residuals.map(Math.abs));
  return matches.sort((a, b) => worst(a) - worst(b));
}

/** Every pattern of a list of practices, each once. */
export function patternLibrary(
  practices: readonly Practice[],
): { pattern: HingePattern; practice: string }[] {
  const seen = new Set<string>();
  return practices.flatMap((practice) =>
    practice.values.patterns.value.flatMap((pattern) => {
      if (seen.has(pattern.id)) return [];
      seen.add(pattern.id);
      return [{ pattern, practice: practice.name }];
    }),
  );
}

/**
 * A pattern out of surveyed hinges: equal where the clear gaps between them are, else as measured. It
 * is given from the frame head and the top edge, and the bottom hinge from the bottom of the leaf.
 */
export function patternOf(
  id: string,
  hinges: SurveyedHinges,
  frame: Pick<PatternFrame, 'leafHeight' | 'headGap'>,
  tolerance: Ticks,
): HingePattern {
  const { belowHead, height } = hinges;
  const last = belowHead[belowHead.length - 1]!;
  const gaps = belowHead.slice(1).map((position, index) => position - belowHead[index]! - height);
  const equal = gaps.length < 2 || Math.max(...gaps) - Math.min(...gaps) <= 2 * tolerance;
  return {
    id,
    top: { from: 'frame-head', to: 'edge', distance: belowHead[0]! },
    bottom: {
      from: 'leaf-bottom',
      to: 'edge',
      distance: frame.leafHeight + frame.headGap - last - height,
    },
    ...(equal
      ? { rest: 'equal' as const }
      : {
          rest: 'as-measured' as const,
          below: belowHead.slice(1).map((position) => position - belowHead[0]!),
        }),
  };
}
