import { wholeUp, type Ticks } from '../measure/index.js';
import { valueOrUndefined, message, type Message } from '../model/index.js';
import type { SizingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';

/** What a timber leaf gains in damp, and why. */
export interface Movement {
  ticks: Ticks;
  why: () => Message;
}

/**
 * Gain in width of an outside timber leaf: the timber across the grain (two stiles of a framed leaf, one
 * board of a boarded one, since each moves in its own joints) × its rate for 1 % moisture × the change to allow for. Nothing for
 * inside leaves unless a change was recorded, nor for leaves made of sheets.
 *
 * @param about roughly the leaf's width, for boarded leaves
 */
export function timberMovement(
  record: SizingRecord,
  practice: Practice,
  about: Ticks | undefined,
): Movement | undefined {
  const { movementFlat, movementQuarter, moistureSwing, stileWidth, boardWidth } = practice.values;
  const construction = valueOrUndefined(record.facts.leafConstruction);
  if (!construction?.startsWith('timber')) return undefined;
  const boarded = valueOrUndefined(record.facts.boarded) === true;
  const framed = construction.startsWith('timber-panelled');
  const stile = valueOrUndefined(record.facts.stileWidth) ?? stileWidth.value;
  const board = about === undefined ? undefined : Math.min(about, boardWidth.value);
  const across = boarded ? board : framed ? 2 * stile : undefined;
  const change =
    valueOrUndefined(record.facts.moistureChange) ??
    (valueOrUndefined(record.facts.exterior) === true ? moistureSwing.value : undefined);
  if (across === undefined || !change) return undefined;
  const quarter = valueOrUndefined(record.facts.sawn) === 'quarter';
  const rate = quarter ? movementQuarter : movementFlat;
  const ticks = wholeUp(across * rate.value * change);
  return {
    ticks,
    why: () =>
      message('sizing.movement', {
        across: { ticks: across },
        rate: String(rate.value),
        change,
        gain: { ticks, rounding: 'up', fine: true },
        step: { ticks: practice.values.gapStep.value },
        source: rate.source,
      }),
  };
}
