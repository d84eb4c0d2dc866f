import type { DecidedOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { valueOrUndefined } from '../model/index.js';
import { hasRods } from '../securing/index.js';
import { level, upright, word } from './figures.js';
import { extentsOf, outline, rect, type DrawingModel, type Element } from './model.js';

/** How much of the leaf's end is drawn, and how far a bolt shoots (usual makes). */
const SHOWN = inches(5);
const SHOT = inches(0.5);
const STRIKE = inches(0.1875);

/**
 * Head and floor where the rods of an exit device end, cut upright from the side: leaf, rod and its latch,
 * the strike in head, floor or threshold, with the gaps they cross. The pull face is left. Undefined where
 * no rods are, or sizes are open.
 */
export function rodEnds(decided: DecidedOpening): DrawingModel | undefined {
  const { facts, practice } = decided;
  const { sizing: sizes, securing } = decided.results;
  const { fit, leaf, kind } = securing;
  if (!fit || !leaf || kind === undefined || !hasRods(kind)) return undefined;
  const headGap = sizes.headGap;
  const undercut = sizes.undercut;
  if (headGap === undefined || undercut === undefined) return undefined;
  const t = leaf.thickness;
  const body = practice.values.bodies.value;
  const surface = kind === 'rods-surface';
  const rod = surface ? body.rod : body.concealedRod;
  const middle = surface ? t + rod.through / 2 : fit.z;
  const half = Math.min(rod.across, rod.through) / 2;
  const text = t * 0.24;
  const lower = valueOrUndefined(facts.plainFloor) !== true;
  const stop = sizes.stopWidth;
  const break_ = SHOWN * 0.35;
  // The two ends stand above each other, the leaf between them broken off.
  const headAt = SHOWN * 2 + break_;
  const elements: Element[] = [];
  // Head: the leaf's top, the frame above it with its stop on the push side.
  elements.push(
    rect('leaf', 0, headAt - SHOWN, t, headAt, 'sizing.leafThickness'),
    outline(
      'frame',
      [
        [-t * 0.3, headAt + headGap],
        [t + mm(2), headAt + headGap],
        [t + mm(2), headAt + headGap - stop],
        [t * 2.2, headAt + headGap - stop],
        [t * 2.2, headAt + headGap + t],
        [-t * 0.3, headAt + headGap + t],
      ],
      'sizing.frameHeight',
    ),
    rect(
      'hardware',
      middle - half,
      headAt - SHOWN,
      middle + half,
      headAt - (surface ? stop : 0),
      'lockKind',
    ),
    latch(middle, half, headAt - (surface ? stop : 0), headGap + SHOT),
  );
  if (!surface)
    elements.push(
      rect(
        'hardware',
        middle - half * 2.2,
        headAt + headGap,
        middle + half * 2.2,
        headAt + headGap + STRIKE,
        'securing.strike',
      ),
      rect(
        'hidden',
        middle - half * 1.4,
        headAt + headGap,
        middle + half * 1.4,
        headAt + headGap + SHOT + mm(6),
        'securing.strike',
      ),
    );
  else
    elements.push(
      rect(
        'hardware',
        t + mm(2),
        headAt + headGap - stop - STRIKE,
        t * 2,
        headAt + headGap - stop,
        'securing.strike',
      ),
    );
  // Foot: the leaf's bottom above the finished floor or its threshold.
  const floor = 0;
  const bottom = undercut;
  elements.push(rect('leaf', 0, bottom, t, bottom + SHOWN, 'sizing.leafThickness'), {
    kind: 'line',
    layer: 'floor',
    points: [
      { x: -t, y: floor },
      { x: t * 2.6, y: floor },
    ],
  });
  if (lower)
    elements.push(
      rect('hardware', middle - half, bottom, middle + half, bottom + SHOWN, 'lockKind'),
      rect('hardware', middle - half * 0.7, floor - SHOT, middle + half * 0.7, bottom, 'lockKind'),
      rect(
        'hardware',
        middle - half * 2.4,
        floor - STRIKE,
        middle + half * 2.4,
        floor,
        'securing.strike',
      ),
      rect(
        'hidden',
        middle - half * 1.4,
        floor - SHOT - mm(8),
        middle + half * 1.4,
        floor,
        'securing.strike',
      ),
    );
  elements.push(
    upright('sizing.headGap', 0, headAt, headAt + headGap, -t * 0.9),
    upright('sizing.undercut', 0, floor, bottom, -t * 0.9),
    level('securing.strike', 0, middle, headAt - SHOWN * 0.6, headAt - SHOWN - text * 1.2),
    word('head', t * 2.2 + text, headAt + headGap + t * 0.4, 'start'),
    word(lower ? 'floor strike' : 'no lower rod', t * 2.2 + text, floor + text * 1.4, 'start'),
    word(
      surface ? 'strike on the stop' : 'strike in the head',
      t * 2.2 + text,
      headAt + headGap - stop - text,
      'start',
    ),
  );
  return { view: 'strike', elements, extents: extentsOf(elements, text * 1.4), textHeight: text };
}

/** The latch at the end of a rod, bevelled towards the pull side it closes from. */
function latch(middle: number, half: number, from: number, out: number): Element {
  return outline(
    'hardware',
    [
      [middle - half * 0.8, from],
      [middle + half * 0.8, from],
      [middle + half * 0.8, from + out],
      [middle + half * 0.2, from + out],
      [middle - half * 0.8, from + out * 0.45],
    ],
    'securing.engagement',
  );
}
