import type { LoadRow } from './values.js';

/** What loads draw together, in amperes. */
export interface Currents {
  hold: number;
  /** With what all that fire together draw as they are switched on. */
  inrush: number;
  /** What the supply is to give: the inrush with a margin. */
  supply: number;
}

/** Currents of loads that are switched at once: held currents added up, with their inrush, × margin. */
export function currentsOf(rows: readonly LoadRow[], margin: number): Currents {
  const hold = rows.reduce((sum, row) => sum + row.hold, 0);
  const inrush = rows.reduce((sum, row) => sum + row.inrush, 0);
  return { hold, inrush, supply: inrush * margin };
}

/** Ampere-hours of a battery: current × hours / the share of it that may be used. */
export function batteryFor(hold: number, hours: number, use: number): number {
  return (hold * hours) / use;
}

/** Volts lost there and back: 2 × length × current × resistance to the length. */
export function voltageDrop(metres: number, amperes: number, ohmsPerKm: number): number {
  return (2 * metres * amperes * ohmsPerKm) / 1000;
}

/** The thinnest wire that keeps the loss below a share of the voltage, with what it loses. */
export function leastWire<W extends { ohmsPerKm: number }>(
  wires: readonly W[],
  metres: number,
  amperes: number,
  most: number,
): { wire: W; drop: number } | undefined {
  for (const wire of wires) {
    const drop = voltageDrop(metres, amperes, wire.ohmsPerKm);
    if (drop <= most) return { wire, drop };
  }
  return undefined;
}
