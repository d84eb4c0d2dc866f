import { length, term, type Value } from '../model/index.js';
import type { PrepBit, PrepGroup } from './preparation.js';

/** Writes the numbers of a workshop down: groups of lines, and the bits for all of it. Lengths in ticks. */
export class PrepWriter {
  groups: PrepGroup[] = [];
  private bits = new Map<string, PrepBit>();

  group(name: string): void {
    this.groups.push({ name: `prepGroup.${name}`, lines: [] });
  }
  line(name: string, ...values: Value[]): void {
    this.groups[this.groups.length - 1]!.lines.push({ name: `prep.${name}`, values });
  }
  lengths(name: string, ...ticks: number[]): void {
    this.line(name, ...ticks.map((one) => length(Math.round(one))));
  }
  corner(name: string, radius: number): void {
    if (radius > 0) this.lengths(name, radius);
    else this.line(name, term('corner.square'));
  }
  tool(kind: PrepBit['kind'], size: number, makes: string): void {
    const key = `${kind} ${size}`;
    const bit = this.bits.get(key) ?? { kind, size, makes: [] };
    if (!bit.makes.includes(`prep.${makes}`)) bit.makes.push(`prep.${makes}`);
    this.bits.set(key, bit);
  }
  tools(): PrepBit[] {
    const order = ['saw', 'bit', 'router', 'pilot'];
    return [...this.bits.values()].sort(
      (a, b) => order.indexOf(a.kind) - order.indexOf(b.kind) || b.size - a.size,
    );
  }
}
