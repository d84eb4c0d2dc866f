import type { Practice } from '../practice/index.js';
import type { Powering } from './result.js';
import type { Load } from './values.js';

/** One run of cable: what hangs on it, how many of it, and what it carries. */
export interface WireRun {
  readonly load: Load;
  readonly count: number;
  /** Where what draws current is. */
  readonly at: 'leaf' | 'frame' | 'wall';
  /** How the run crosses to the leaf; undefined where it does not. */
  readonly through: 'hinge' | 'transfer' | 'loop' | undefined;
  /** Conductors of all of them together: power there and back, signals. */
  readonly conductors: number;
  /** The least wire of what is fed; undefined while the run's length is open. */
  readonly wire: string | undefined;
  /** Amperes held and as it is switched on, all together. */
  readonly hold: number;
  readonly inrush: number;
}

/** Loads that are in the leaf. */
const IN_LEAF: ReadonlySet<Load> = new Set([
  'lock',
  'exit-trim',
  'retraction',
  'delayed',
  'exit-switch',
]);

/** Loads that stand beside the opening. */
const ON_WALL: ReadonlySet<Load> = new Set([
  'reader',
  'keypad',
  'intercom',
  'holder',
  'exit-button',
]);

/** The wiring list of an opening: every run from the supply to what draws current, like ones together. */
export function wiringOf({ loads, path, wire }: Powering, { values }: Practice): WireRun[] {
  const counts = new Map<Load, number>();
  for (const load of loads) counts.set(load, (counts.get(load) ?? 0) + 1);
  return Array.from(counts, ([load, count]) => {
    const row = values.loads.value[load];
    const leaf = IN_LEAF.has(load);
    return {
      load,
      count,
      at: leaf ? 'leaf' : ON_WALL.has(load) ? 'wall' : 'frame',
      through: leaf && path !== undefined && path !== 'frame' ? path : undefined,
      conductors: values.conductors.value[load] * count,
      wire: wire?.name,
      hold: row.hold * count,
      inrush: row.inrush * count,
    };
  });
}
