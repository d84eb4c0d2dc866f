import type { DecidedOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { exitCase, hasRods, LOCK_FORMS, type LockFit, type StrikeFit } from '../securing/index.js';
import { outline, rect, type Element } from './model.js';

const PART = 'securing.kind';

/** Wall of a case, and the trim of an exit device outside: plate and projection of its handle (usual makes). */
const WALL = inches(0.125);
const TRIM_PLATE = inches(0.5);

/** The strokes of a nose that slides over a keep: flat behind, bevelled in front. */
function nose(from: number, out: number, near: number, far: number, part: string): Element {
  return outline(
    'hardware',
    [
      [from, near],
      [from + out, near],
      [from + out, near + (far - near) * 0.35],
      [from, far],
    ],
    part,
  );
}

/**
 * An exit device cut level: its case on the push face with what is in it, the bar's channel and pad, the
 * latch over its keep or the rods, the screws through the leaf, and what is worked outside.
 */
export function exitDeviceCut(
  decided: DecidedOpening,
  fit: LockFit,
  strike: StrikeFit,
  shown: number,
): Element[] {
  const { facts, practice } = decided;
  const { spec, leaf } = decided.results.securing;
  const t = leaf!.thickness;
  const { across, through } = exitCase(facts, practice);
  const body = practice.values.bodies.value;
  const end = -Math.min(across, shown);
  const far = -t - through;
  const elements: Element[] = [
    rect('hardware', end, far, 0, -t, PART),
    rect('detail', end + WALL, far + WALL, -WALL, -t, PART),
  ];
  if (-shown < end)
    elements.push(
      rect('hardware', -shown, -t - through * 0.42, end, -t, PART),
      rect('hardware', -shown, far, end, far + through * 0.34, PART),
    );
  for (const x of [end * 0.82, end * 0.24])
    elements.push(
      outline(
        'hidden',
        [
          [x, -t - WALL],
          [x, 0],
        ],
        PART,
        false,
      ),
    );
  const latchOut = strike.latchThrow > 0 ? strike.latchThrow : mm(16);
  if (fit.kind === 'rim-exit')
    elements.push(
      nose(0, latchOut, -t - through * 0.12, -t - through * 0.5, 'securing.engagement'),
    );
  if (hasRods(fit.kind)) {
    const surface = fit.kind === 'rods-surface';
    const rod = surface ? body.rod : body.concealedRod;
    const middle = surface ? -t - through * 0.5 : -fit.z;
    elements.push({
      kind: 'circle',
      layer: 'hardware',
      part: PART,
      centre: { x: -Math.min(fit.backset, across * 0.6), y: middle },
      radius: Math.min(rod.across, rod.through) / 2,
    });
  }
  if (!spec) return elements;
  const x = -fit.backset;
  const plate = body.rose.across / 2;
  if (spec.outsideHandle !== 'none') {
    const { lever } = body;
    elements.push(
      rect('hardware', x - plate, 0, x + plate, TRIM_PLATE, 'handle'),
      rect(
        'hardware',
        x - lever.across / 2,
        TRIM_PLATE,
        x + lever.across / 2,
        lever.through * 0.75,
        'handle',
      ),
      rect(
        'hardware',
        x - lever.across - plate,
        lever.through * 0.75,
        x + lever.across / 2,
        lever.through,
        'handle',
      ),
    );
  }
  if (spec.outsideKey.length > 0) {
    const half = inches(0.625);
    // Its tail reaches through the leaf to the case.
    elements.push(
      rect('hidden', x - half, -t, x + half, 0, 'securing.cylinder'),
      ...(spec.outsideHandle === 'none'
        ? [rect('hardware', x - half * 1.2, 0, x + half * 1.2, inches(0.3), 'securing.cylinder')]
        : []),
    );
  }
  return elements;
}

/** A lock on the face of the leaf: its case, bolt and latch into the keep, the cylinder through the leaf. */
export function rimLockCut(decided: DecidedOpening, fit: LockFit, strike: StrikeFit): Element[] {
  const { outsidePull, leaf, spec } = decided.results.securing;
  const form = LOCK_FORMS[fit.kind];
  if (!form.body) return [];
  const t = leaf!.thickness;
  const body = decided.practice.values.bodies.value;
  const size = body[form.body];
  // It stands on the inside: on the push face where the outside is the pull face.
  const face = outsidePull ? -t : 0;
  const out = outsidePull ? -1 : 1;
  const [near, far] = [face, face + out * size.through];
  const box = (
    layer: 'hardware' | 'detail' | 'hidden',
    left: number,
    from: number,
    right: number,
    to: number,
    part = PART,
  ) => rect(layer, left, Math.min(from, to), right, Math.max(from, to), part);
  const bolt = strike.latchThrow > 0 ? strike.latchThrow : Math.max(strike.boltThrow, mm(12));
  const back = -Math.min(fit.backset, size.across * 0.62);
  const key = mm(9);
  const keyed = spec ? spec.outsideKey.length > 0 : true;
  const other = outsidePull ? 0 : -t;
  return [
    box('hardware', -size.across, near, 0, far),
    box('detail', -size.across + WALL, near, -WALL, far - out * WALL),
    nose(
      0,
      bolt,
      face + out * size.through * 0.3,
      face + out * size.through * 0.72,
      'securing.engagement',
    ),
    ...(keyed
      ? [
          box('hidden', back - key, -t, back + key, 0, 'securing.cylinder'),
          box(
            'hardware',
            back - key * 1.8,
            other,
            back + key * 1.8,
            other - out * mm(6),
            'securing.cylinder',
          ),
        ]
      : []),
    // The knob or snib by which it is drawn back inside.
    box('hardware', back - key * 0.6, far, back + key * 0.6, far + out * mm(22), 'handle'),
  ];
}

/** A lock that fills a notch in the edge, its body from face to face. */
export function notchCut(decided: DecidedOpening, fit: LockFit): Element[] {
  const form = LOCK_FORMS[fit.kind];
  if (!form.body) return [];
  const t = decided.results.securing.leaf!.thickness;
  const { across } = decided.practice.values.bodies.value[form.body];
  return [
    rect('hardware', -across, -t, 0, 0, PART),
    rect('detail', -across + WALL, -t + WALL, -WALL, -WALL, PART),
  ];
}
