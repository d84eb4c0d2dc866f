import {
  isAssumed,
  valueOrUndefined,
  message,
  type OpeningFacts,
  type Message,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { CloserDevice } from './decisions.js';
import { closingMoment, openingForce, sizeAgainst, sizesMade } from './force.js';
import type { CloserSize } from './values.js';

/** What the size of a closer follows from; lengths in ticks, mass in grams. */
export interface SizeCase {
  facts: OpeningFacts;
  practice: Practice;
  width: number;
  height: number;
  mass: number | undefined;
  device: CloserDevice;
  backset: number | undefined;
  /** What latch and seals push back with at the lock edge, newtons. */
  resistance: number;
}

/** The size to set, and what it follows from. */
export interface SizedCloser {
  /** By the table alone. */
  table: number;
  /** The spring's size to set on site, a size more where the mounting loses power. */
  set: number;
  /** The size that the leaf feels: by the table, with what wind or height add. */
  felt: CloserSize;
  /** Whether the leaf is beyond the largest size. */
  beyond: boolean;
}

/** A mounting that brings less than this of the power wants the spring a size stronger. Per cent. */
const WEAK = 80;

/**
 * The size of a closer: by width and mass (EN 1154), or by width and place; at least what a rated leaf
 * wants; a size more for tall leaves, wind and pressure; the spring a size more on arms that lose power.
 */
export function closerSize(at: SizeCase): { size: SizedCloser; reasons: () => Message[] } {
  const { facts, practice, width, height, mass, device } = at;
  const { closerSizes, closerWidths, closerRule, ratedCloser, closerTall, closerPower } =
    practice.values;
  const sizes = sizesMade(practice);
  const largest = sizes[sizes.length - 1]!;
  const outside = facts.exterior === true;
  const byWidth = closerRule.value === 'width';
  const row = byWidth
    ? closerWidths.value.find((one) => width <= (outside ? one.outside : one.inside))
    : sizes.find(({ toWidth, toMass }) => width <= toWidth && (mass ?? 0) <= toMass);
  const table = row?.size ?? largest.size;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const least = rated ? ratedCloser.value : 0;
  const tall = height > closerTall.value;
  const wind = facts.windy === true || (valueOrUndefined(facts.pressure) ?? 0) > 0;
  const usual = Math.max(table, least) + (tall || wind ? 1 : 0);
  const need = closingMoment(width, height, 0, at.resistance);
  const pushes = (sizeAgainst(sizes, need) ?? largest).size;
  const wanted = Math.max(usual, pushes);
  const bySize = sizes.find(({ size }) => size === Math.min(wanted, largest.size))!;
  const lighter = lightEnough(at, bySize, need);
  const felt = lighter ?? bySize;
  const share = closerPower.value[device as keyof typeof closerPower.value] ?? 100;
  const weak = share < WEAK;
  const set = Math.min(felt.size + (weak ? 1 : 0), largest.size);
  return {
    size: {
      table,
      set,
      felt,
      beyond: row === undefined || usual > largest.size,
    },
    reasons: () => [
      byWidth
        ? message('closing.size.width', {
            size: table,
            width: { ticks: width },
            where: { term: outside ? 'where.outside' : 'where.inside' },
            source: closerWidths.source,
          })
        : mass === undefined
          ? message('closing.size.noMass', {
              size: table,
              width: { ticks: width },
              source: closerSizes.source,
            })
          : message('closing.size.both', {
              size: table,
              width: { ticks: width },
              mass: { grams: mass },
              source: closerSizes.source,
            }),
      ...(least > table
        ? [message('closing.size.rated', { size: least, source: ratedCloser.source })]
        : []),
      ...(pushes > usual
        ? [message('closing.size.latch', { size: pushes, need: { newtonMetres: need } })]
        : []),
      ...(lighter
        ? [
            message(rated ? 'closing.size.least' : 'closing.size.access', {
              size: lighter.size,
              limit: { newtons: practice.values.accessForce.value },
              source: practice.values.accessForce.source,
            }),
          ]
        : []),
      ...(tall ? [message('closing.size.tall', { height: { ticks: height } })] : []),
      ...(wind ? [message('closing.size.wind')] : []),
      ...(weak
        ? [message('closing.size.weak', { device: { term: `closerDevice.${device}` }, share })]
        : []),
    ],
  };
}

/**
 * A size below another that opens as lightly as an accessible leaf shall and still pushes latch and seals
 * home: the greatest. Where none does both, the law of the force goes before what shuts an ordinary leaf; a
 * rated leaf takes the least that latches it (NFPA 80; ADA 404.2.9), where a standard of sizes does not bind.
 */
function lightEnough(at: SizeCase, than: CloserSize, need: number): CloserSize | undefined {
  const { facts, practice, width, backset } = at;
  const { accessForce, accessForceRated, closerSizes } = practice.values;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  // Outside it must close against wind: an operator opens it lightly, not a weaker spring.
  if (!forceCounts(facts, practice) || facts.exterior === true || facts.windy === true)
    return undefined;
  if (rated && accessForceRated.value) return undefined;
  const light = (one: CloserSize) =>
    openingForce(one, practice, width, backset).newtons <= accessForce.value;
  if (light(than)) return undefined;
  const below = closerSizes.value.filter((one) => one.size < than.size);
  const latching = below.filter(({ closing }) => closing >= need);
  return latching.filter(light).pop() ?? (rated ? latching[0] : below.filter(light).pop());
}

/** Whether the force to open is limited: on accessible routes, outside only where the practice says so. */
export function forceCounts(facts: OpeningFacts, { values }: Practice): boolean {
  if (facts.accessible !== true) return false;
  if (facts.exterior === true && !values.accessForceOutside.value) return false;
  // A rated leaf that is only taken to be accessible is shut first of all.
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  return !(rated && !values.accessForceRated.value && isAssumed(facts, 'accessible'));
}
