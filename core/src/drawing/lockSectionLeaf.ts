import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { valueOrUndefined } from '../model/index.js';
import { isExit, LOCK_FORMS, type LockFit, type StrikeFit } from '../securing/index.js';
import { exitDeviceCut, notchCut, rimLockCut } from './lockSectionDevices.js';
import { outline, rect, type Element, type Layer } from './model.js';

/** Lock side of the leaf: its edge with the bevel, what limits it, case or bores, trim, latch. */
export function lockSectionLeaf(
  decided: DecidedOpening,
  fit: LockFit,
  strike: StrikeFit,
  shown: number,
): Element[] {
  const { facts, practice } = decided;
  const { securing } = decided.results;
  const t = securing.leaf!.thickness;
  const { fronts, plateThickness } = practice.values;
  const { bevel } = fit;
  const form = LOCK_FORMS[fit.kind];
  const z = -fit.z;
  const elements: Element[] = [
    outline(
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
  const filler = valueOrUndefined(facts.faceFiller) ?? 0;
  if (filler > 0)
    elements.push(
      outline(
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
        outline(
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
        outline(
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
  if (form.sits === 'inside-face') elements.push(...rimLockCut(decided, fit, strike));
  if (form.sits === 'notch') elements.push(...notchCut(decided, fit));
  if (form.sits === 'push-face' || fit.kind === 'mortise-exit')
    elements.push(...exitDeviceCut(decided, fit, strike, shown));
  if (
    (form.sits === 'notch' || (pocket ?? bore)) &&
    !isExit(fit.kind) &&
    fit.kind !== 'sliding' &&
    fit.kind !== 'roller'
  )
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
      outline(
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
  const { spec, outsidePull } = decided.results.securing;
  const knob = valueOrUndefined(decided.facts.handle) === 'knob';
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
    if (spec) {
      const outside = side > 0 === outsidePull;
      if ((outside ? spec.outsideHandle : spec.insideHandle) === 'none') {
        // No handle here: what a key or a turn works stands a little off the rose.
        const works = outside ? spec.outsideKey : [...spec.insideKey, ...spec.insideTurn];
        if (works.length > 0)
          elements.push(flat('hardware', x - half, plate, x + half, plate * 2.2));
        continue;
      }
    }
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
