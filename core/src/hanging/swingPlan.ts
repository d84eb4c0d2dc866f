import type { HangingDevice } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import {
  buttAxis,
  centreAxis,
  swingClearAxis,
  type Sizes,
  type SwingPlan,
} from '../sizing/index.js';
import type { HungLeaf } from './hung.js';

/** What a swing follows from; `axis` where it was decided before. */
export interface Swinging {
  device: HangingDevice;
  leaves: readonly HungLeaf[];
  axis?: { x: number; y: number } | undefined;
}

/** The plan a leaf swings in; undefined for sliding leaves and while its sizes are open. */
export function swingPlan(
  practice: Practice,
  sizes: Sizes,
  { device, leaves, axis }: Swinging,
): SwingPlan | undefined {
  const first = leaves[0]!;
  const { width, thickness } = first.leaf;
  const { hingeGap } = sizes;
  if (
    device === 'sliding-gear' ||
    device === 'folding-gear' ||
    width === undefined ||
    thickness === undefined ||
    hingeGap === undefined
  )
    return undefined;
  if ((device === 'butt' || device === 'spring-hinge') && first.p === undefined) return undefined;
  // Decided once, with the figures of a named product where there is one.
  return {
    width,
    thickness,
    hingeGap,
    axis: axis ?? axisOf(device, practice, first, hingeGap, thickness),
  };
}

function axisOf(
  device: Exclude<HangingDevice, 'sliding-gear' | 'folding-gear'>,
  { values }: Practice,
  { form, p = 0 }: HungLeaf,
  hingeGap: number,
  thickness: number,
): { x: number; y: number } {
  switch (device) {
    case 'butt':
    case 'spring-hinge':
      return form === 'swing-clear'
        ? swingClearAxis(thickness, values.swingClearOut.value)
        : buttAxis(hingeGap, p);
    case 'concealed':
    case 'adjustable-concealed':
    case 'spring-concealed':
      return buttAxis(hingeGap, p);
    case 'tee-hinge':
    case 'drill-in':
    case 'rising':
      return buttAxis(hingeGap, values.surfaceBarrel.value);
    case 'continuous':
      return buttAxis(hingeGap, values.continuousBarrel.value);
    case 'offset-pivot':
      return { x: values.offsetPivotOut.value, y: values.offsetPivotOut.value };
    case 'centre-pivot':
      return centreAxis(hingeGap, values.centrePivotIn.value, thickness);
    case 'double-acting-spring':
      return { x: hingeGap / 2, y: -thickness / 2 };
  }
}
