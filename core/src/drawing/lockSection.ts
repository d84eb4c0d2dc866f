import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { known, meetsInMiddle } from '../opening/index.js';
import { exitCase, isExit, LOCK_FORMS, type LockFit, type StrikeFit } from '../securing/index.js';
import {
  extentsOf,
  rect,
  type DrawingModel,
  type Element,
  type Layer,
  type Point,
} from './model.js';

/** How far the leaf stands open when it is drawn ajar, in thicknesses. */
const AJAR = 1.35;

/**
 * A level cut through the lock: lock side of the leaf with case, front, trim and bolt; jamb or second
 * leaf with stop, strike and lip; the room for fingers. The pull side is up, the lock edge on the
 * right, whatever the hand. Undefined while there is no lock or its leaf is open.
 *
 * @param ajar the leaf a little open, its latch against the lip, instead of closed
 */
export function lockSection(decided: DecidedOpening, ajar = false): DrawingModel | undefined {
  const { fit, strike, leaf } = decided.results.securing;
  if (!fit || !strike || !leaf) return undefined;
  const t = leaf.thickness;
  const shown = shownWidth(decided, fit, t);
  const moved = ajar ? ajarBy(decided, fit, strike, t) : 0;
  const elements: Element[] = [
    ...frameElements(decided, strike, t),
    ...leafElements(decided, fit, strike, shown).map((element) => shifted(element, moved)),
  ];
  const text = Math.max(t * 0.22, shown / 26);
  if (!ajar) elements.push(...figures(decided, fit, strike, t, shown, text));
  else
    elements.push({
      kind: 'text',
      layer: 'label',
      at: {
        x: -shown,
        y: moved + decided.practice.values.bodies.value.lever.through + text * 0.8,
      },
      text: strike.lip === undefined ? 'ajar' : 'ajar: the latch meets the end of the lip',
      anchor: 'start',
    });
  return {
    view: 'lock-section',
    elements,
    extents: extentsOf(elements, text * 1.1),
    textHeight: text,
  };
}

/** How far the leaf is drawn off its stop: so that its latch is about to meet the lip's end. */
function ajarBy(decided: DecidedOpening, fit: LockFit, strike: StrikeFit, t: number): number {
  if (strike.lip === undefined || strike.latchThrow === 0) return t * AJAR;
  const latch = decided.practice.values.latchBolt.value / 2;
  return -t - strike.play + strike.centre + strike.lip + fit.z + latch;
}

function shownWidth(decided: DecidedOpening, fit: LockFit, t: number): number {
  const { bodies } = decided.practice.values;
  const solid = fit.solid ? fit.solid.width * 1.25 : 0;
  return Math.min(
    decided.results.securing.leaf!.width,
    Math.max(
      solid,
      (fit.pocket?.across ?? 0) * 1.25,
      fit.backset + bodies.value.rose.across,
      t * 2.6,
    ),
  );
}

function shifted(element: Element, up: number): Element {
  if (up === 0) return element;
  const move = (point: Point): Point => ({ x: point.x, y: point.y + up });
  switch (element.kind) {
    case 'line':
      return { ...element, points: element.points.map(move) };
    case 'circle':
    case 'arc':
      return { ...element, centre: move(element.centre) };
    case 'text':
      return { ...element, at: move(element.at) };
    default:
      return element;
  }
}

const line = (layer: Layer, points: [number, number][], part?: string, closed = true): Element => ({
  kind: 'line',
  layer,
  closed,
  points: points.map(([x, y]) => ({ x, y })),
  ...(part ? { part } : {}),
});

