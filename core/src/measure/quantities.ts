import { normaliseText } from './parseLength.js';
import { bad, good, type Result } from './result.js';
import type { System } from './ticks.js';

export const GRAMS_PER_POUND = 453.59237;
export const NEWTONS_PER_POUND_FORCE = 4.4482216;

/** Standard gravity in m/s². */
export const GRAVITY = 9.80665;
const NEWTON_METRES_PER_FOOT_POUND = 1.3558179;

/** A measurable thing beside length. Stored in grams, newtons, newton metres and degrees. */
export type Quantity = 'mass' | 'force' | 'moment' | 'angle';

interface Unit {
  names: string[];
  factor: number;
  system: System | 'both';
}

const UNITS: Record<Quantity, Unit[]> = {
  mass: [
    { names: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'], factor: 1000, system: 'metric' },
    { names: ['lb', 'lbs', 'pound', 'pounds', '#'], factor: GRAMS_PER_POUND, system: 'inch' },
    { names: ['g', 'gram', 'grams'], factor: 1, system: 'metric' },
    { names: ['oz', 'ounce', 'ounces'], factor: GRAMS_PER_POUND / 16, system: 'inch' },
  ],
  force: [
    { names: ['n', 'newton', 'newtons'], factor: 1, system: 'metric' },
    { names: ['lbf', 'lb', 'lbs'], factor: NEWTONS_PER_POUND_FORCE, system: 'inch' },
    { names: ['kn'], factor: 1000, system: 'metric' },
  ],
  moment: [
    { names: ['n·m', 'nm', 'n m', 'n*m'], factor: 1, system: 'metric' },
    {
      names: ['ft·lb', 'ft-lb', 'ft lb', 'ftlb', 'lbf·ft'],
      factor: NEWTON_METRES_PER_FOOT_POUND,
      system: 'inch',
    },
  ],
  angle: [{ names: ['°', 'deg', 'degree', 'degrees', 'º'], factor: 1, system: 'both' }],
};

/**
 * Reads a mass, force, moment or angle in either system; a bare number takes the field's system
 * (pounds or kilograms, pounds-force or newtons, foot-pounds or newton metres, degrees).
 * Faults: `quantity.unreadable`, `quantity.negative`.
 */
export function parseQuantity(text: string, quantity: Quantity, system: System): Result<number> {
  const clean = normaliseText(text);
  if (/^- ?[\d.]/.test(clean)) return bad('quantity.negative', { text });
  const match = /^(\d+(?:[.,]\d+)?|[.,]\d+) ?([^\d]*)$/.exec(clean);
  if (!match) return bad('quantity.unreadable', { text, quantity });
  const word = match[2]!.trim().replace(/\.$/, '');
  const units = UNITS[quantity];
  const unit = word
    ? units.find((candidate) => candidate.names.includes(word))
    : units.find((candidate) => candidate.system === system || candidate.system === 'both');
  if (!unit) return bad('quantity.unreadable', { text, quantity });
  return good(Number(match[1]!.replace(',', '.')) * unit.factor);
}

/** A quantity in one system's unit, whole above 10 and to a tenth below. */
export function formatQuantity(value: number, quantity: Quantity, system: System): string {
  if (quantity === 'angle') return `${Number(value.toFixed(1))}°`;
  const unit = UNITS[quantity].find((candidate) => candidate.system === system)!;
  const amount = value / unit.factor;
  const label = { n: 'N', 'n·m': 'N·m' }[unit.names[0]!] ?? unit.names[0]!;
  return `${Number(amount.toFixed(Math.abs(amount) < 10 ? 1 : 0))} ${label}`;
}
