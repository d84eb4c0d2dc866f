import { valueOrUndefined, type OpeningFacts } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { countedOf } from './counted.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, KEPT, lacking, NO_CONCERN, type SourceBy } from './law.js';

const LISTED: SourceBy = {
  us: 'NFPA 80, 4.8.4 and 6.3.1.7: clearances',
  british: 'BS 8214; the evidence of the tested door set',
  continental: 'the approval of the door; EN 1634-1',
  australasian: 'AS 1905.1: as tested',
};

/** Gaps beside and over a leaf. */
export const GAPS_AROUND = ['hingeGap', 'lockGap', 'headGap', 'meetingGap'] as const;

/**
 * Tells how wide a gap beside or over a rated leaf usually may be.
 *
 * @param facts what leaf and frame are made of
 * @param practice whose figures (`ratedGapLimitTimber`, `ratedGapLimitSteel`)
 * @returns the figure, in ticks, with its source
 */
export function ratedGapLimit(
  { leafConstruction, frameMaterial }: OpeningFacts,
  { values }: Practice,
): Practice['values']['ratedGapLimitTimber'] {
  const leaf = valueOrUndefined(leafConstruction);
  const timber = leaf?.startsWith('timber') ?? valueOrUndefined(frameMaterial) === 'timber';
  return timber ? values.ratedGapLimitTimber : values.ratedGapLimitSteel;
}

const ratingOf = ({ facts }: FinalState) => valueOrUndefined(facts.rating);

/** A rated leaf stands in its frame with no wider gaps than its listing allows. */
export const RATED_GAPS = defineLaw({
  id: 'ratedGaps',
  stage: 'sizing',
  source: LISTED,
  saidBy: ['sizing.ratedGap', 'sizing.ratedUndercut'],
  hold(state) {
    const { facts, gaps, practice } = state;
    const rating = ratingOf(state);
    if (rating === undefined) return lacking('rating');
    if (rating === 0) return NO_CONCERN;
    const limit = ratedGapLimit(facts, practice);
    for (const gap of GAPS_AROUND) {
      const ticks = gaps[gap];
      if (ticks !== undefined && ticks > limit.value)
        return broken(
          'sizing.ratedGap',
          'check',
          [gap],
          { gap: { term: `part.${gap}` }, ticks: { ticks }, limit: { ticks: limit.value } },
          limit.source,
        );
    }
    const { undercut } = gaps;
    const under = practice.values.ratedUndercutLimit;
    if (undercut === undefined) return lacking('undercut');
    return undercut <= under.value
      ? KEPT
      : broken(
          'sizing.ratedUndercut',
          'check',
          ['undercut'],
          { ticks: { ticks: undercut }, limit: { ticks: under.value } },
          under.source,
        );
  },
});

/** Nothing is cut through a rated leaf that its listing or test does not have. */
export const RATED_HOLES = defineLaw({
  id: 'ratedHoles',
  stage: 'protecting',
  source: LISTED,
  saidBy: ['checking.holeRated'],
  hold(state) {
    const rating = ratingOf(state);
    if (rating === undefined) return lacking('rating');
    if (rating === 0) return NO_CONCERN;
    const { leafHole, work } = state.facts;
    const hole = valueOrUndefined(leafHole);
    // A new leaf has the holes that somebody asks for; an old one those that somebody saw.
    if (hole === undefined)
      return leafHole === 'unknown' || work === 'replacement' ? lacking('leafHole') : KEPT;
    return hole === 'none'
      ? KEPT
      : broken('checking.holeRated', 'check', ['leafHole'], {
          hole: { term: `leafHole.${hole}` },
        });
  },
});

/** Glass in a rated leaf is no larger than such leaves are tested with. */
export const RATED_GLASS = defineLaw({
  id: 'ratedGlass',
  stage: 'sizing',
  source: LISTED,
  saidBy: ['checking.glassRated'],
  hold(state) {
    const rating = ratingOf(state);
    const { ratedGlassFrom, ratedGlassSide } = state.practice.values;
    if (rating === undefined) return lacking('rating');
    if (rating === 0 || rating < ratedGlassFrom.value) return NO_CONCERN;
    const width = valueOrUndefined(state.facts.glassWidth);
    const height = valueOrUndefined(state.facts.glassHeight);
    if (width === 0 || height === 0) return KEPT;
    if (width === undefined || height === undefined) return lacking('glassWidth', 'glassHeight');
    return width * height <= ratedGlassSide.value ** 2
      ? KEPT
      : broken(
          'checking.glassRated',
          'check',
          ['glassWidth', 'glassHeight', 'rating'],
          {},
          ratedGlassSide.source,
        );
  },
});

/** A plate on a rated leaf is no higher than such plates may be without a label of their own. */
export const RATED_PLATES = defineLaw({
  id: 'ratedPlates',
  stage: 'protecting',
  source: {
    us: 'NFPA 80, 6.4.5: protection plates',
    british: 'BS 8214; the evidence of the tested door set',
    continental: 'the approval of the door',
    australasian: 'AS 1905.1: as tested',
  },
  saidBy: ['protecting.label'],
  hold(state) {
    const rating = ratingOf(state);
    if (rating === undefined) return lacking('rating');
    if (rating === 0) return NO_CONCERN;
    const { plate: highest } = countedOf(state.items);
    const { plateUnlabelled } = state.practice.values;
    return highest <= plateUnlabelled.value
      ? KEPT
      : broken(
          'protecting.label',
          'check',
          ['protecting.plate', 'kickPlate', 'rating'],
          { height: { ticks: highest }, most: { ticks: plateUnlabelled.value } },
          plateUnlabelled.source,
        );
  },
});