/** Jamb with rabbet, stop, strike and trim; or the second leaf with its strike. */
function frameElements(decided: DecidedOpening, strike: StrikeFit, t: number): Element[] {
  const { facts } = decided;
  const { sizing: sizes } = decided.results;
  const { gap, play } = strike;
  const elements: Element[] = [];
  const stopFace = -t - play;
  const depth = Math.max(strike.latchHole, strike.boltHole, mm(12));
  const body = gap + depth + mm(22);
  const middle = stopFace + strike.centre;
  const pair = meetsInMiddle(facts.kind) && facts.meetingEdge !== 'mullion';
  if (!pair) {
    const edge = strike.toEdge === undefined ? 0 : middle + strike.toEdge;
    const below = stopFace - Math.max(sizes.stopWidth, t * 0.45);
    elements.push(
      line(
        'frame',
        [
          [gap, edge],
          [body, edge],
          [body, below],
          [gap - sizes.stopWidth, below],
          [gap - sizes.stopWidth, stopFace],
          [gap, stopFace],
        ],
        'stopWidth',
      ),
    );
    const trim = known(facts.trimProjection) ?? 0;
    if (trim > 0)
      elements.push(rect('wall', gap + mm(6), edge, body + mm(8), edge + trim, 'trimProjection'));
    if (play > 0)
      elements.push(rect('hidden', gap - sizes.stopWidth, stopFace, gap, -t, 'stopSeal'));
  } else {
    elements.push(rect('leaf', gap, -t, body + mm(20), 0, 'sizing.leafWidth'));
    if (facts.meetingEdge === 'astragal')
      elements.push(rect('hardware', -mm(18), -t - mm(5), gap + mm(22), -t, 'meetingEdge'));
  }
  if (strike.on === 'ends') return elements;
  if (strike.on === 'face') {
    // The keep stands on the frame, on the side the lock is on.
    const inside =
      decided.results.securing.outsidePull || isExit(decided.results.securing.fit!.kind);
    const at = inside ? stopFace : 0;
    const out = strike.plate.recess * 5;
    elements.push(
      rect(
        'hardware',
        gap - (inside ? sizes.stopWidth : 0),
        inside ? at - out : at,
        body,
        inside ? at : at + out,
        'securing.strike',
      ),
    );
    return elements;
  }
  // The recess of the plate, the holes behind it, the lip.
  const half = strike.plate.width / 2;
  const holes = Math.max(strike.latchHole, strike.boltHole);
  if (holes > 0)
    elements.push(
      rect(
        'hidden',
        gap,
        stopFace + strike.opening[0],
        gap + holes,
        stopFace + strike.opening[1],
        'securing.strike',
      ),
    );
  const plate = strike.plate.recess;
  const reach = strike.lip === undefined ? middle + half : middle + strike.lip;
  for (const [from, to] of [
    [middle - half, stopFace + strike.opening[0]],
    [stopFace + strike.opening[1], reach],
  ] as const)
    if (to > from) elements.push(rect('hardware', gap, from, gap + plate, to, 'securing.strike'));
  return elements;
}

