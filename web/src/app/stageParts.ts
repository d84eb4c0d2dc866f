import type { StagePartsLoaders } from '../stage/stageParts.js';

/** Stages with parts of their own: whoever builds one adds its line here. */
export const STAGE_PARTS: StagePartsLoaders = {
  hanging: () => import('../screens/hanging/parts.js').then((one) => one.HANGING),
  securing: () => import('../screens/securing/parts.js').then((one) => one.SECURING),
  closing: () => import('../screens/closing/parts.js').then((one) => one.CLOSING),
  sealing: () => import('../screens/sealing/parts.js').then((one) => one.SEALING),
  powering: () => import('../screens/powering/parts.js').then((one) => one.POWERING),
};
