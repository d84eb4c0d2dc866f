import type { DecidedOpening } from '../deciding/index.js';
import { SET_STAGES } from '../stageRegistry/index.js';
import { elevation } from './elevation.js';
import { upright } from './figures.js';
import { extentsOf, mirror, rect, type DrawingModel, type Element } from './model.js';
import { hingeEdge, placeLeaves, type Placed, type PlacedLeaf } from './place.js';

/** From which side an elevation is seen. */
export type Face = 'outside' | 'inside';

/** Something electric as it stands on the elevation; ticks, seen from outside, x from the left rabbet. */
export interface PlacedDevice {
  readonly number: number;
  /** Term code of what it is. */
  readonly term: string;
  /** The side it is on; undefined for what is in leaf or frame. */
  readonly face: Face | undefined;
  readonly x: readonly [number, number];
  readonly y: readonly [number, number];
  /** Its middle above the finished floor, where it is worked by hand. */
  readonly height: number | undefined;
}

interface Spot {
  term: string;
  face: Face | undefined;
  x: number;
  y: number;
  across: number;
  up: number;
  byHand?: boolean;
}

const BESIDE = ['reader', 'keypad', 'intercom'] as const;

/**
 * What is electric of an opening, where it stands: what people work beside the lock edge (of a pair beside its active
 * leaf) at the height everybody reaches, magnets and contact at the head, what is in the leaf at the
 * lock, the wire's way at the hinge. Empty while sizes are open or nothing works by power.
 */
export function devicesOf(decided: DecidedOpening): PlacedDevice[] {
  const placed = placeLeaves(decided);
  const { loads } = decided.results.powering;
  if (!placed || loads.length === 0) return [];
  return spotsOf(decided, placed).map(({ term, face, x, y, across, up, byHand }, at) => ({
    number: at + 1,
    term,
    face,
    x: [x - across / 2, x + across / 2],
    y: [y - up / 2, y + up / 2],
    height: byHand ? y - decided.results.sizing.floorFinish : undefined,
  }));
}

/** The leaf with the lock, and which way its lock edge and the wall beside it lie. */
function activeOf({ leaves, width }: Placed): { leaf: PlacedLeaf; wall: 'left' | 'right' } {
  const leaf = leaves.find(({ active }) => active) ?? leaves[0]!;
  const hinges = leaf.hinges ?? 'left';
  const pair = leaves.length > 1 && leaf.width < width * 0.9;
  const other = hinges === 'left' ? 'right' : 'left';
  return { leaf, wall: pair ? hinges : other };
}

function spotsOf(decided: DecidedOpening, placed: Placed): Spot[] {
  const { facts, practice, results } = decided;
  const { powering, securing, sizing } = results;
  const { deviceSizes, reach, exitButtonLow, exitButtonHigh } = practice.values;
  const sizes = deviceSizes.value;
  const { width, height, face } = placed;
  const { leaf, wall } = activeOf(placed);
  const floor = sizing.floorFinish;
  const away = wall === 'left' ? -1 : 1;
  const jamb = wall === 'left' ? 0 : width;
  const has = (load: string) => powering.loads.some((one) => one === load);
  const spots: Spot[] = [];
  // Beside the frame, one after the other on each side of the wall.
  const taken = { outside: 0, inside: 0 };
  const beside = (of: keyof typeof sizes, on: Face, above: number) => {
    const size = sizes[of];
    taken[on] += size.across * 1.6;
    const x = jamb + away * (face + taken[on]);
    taken[on] += size.across * 0.6;
    spots.push({ term: `load.${of}`, face: on, x, y: floor + above, ...size, byHand: true });
  };
  const reached = (reach.value.from + reach.value.to) / 2;
  for (const one of BESIDE) if (has(one)) beside(one, 'outside', reached);
  if (has('exit-button'))
    beside('exit-button', 'inside', (exitButtonLow.value + exitButtonHigh.value) / 2);
  if (facts.access === 'button') beside('button', 'inside', reached);
  if (has('sensor'))
    spots.push({
      term: 'load.sensor',
      face: 'inside',
      x: width / 2,
      y: height + face + sizes.sensor.up * 2,
      ...sizes.sensor,
    });
  const leaves = has('magnet') ? placed.leaves : [];
  for (const one of leaves) {
    const { x: hinge, away: along } = hingeEdge(one);
    const { magnet } = sizes;
    const x = hinge + along * (one.width - magnet.across * 0.6);
    spots.push({ term: 'load.magnet', face: 'inside', x, y: height - magnet.up / 2, ...magnet });
  }
  const { x: hinge, away: along } = hingeEdge(leaf);
  const lockEdge = hinge + along * leaf.width;
  const watched = decided.items.some(({ term }) => term === 'item.power.contact');
  if (watched)
    spots.push({
      term: 'load.contact',
      face: undefined,
      x: hinge + along * leaf.width * 0.6,
      y: height,
      ...sizes.contact,
    });
  const lockAt = floor + (securing.height ?? reached);
  if (has('strike'))
    spots.push({ term: 'load.strike', face: undefined, x: lockEdge, y: lockAt, ...sizes.strike });
  for (const load of ['lock', 'exit-trim', 'retraction', 'delayed', 'exit-switch'] as const)
    if (has(load))
      spots.push({
        term: `load.${load}`,
        face: undefined,
        x: lockEdge - along * sizes.passes.across,
        y: lockAt,
        ...sizes.passes,
      });
  const { path } = powering;
  if (path !== undefined && path !== 'frame') {
    const { positions, hingeHeight = 0 } = leaf.hung;
    const at = (results.hanging.wireHinge ?? 2) - 1;
    const top = positions?.[Math.min(at, positions.length - 1)];
    const y =
      path === 'hinge' && top !== undefined
        ? leaf.bottom + leaf.height - top - (hingeHeight ?? 0) / 2
        : lockAt;
    spots.push({ term: `wirePath.${path}`, face: undefined, x: hinge, y, ...sizes.passes });
  }
  return spots;
}