/** Lock side of the leaf: its edge with the bevel, what limits it, case or bores, trim, latch. */
function leafElements(
  decided: DecidedOpening,
  fit: LockFit,
  strike: StrikeFit,
  shown: number,
): Element[] {
  const { facts, practice } = decided;
  const { securing } = decided.results;
  const t = securing.leaf!.thickness;
  const { bodies, fronts, plateThickness } = practice.values;
  const body = bodies.value;
  const { bevel } = fit;
  const form = LOCK_FORMS[fit.kind];
  const z = -fit.z;
  const elements: Element[] = [
    line(
      'leaf',
      [
        [-shown, 0],
        [bevel, 0],
        [-bevel, -t],
        [-shown, -t],
      ],
      'sizing.leafThickness',
    ),
  ];
  const filler = known(facts.faceFiller) ?? 0;
  if (filler > 0)
    elements.push(
      line(
        'hidden',
        [
          [-shown, -filler],
          [0, -filler],
        ],
        'faceFiller',
        false,
      ),
    );
  if (fit.solid) {
    const at = -fit.solid.width;
    if (fit.solid.by === 'blocking')
      elements.push(
        line(
          'hidden',
          [
            [at, 0],
            [at, -t],
          ],
          'blocking',
          false,
        ),
      );
    else if (-shown < at)
      elements.push(
        rect(
          'glass',
          -shown,
          -t * 0.66,
          at,
          -t * 0.34,
          fit.solid.by === 'glass' ? 'glassWidth' : 'stileWidth',
        ),
        line(
          'leaf',
          [
            [at, 0],
            [at, -t],
          ],
          'stileWidth',
          false,
        ),
      );
  }
  const { pocket, bore } = fit;
  if (pocket) {
    elements.push(
      rect(
        'hardware',
        -pocket.across,
        z - pocket.through / 2,
        0,
        z + pocket.through / 2,
        'securing.kind',
      ),
    );
    const { width, gauge } = fronts.value.pocket;
    const w = Math.min(width, t - mm(4));
    elements.push(rect('hardware', -gauge, z - w / 2, 0, z + w / 2, 'securing.backset'));
  }
  if (bore) {
    const cross = bore.cross / 2;
    elements.push(
      rect('hidden', -fit.backset - cross, -t, -fit.backset + cross, 0, 'securing.kind'),
      rect('hardware', -fit.backset, z - bore.edge / 2, 0, z + bore.edge / 2, 'securing.kind'),
    );
  }
  if (form.sits === 'inside-face' && form.body) {
    const size = body[form.body];
    const push = securing.outsidePull;
    elements.push(
      rect(
        'hardware',
        -size.across,
        push ? -t - size.through : 0,
        0,
        push ? -t : size.through,
        'securing.kind',
      ),
    );
  }
  if (form.sits === 'push-face' || fit.kind === 'mortise-exit') {
    const { across, through } = exitCase(facts, practice);
    elements.push(
      rect('hardware', -Math.min(across, shown), -t - through, 0, -t, 'securing.kind'),
      rect('hardware', -shown, -t - through, -Math.min(across, shown), -t - through * 0.4),
    );
  }
  if ((pocket ?? bore) && !isExit(fit.kind) && fit.kind !== 'sliding' && fit.kind !== 'roller')
    elements.push(...handles(decided, fit, t, plateThickness.value));
  const { lengths } = securing;
  if (lengths.profile) {
    const { outer, inner } = lengths.profile;
    const [pull, push] = securing.outsidePull ? [outer, inner] : [inner, outer];
    const r = mm(8.5);
    elements.push(
      rect(
        'hidden',
        -fit.backset - r,
        z - push.length,
        -fit.backset + r,
        z + pull.length,
        'securing.cylinder',
      ),
    );
  }
  // The latch, its bevel towards the stop: closing, that face leads.
  const w = practice.values.latchBolt.value / 2;
  const out = strike.latchThrow > 0 ? strike.latchThrow : strike.boltThrow;
  if (out > 0 && form.sits !== 'inside-face' && form.sits !== 'push-face')
    elements.push(
      line(
        'hardware',
        strike.latchThrow > 0
          ? [
              [0, z + w],
              [out, z + w],
              [out, z + w * 0.4],
              [mm(1), z - w],
              [0, z - w],
            ]
          : [
              [0, z + w],
              [out, z + w],
              [out, z - w],
              [0, z - w],
            ],
        'securing.engagement',
      ),
    );
  return elements;
}

/** Roses, and the handles as they are gripped, on both faces. */
function handles(decided: DecidedOpening, fit: LockFit, t: number, plate: number): Element[] {
  const { bodies } = decided.practice.values;
  const knob = known(decided.facts.handle) === 'knob';
  const { rose } = bodies.value;
  const grip = bodies.value[knob ? 'knob' : 'lever'];
  const x = -fit.backset;
  const half = grip.across / 2;
  const elements: Element[] = [];
  for (const side of [1, -1]) {
    const face = side > 0 ? 0 : -t;
    const at = (out: number) => face + side * out;
    const flat = (layer: Layer, left: number, from: number, right: number, to: number): Element =>
      rect(layer, left, Math.min(at(from), at(to)), right, Math.max(at(from), at(to)), 'handle');
    if (fit.kind !== 'narrow-stile')
      elements.push(flat('hardware', x - rose.across / 2, 0, x + rose.across / 2, plate));
    elements.push(
      flat('hardware', x - half * 0.55, plate, x + half * 0.55, grip.through * 0.7),
      knob
        ? flat('hardware', x - half, grip.through * 0.55, x + half, grip.through)
        : // The lever runs back over the leaf.
          flat(
            'hardware',
            x - half - rose.across * 0.9,
            grip.through * 0.7,
            x + half,
            grip.through,
          ),
    );
  }
  return elements;
}

