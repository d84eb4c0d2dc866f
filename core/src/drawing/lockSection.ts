import type { DecidedOpening } from '../deciding/index.js';
import { exitCase, isExit, LOCK_FORMS, type LockFit, type StrikeFit } from '../securing/index.js';
import { extentsOf, type DrawingModel, type Element, type Point } from './model.js';
import { lockSectionFigures } from './lockSectionFigures.js';
import { lockSectionFrame } from './lockSectionFrame.js';
import { lockSectionLeaf } from './lockSectionLeaf.js';

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
    ...lockSectionFrame(decided, strike, t),
    ...lockSectionLeaf(decided, fit, strike, shown).map((element) => shifted(element, moved)),
  ];
  const text = Math.max(t * 0.22, shown / 26);
  if (!ajar) elements.push(...lockSectionFigures(decided, fit, strike, t, shown, text));
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
  const { body } = LOCK_FORMS[fit.kind];
  const face = body ? bodies.value[body] : undefined;
  return Math.min(
    decided.results.securing.leaf!.width,
    Math.max(
      solid,
      (fit.pocket?.across ?? 0) * 1.25,
      fit.backset + bodies.value.rose.across,
      isExit(fit.kind) ? exitCase(decided.facts, decided.practice).across * 1.35 : 0,
      face ? face.across * 1.25 : 0,
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