const QUIET: ReadonlySet<string> = new Set(SET_STAGES);

/**
 * The elevation from one side with everything electric on it, each with its number and, where a hand
 * works it, its height above the floor. Undefined while sizes are open or nothing works by power.
 */
export function devicesDrawing(decided: DecidedOpening, from: Face): DrawingModel | undefined {
  const placed = placeLeaves(decided);
  const devices = devicesOf(decided).filter(({ face }) => face === undefined || face === from);
  if (!placed || devices.length === 0) return undefined;
  const base = elevation(decided, from);
  const text = base.textHeight;
  const { width, height, face } = placed;
  const floor = decided.results.sizing.floorFinish;
  const elements: Element[] = [];
  const told = { left: [] as PlacedDevice[], right: [] as PlacedDevice[] };
  for (const device of devices) {
    const { x, y, number, height: above } = device;
    const part = `device:${number}`;
    elements.push(rect('force', x[0], y[0], x[1], y[1], part));
    const middle = (x[0] + x[1]) / 2;
    if (x[1] < -face || x[0] > width + face) {
      // On the wall: its number over it, its height beyond it.
      elements.push(numbered(number, part, middle, y[1] + text * 0.4, 'middle'));
      const out = middle < 0 ? x[0] - text * 0.9 : x[1] + text * 0.9;
      if (above !== undefined) elements.push(upright(part, middle, floor, (y[0] + y[1]) / 2, out));
    } else if (y[0] > height + face)
      elements.push(numbered(number, part, x[1] + text * 0.4, y[0], 'start'));
    else if (y[1] > height - text)
      elements.push(numbered(number, part, middle, height + face + text * 0.4, 'middle'));
    else told[middle < width / 2 ? 'left' : 'right'].push(device);
  }
  for (const side of ['left', 'right'] as const) {
    let above = -Infinity;
    for (const { number, y } of told[side].sort((a, b) => a.y[0] - b.y[0])) {
      above = Math.max(above + text * 1.3, (y[0] + y[1]) / 2 - text * 0.4);
      const x = side === 'left' ? -face - text * 0.4 : width + face + text * 0.4;
      const anchor = side === 'left' ? 'end' : 'start';
      elements.push(numbered(number, `device:${number}`, x, above, anchor));
    }
  }
  const kept = base.elements.filter(
    (element) => element.kind !== 'dimension' && element.kind !== 'text',
  );
  const all = [...kept.map(quiet), ...(from === 'inside' ? mirror(elements, width) : elements)];
  return { view: 'devices', elements: all, extents: extentsOf(all, text * 2), textHeight: text };
}

/** Hardware of other stages stands back: what is electric is looked for. */
function quiet(element: Element): Element {
  const stage = element.part?.split('.')[0];
  return element.layer === 'hardware' && stage !== undefined && QUIET.has(stage)
    ? { ...element, layer: 'detail' }
    : element;
}

function numbered(
  number: number,
  part: string,
  x: number,
  y: number,
  anchor: 'start' | 'middle' | 'end',
): Element {
  return { kind: 'text', layer: 'force', part, at: { x, y }, text: String(number), anchor };
}