/** The figures of the cut. */
function figures(
  decided: DecidedOpening,
  fit: LockFit,
  strike: StrikeFit,
  t: number,
  shown: number,
  text: number,
): Element[] {
  const { bodies } = decided.practice.values;
  const elements: Element[] = [];
  const knob = known(decided.facts.handle) === 'knob';
  const grip = bodies.value[knob ? 'knob' : 'lever'];
  const above = grip.through + text * 1.6;
  const below = -t - grip.through - text * 1.4;
  const across = (
    part: string,
    from: number,
    to: number,
    y: number,
    at: number,
    basis: 'derived' | 'given' = 'derived',
  ): Element => ({
    kind: 'dimension',
    layer: 'dimension',
    axis: 'horizontal',
    part,
    from: { x: from, y },
    to: { x: to, y },
    at,
    ticks: Math.round(Math.abs(to - from)),
    rounding: 'nearest',
    basis,
  });
  const through = (part: string, from: number, to: number, x: number, at: number): Element => ({
    kind: 'dimension',
    layer: 'dimension',
    axis: 'vertical',
    part,
    from: { x, y: from },
    to: { x, y: to },
    at,
    ticks: Math.round(Math.abs(to - from)),
    rounding: 'nearest',
    basis: 'derived',
  });
  const inLeaf = fit.pocket ?? fit.bore;
  if (inLeaf) elements.push(across('securing.backset', -fit.backset, 0, 0, above));
  if (fit.pocket) elements.push(across('securing.kind', -fit.pocket.across, 0, -t, below));
  if (fit.solid && fit.solid.width < shown)
    elements.push(across('stileWidth', -fit.solid.width, 0, 0, above + (inLeaf ? text * 1.7 : 0)));
  // Outside the halves of a cylinder, whose figures stand nearer.
  const outer = decided.results.securing.lengths.profile ? 3.2 : 1.2;
  elements.push(through('sizing.leafThickness', -t, 0, -shown, -shown - text * outer));
  if (inLeaf && !isExit(fit.kind) && fit.kind !== 'sliding' && fit.kind !== 'roller') {
    // Room for fingers: from the grip to the stop on the push side, to the jamb on the pull side.
    const edge = -fit.backset + grip.across / 2;
    const y = -t - grip.through * 0.85;
    if (strike.on === 'jamb')
      elements.push(across('handle', edge, edge + fit.fingersPush, y, y - text * 0.2));
    elements.push(
      word('fingers', edge + fit.fingersPull + text * 0.5, grip.through * 0.85, 'start'),
      across(
        'handle',
        edge,
        edge + fit.fingersPull,
        grip.through * 0.85,
        grip.through * 0.85 + text * 0.1,
      ),
    );
  }
  const right = strike.gap + Math.max(strike.latchHole, strike.boltHole, mm(12)) + mm(22);
  const stopFace = -t - strike.play;
  const { lengths } = decided.results.securing;
  if (lengths.profile) {
    const { outer, inner } = lengths.profile;
    const [pull, push] = decided.results.securing.outsidePull ? [outer, inner] : [inner, outer];
    const at = -shown - text * 1.2;
    elements.push(
      through('securing.cylinder', -fit.z, -fit.z + pull.length, -fit.backset, at),
      through('securing.cylinder', -fit.z - push.length, -fit.z, -fit.backset, at),
    );
  }
  if (strike.on === 'jamb' || strike.on === 'leaf')
    elements.push(
      through(
        'securing.strike',
        stopFace,
        stopFace + strike.toFlat,
        strike.gap,
        right + text * 1.4,
      ),
    );
  if (strike.lip !== undefined)
    elements.push(
      through(
        'securing.strike',
        stopFace + strike.centre,
        stopFace + strike.centre + strike.lip,
        strike.gap,
        right + text * 3.4,
      ),
    );
  elements.push(
    word('pull side', -shown, above + text * 1.9 + (fit.solid ? text * 1.2 : 0), 'start'),
    word('push side', -shown, below - text * 1.2, 'start'),
  );
  return elements;
}

const word = (text: string, x: number, y: number, anchor: 'start' | 'middle' | 'end'): Element => ({
  kind: 'text',
  layer: 'label',
  at: { x, y },
  text,
  anchor,
});
