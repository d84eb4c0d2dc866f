import {
  valueOrUndefined,
  message,
  type LeafId,
  type MeasuredLeaf,
  type OpeningFacts,
} from '../model/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import type { LockFit } from './fit.js';
import type { Body, Practice } from '../practice/index.js';
import { hasRods } from './lockForms.js';

/** What of an exit device is cut to the leaf. Ticks. */
export interface ExitFit {
  /** The bar as made, and how much is cut off it; made is absent where none is long enough. */
  made: number | undefined;
  cut: number;
  bar: number;
  /** Rods from the device's middle to head and floor; the lower is 0 where it is left out. */
  topRod: number;
  bottomRod: number;
}

/** The case of an exit device at the lock stile: a narrow one where the stile is of metal. */
export function exitCase(facts: OpeningFacts, practice: Practice): Body {
  const { narrowExit, rimCase } = practice.values.bodies.value;
  return valueOrUndefined(facts.leafConstruction) === 'aluminium-narrow' ? narrowExit : rimCase;
}

/** Fits an exit device to a leaf: the bar reaches over it but for a margin, the rods to head and floor. */
export function fitExit(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
  kind: LockKind,
  y: number,
): ExitFit {
  const { barLengths, barMargin } = practice.values;
  const bar = leaf.width - barMargin.value;
  let made: number | undefined;
  for (const one of barLengths.value)
    if (one >= bar && (made === undefined || one < made)) made = one;
  const half = exitCase(facts, practice).up / 2;
  const rods = hasRods(kind);
  return {
    made,
    bar,
    cut: made === undefined ? 0 : made - bar,
    topRod: rods ? Math.max(0, leaf.height - y - half) : 0,
    bottomRod: rods && valueOrUndefined(facts.plainFloor) !== true ? Math.max(0, y - half) : 0,
  };
}

/** Decides the bar of a device, cut to its leaf out of what is made. */
export function decideBar(
  record: SecuringRecord,
  practice: Practice,
  leaf: MeasuredLeaf,
  fit: LockFit,
  of?: LeafId,
): ExitFit {
  const exit = fitExit(record.facts, practice, leaf, fit.kind, fit.y);
  const { made, cut, bar } = exit;
  if (made !== undefined)
    record.decide('bar', bar, {
      leaf: of,
      reasons: () => [message('securing.bar', { made: { ticks: made }, cut: { ticks: cut } })],
    });
  return exit;
}
