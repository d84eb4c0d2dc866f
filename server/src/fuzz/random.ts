/** A small seeded generator (mulberry32): the same seed gives the same run. */
export class Random {
  constructor(private state: number) {}

  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  below(end: number): number {
    return Math.floor(this.next() * end);
  }

  of<T>(list: readonly T[]): T {
    return list[this.below(list.length)]!;
  }

  chance(share: number): boolean {
    return this.next() < share;
  }
}
