import type { DecidedOpening } from '../deciding/index.js';
import { formatLength } from '../measure/index.js';
import { termText } from '../phrasing/index.js';
import { unitsOf } from '../scheduling/index.js';
import { cutsOf } from './cuts.js';

/** One thing that a maker prepares a leaf or a frame for, in words. */
export interface Reinforcement {
  mark: string;
  leaf: string;
  member: string;
  thing: string;
  count: number;
  /** From the datum to the upper end of each, the highest first. */
  places: string;
  size: string;
}

/**
 * What the maker of the frame (or of the leaf) reinforces and cuts: each thing of a member once, with its places
 * below the frame's head (the leaf's top), its height × width × depth.
 */
export function reinforcements(decided: DecidedOpening, on: 'leaf' | 'frame'): Reinforcement[] {
  const units = unitsOf(decided);
  const shown = (ticks: number) => formatLength(ticks, units);
  const lines = new Map<string, Reinforcement & { tops: number[] }>();
  for (const cut of cutsOf(decided)) {
    if (cut.on !== on) continue;
    const size = [cut.down[1] - cut.down[0], cut.across[1] - cut.across[0], cut.depth]
      .map(shown)
      .join(' × ');
    const key = [cut.leaf, cut.member, cut.thing, size].join();
    const line = lines.get(key) ?? {
      mark: decided.facts.mark,
      leaf: cut.leaf === 'leaf' ? '' : termText(`leaf.${cut.leaf}`, units.language),
      member: termText(`member.${cut.member}`, units.language),
      thing: termText(cut.thing, units.language),
      count: 0,
      places: '',
      size,
      tops: [],
    };
    line.count += 1;
    line.tops.push(cut.down[0]);
    lines.set(key, line);
  }
  return [...lines.values()].map(({ tops, ...line }) => ({
    ...line,
    places: tops
      .sort((a, b) => a - b)
      .map(shown)
      .join('; '),
  }));
}
