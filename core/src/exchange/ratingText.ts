import { getOwn, type System } from '../measure/index.js';

/** A fire rating as a list writes it: minutes, and whether it also says that smoke is held back. */
export interface RatingText {
  minutes: number;
  smoke?: true;
}

const NOT_RATED = new Set([
  'none',
  'no',
  'n',
  'nr',
  'n/r',
  'n.r.',
  'nfr',
  '-',
  '0',
  'not rated',
  'unrated',
  'non-rated',
]);

/** Minutes of the lettered labels of older listings (NFPA 80); B stands for 1 or 1½ hours: the longer is taken. */
const LABELS: Readonly<Record<string, number>> = { a: 180, b: 90, c: 45, d: 90, e: 45 };

const HOURS =
  /^(?:(\d+)[ -])?(?:(\d+)\/(\d+)|(\d+(?:\.\d+)?)) ?-?(?:h|hr|hrs|hour|hours)\.?(?: label)?$/;

/** Fire resistance levels, adequacy, integrity and insulation in minutes: a door is told by its integrity (AS 1905.1). */
const LEVELS = /^(?:-|\d{1,3})\/(\d{1,3})\/(?:-|\d{1,3})$/;

/** Classes of the British and the European standards, minutes with or without their unit, smoke `S`, `Sa`, `S200`. */
const MINUTES =
  /^(?:fd|e|ei|ei1|ei2|ew|t|rei)? ?-?(\d{1,3}) ?(?:min|mins|minutes|m)?\.?(?:[ -]?c\d?)?(?:[ -]?(s|sa|s200|sm|s label|smoke|rs))?(?:[ -]?c\d?)?(?: label| rated)?$/;

/** German doors by their leaves: `T 30-1`, `T30-2-RS`. */
const BY_LEAVES = /^(t ?\d{2,3})[ -][12](?=$|[ -])/;

/** Doors against smoke alone: `RS`, `RS-2`, `RD`, `S200`, `Sm`, `Sa C5`. */
const SMOKE_ALONE =
  /^(?:rs|rd)(?:[ -]?[12])?$|^(?:s200|sm|sa)(?:[ -]?c\d?)?$|^smoke (?:control|door)$/;

/**
 * Reads a rating: `90`, `90 min`, `20M`, `1 1/2 HR`, `B label`, `FD30S`, `EI2 30-SaC5`, `T30-RS`, `T 30-2-RS`, `RS`, `NR`.
 *
 * @param clean normalised text (`normaliseText`)
 * @returns undefined for anything else; `F` alone says that it is rated, not for how long
 */
export function readRating(clean: string, system: System): RatingText | undefined {
  if (NOT_RATED.has(clean)) return { minutes: 0 };
  const letter = /^(class |label )?([a-e])([ -]label)?$/.exec(clean);
  // Alone the letter says so only where lists are written in inches: `E` is a class of its own elsewhere.
  if (letter && (system === 'inch' || letter[1] || letter[3]))
    return { minutes: getOwn(LABELS, letter[2]!)! };
  const hours = HOURS.exec(clean);
  if (hours) {
    const [, whole, top, under, plain] = hours;
    const minutes =
      60 * (Number(whole ?? 0) + (plain ? Number(plain) : Number(top) / Number(under)));
    return Number.isInteger(minutes) ? { minutes } : undefined;
  }
  const level = LEVELS.exec(clean);
  if (level) return { minutes: Number(level[1]) };
  if (SMOKE_ALONE.test(clean)) return { minutes: 0, smoke: true };
  const classed = MINUTES.exec(clean.replace(BY_LEAVES, '$1'));
  if (!classed) return undefined;
  return { minutes: Number(classed[1]), ...(classed[2] ? { smoke: true } : {}) };
}
