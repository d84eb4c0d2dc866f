import { inches, mm } from '../measure/index.js';
import { everywhere, sourced, TRADE, type ValuesOf } from '../practice/index.js';

/** What readings usually are, and how far they may lie from what the others say. */
export const SURVEY_VALUES = {
  /** Outside these a reading is asked about again. */
  readingUsual: everywhere(
    sourced(
      {
        widthTop: { least: mm(400), most: mm(4000) },
        widthMiddle: { least: mm(400), most: mm(4000) },
        widthBottom: { least: mm(400), most: mm(4000) },
        heightHinge: { least: mm(1500), most: mm(4500) },
        heightLock: { least: mm(1500), most: mm(4500) },
        leafWidth: { least: mm(350), most: mm(2000) },
        leafHeight: { least: mm(1400), most: mm(4400) },
        leafThickness: { least: mm(20), most: mm(100) },
        headGapNow: { least: 0, most: mm(15) },
        wallThickness: { least: mm(40), most: mm(900) },
        floorRise: { least: 0, most: mm(60) },
        coveringNow: { least: 0, most: mm(60) },
        coveringLater: { least: 0, most: mm(60) },
        plumbHinge: { least: -mm(60), most: mm(60) },
        plumbLock: { least: -mm(60), most: mm(60) },
        hingeHeight: { least: mm(50), most: mm(200) },
        hingeWidth: { least: mm(40), most: mm(220) },
        hingeSetBack: { least: 0, most: mm(25) },
        lockHeight: { least: mm(700), most: mm(1400) },
        strikeHeight: { least: mm(700), most: mm(1400) },
        backset: { least: mm(25), most: mm(200) },
        lockCase: { least: mm(15), most: mm(350) },
        strikeLength: { least: mm(15), most: mm(400) },
      } as Readonly<Record<string, { least: number; most: number }>>,
      'length',
      `${TRADE}: doors of buildings`,
    ),
  ),
  /** Of a hinge's position. */
  hingeLowest: everywhere(sourced(mm(4400), 'length', `${TRADE}: doors of buildings`)),
  /** How far the middle may lie off both others, and the two heights from each other. */
  readingOff: everywhere(sourced(inches(1), 'length', TRADE)),
  /** How far a diagonal may lie off what width and height give, as the crookedest frame does. */
  diagonalOff: everywhere(sourced(mm(40), 'length', TRADE)),
  /** Gap between leaf and frame that is asked about. */
  gapWide: everywhere(sourced(mm(60), 'length', TRADE)),
  /** A hinge's height while it was not read. */
  hingeAssumed: everywhere(sourced(mm(60), 'length', TRADE)),
  /** The largest bore that was read as *lock case or bore*; what is more is the height of a case. */
  boreMost: everywhere(sourced(mm(70), 'length', `${TRADE}: bores to 54 mm, cases from 75 mm`)),
  /** How far strike and lock may lie apart and still meet. */
  strikeOff: everywhere(sourced(mm(40), 'length', TRADE)),
};

declare module '../practice/types.js' {
  interface PracticeValues extends ValuesOf<typeof SURVEY_VALUES> {}
}
