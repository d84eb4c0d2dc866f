import type { Sample } from '../closing/index.js';

/** What a recorder tells of one closing: seconds of both zones, from where it was let go, whether it came to rest shut. */
export interface RecordedTimes {
  from: number;
  sweep: number | undefined;
  latch: number | undefined;
  shut: boolean;
}

/** An angle below this is shut: as near as a sensor reads. Degrees. */
const SHUT = 1;

/** When a falling angle first comes below another, between readings by straight line; seconds. */
function crossing(samples: readonly Sample[], degrees: number): number | undefined {
  for (let at = 1; at < samples.length; at++) {
    const [a, b] = [samples[at - 1]!, samples[at]!];
    if (a.degrees >= degrees && b.degrees < degrees)
      return a.at + ((a.degrees - degrees) / (a.degrees - b.degrees)) * (b.at - a.at);
  }
  return undefined;
}

/**
 * The times of a recorded closing: the sweep from where it was let go to the angle of the last zone, the latch zone
 * from there until it is shut. A recording that stops on the way tells what it has, and that it is not shut.
 *
 * @param latchFrom degrees at which the last zone begins
 */
export function recordedTimes(samples: readonly Sample[], latchFrom: number): RecordedTimes {
  const from = samples.reduce((most, { degrees }) => Math.max(most, degrees), 0);
  // The hand lets go where the angle leaves its rest for good.
  const begun = crossing(samples, from - Math.min(2, from / 10));
  const entered = crossing(samples, latchFrom);
  const end = crossing(samples, SHUT);
  return {
    from: Math.round(from),
    sweep: begun === undefined || entered === undefined ? undefined : entered - begun,
    latch: entered === undefined || end === undefined ? undefined : end - entered,
    shut: (samples.at(-1)?.degrees ?? Infinity) < SHUT,
  };
}
