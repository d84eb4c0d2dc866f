import { memoize, type Ticks } from '../measure/index.js';
import { message, type Message } from '../model/index.js';
import { buttAxis, widestAngle } from '../sizing/index.js';
import type { ButtRow, Practice, UseClass } from '../practice/index.js';

/** The row of the height table for a leaf; undefined when none fits or its mass is needed and open. */
export function buttRow(
  practice: Practice,
  leaf: { width: Ticks; thickness: Ticks },
  mass: number | undefined,
): ButtRow | 'needs-mass' | undefined {
  // Rows of the thinnest sufficient thickness come first in the table; mass may push further down.
  for (const row of practice.values.butts.value) {
    if (leaf.thickness > row.toThickness || leaf.width > row.toWidth) continue;
    if (row.toMass === undefined) return row;
    if (mass === undefined) return 'needs-mass';
    if (mass <= row.toMass) return row;
  }
  return undefined;
}

/** Set-back: the part of the leaf's edge left uncut behind the hinge leaf. */
export function setBackFor(practice: Practice, thickness: Ticks): Ticks {
  const { setBack, setBackThick, setBackThickFrom } = practice.values;
  return thickness >= setBackThickFrom.value ? setBackThick.value : setBack.value;
}

/** The widths a hinge of a height is made in, ascending; every made width where no pairs are listed for it. */
export const madeWidths = memoize(
  ({ values }: Practice, height: Ticks | undefined): readonly Ticks[] => {
    const { hingePairs, hingeWidths } = values;
    const own = hingePairs.value.flatMap((pair) => (pair.height === height ? [pair.width] : []));
    return own.length > 0 ? own.sort((a, b) => a - b) : hingeWidths.value;
  },
);

/** How thick the leaf of a hinge is, which is how deep it is let in. */
export function hingeGauge(
  practice: Practice,
  height: Ticks | undefined,
  weight: 'standard' | 'heavy',
): { gauge: Ticks; source: string } {
  const { hingeGauges, recess } = practice.values;
  const row = hingeGauges.value.find((one) => one.height === height);
  return row
    ? { gauge: row[weight], source: hingeGauges.source }
    : { gauge: recess.value[weight], source: recess.source };
}

/** Open width of a butt and the barrel centre's distance `p` outside the pull face. */
export interface ButtWidth {
  width: Ticks;
  exact: Ticks;
  setBack: Ticks;
  clearance: Ticks;
  p: Ticks;
}

/**
 * Width = 2 × (thickness − set-back) + clearance, up to the next made width; clearance = trim
 * projection + allowance, at least the practice's least. Undefined beyond the widest made.
 */
export function buttWidth(
  practice: Practice,
  thickness: Ticks,
  trimProjection: Ticks | undefined,
  height?: Ticks,
): ButtWidth | undefined {
  const { trimAllowance, leastClearance } = practice.values;
  const setBack = setBackFor(practice, thickness);
  const wanted = trimProjection ? trimProjection + trimAllowance.value : 0;
  const clearance = Math.max(wanted, leastClearance.value);
  const exact = 2 * (thickness - setBack) + clearance;
  const width = madeWidths(practice, height).find((made) => made >= exact);
  if (width === undefined) return undefined;
  return { width, exact, setBack, clearance, p: barrelOffset(width, thickness, setBack) };
}

/**
 * The narrowest made width with which the leaf opens so far past its trim, by the rotation of the
 * leaf about the barrel; undefined when none does.
 */
export function widthForAngle(
  practice: Practice,
  leaf: { width: Ticks; thickness: Ticks; hingeGap: Ticks },
  trimProjection: Ticks,
  degrees: number,
  height?: Ticks,
): ButtWidth | undefined {
  const setBack = setBackFor(practice, leaf.thickness);
  const bridged = 2 * (leaf.thickness - setBack) + practice.values.leastClearance.value;
  for (const width of madeWidths(practice, height)) {
    if (width < bridged) continue;
    const p = barrelOffset(width, leaf.thickness, setBack);
    const plan = { ...leaf, axis: buttAxis(leaf.hingeGap, p) };
    if (widestAngle(plan, trimProjection) >= degrees)
      return { width, exact: width, setBack, clearance: width - bridged, p };
  }
  return undefined;
}

/** p = half the open width − the part of the hinge leaf on the leaf's edge. */
export function barrelOffset(width: Ticks, thickness: Ticks, setBack: Ticks): Ticks {
  return width / 2 - (thickness - setBack);
}

/** Why a leaf wants the heavy class, each to be said when asked; empty when the standard one will do. */
export function heavyReasons(
  practice: Practice,
  leaf: { width: Ticks; thickness: Ticks },
  mass: number | undefined,
  use: UseClass,
  row: ButtRow | undefined,
): (() => Message)[] {
  const { heavyMass, heavyWidth, heavyThickness } = practice.values;
  const reasons: (() => Message)[] = [];
  if (use === 'high') reasons.push(() => message('hanging.heavy.use'));
  if (mass !== undefined && mass >= heavyMass.value)
    reasons.push(() =>
      message('hanging.heavy.mass', { mass: { grams: mass }, limit: { grams: heavyMass.value } }),
    );
  if (leaf.width > heavyWidth.value && leaf.thickness >= heavyThickness.value)
    reasons.push(() =>
      message('hanging.heavy.width', {
        width: { ticks: leaf.width, rounding: 'down' },
        limit: { ticks: heavyWidth.value },
      }),
    );
  if (row?.heavy)
    reasons.push(() => message('hanging.heavy.table', { thickness: { ticks: leaf.thickness } }));
  return reasons;
}
