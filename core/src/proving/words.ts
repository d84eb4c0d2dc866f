import type { DecidedOpening } from '../deciding/index.js';
import { formatLength, formatQuantity } from '../measure/index.js';
import type { Units } from '../phrasing/index.js';
import { acceptanceTests, inspectionTests, type ProvingTest } from './provingTests.js';
import { type Measured } from './measured.js';

/** The tests of a round: of taking over, or of an inspection. */
export const testsOf = (round: string, decided: DecidedOpening): ProvingTest[] =>
  round === 'acceptance' ? acceptanceTests(decided) : inspectionTests(decided);

/** A figure with its unit, as it is measured. */
export function figureText(value: number, unit: Measured['unit'], units: Units): string {
  if (unit === 'seconds') return `${value.toFixed(1)} s`;
  if (unit === 'newtons') return formatQuantity(value, 'force', units.system);
  return formatLength(Math.round(value), units);
}

/** What a figure shall keep, in words. */
export function boundText({ least, most, unit }: Measured, units: Units): string {
  const shown = (value: number) => figureText(value, unit, units);
  return least !== undefined && most !== undefined
    ? `${shown(least)} to ${shown(most)}`
    : least !== undefined
      ? `at least ${shown(least)}`
      : most !== undefined
        ? `at most ${shown(most)}`
        : 'no bound told: it is recorded';
}
