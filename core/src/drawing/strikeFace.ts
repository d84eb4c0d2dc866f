import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { level } from './figures.js';
import { extentsOf, rect, type DrawingModel, type Element } from './model.js';

/**
 * The strike looked at from the opening: its plate with the holes of latch and bolt, where the
 * dead-latch pin meets it, and the face of the stop on the left; the pull side is on the right.
 * Heights run from the middle of the lock. An existing cut-out is drawn dashed. Undefined while there
 * is no lock or its leaf is open, and where nothing is cut into jamb or leaf.
 */
export function strikeFace(decided: DecidedOpening): DrawingModel | undefined {
  const { strike, reuse, spec } = decided.results.securing;
  if (!strike || strike.on === 'face' || strike.on === 'ends') return undefined;
  const { plate, centre, opening } = strike;
  // A long plate is drawn broken off, so that its figures across can be read.
  const half = Math.min(plate.height / 2, plate.width * 2.2);
  const broken = half < plate.height / 2;
  const edge = strike.toEdge === undefined ? centre + plate.width : centre + strike.toEdge;
  const room = Math.max(half * 0.5, mm(16));
  const elements: Element[] = [
    rect('frame', 0, -half - room, edge, half + room, 'securing.strike'),
    {
      kind: 'line',
      layer: 'floor',
      part: 'stopWidth',
      points: [
        { x: 0, y: -half - room },
        { x: 0, y: half + room },
      ],
    },
  ];
  const lip = strike.lip === undefined ? 0 : centre + strike.lip;
  elements.push(
    rect(
      'hardware',
      centre - plate.width / 2,
      -half,
      centre + plate.width / 2,
      half,
      'securing.strike',
    ),
  );
  const lipHalf = Math.min(half * 0.5, mm(28));
  if (lip > centre + plate.width / 2)
    elements.push(
      rect('hardware', centre + plate.width / 2, -lipHalf, lip, lipHalf, 'securing.strike'),
    );
  const latch = Math.min(half * 0.42, mm(16));
  const bolt = strike.boltThrow > 0;
  // Latch and bolt share the plate: the latch at its middle, the bolt beside it.
  const both = bolt && strike.latchThrow > 0;
  const latchAt = both && strike.form !== 'bored' ? -half * 0.12 : 0;
  if (strike.latchThrow > 0)
    elements.push(
      rect('leaf', opening[0], latchAt - latch, opening[1], latchAt + latch, 'securing.engagement'),
    );
  if (both && strike.form !== 'bored')
    elements.push(
      rect(
        'leaf',
        opening[0],
        latchAt + latch + mm(8),
        opening[1],
        latchAt + latch + mm(8) + latch * 1.4,
      ),
    );
  else if (bolt && strike.latchThrow === 0)
    elements.push(rect('leaf', opening[0], -latch, opening[1], latch));
  if (spec?.latch === 'dead-latching')
    elements.push({
      kind: 'circle',
      layer: 'hidden',
      part: 'securing.strike',
      centre: { x: (strike.pin[0] + strike.pin[1]) / 2, y: latchAt },
      radius: (strike.pin[1] - strike.pin[0]) / 2,
    });
  if (reuse) {
    const { strikeCutHeight, strikeCutWidth } = decided.facts;
    const high = (typeof strikeCutHeight === 'number' ? strikeCutHeight : plate.height) / 2;
    const wide = typeof strikeCutWidth === 'number' ? strikeCutWidth : plate.width;
    const far = opening[1] + (reuse.deep ?? 0);
    const middle = reuse.high ?? 0;
    elements.push(rect('off', far - wide, middle - high, far, middle + high, 'strikeAt'));
  }
  const text = Math.max(half / 7.5, mm(4));
  if (broken)
    for (const y of [-half, half])
      elements.push({
        kind: 'line',
        layer: 'leaf',
        points: [0, 1, 2, 3].map((step) => ({
          x: centre + plate.width * (step / 3 - 0.5) * 1.3,
          y: y + (step % 2 === 0 ? 1 : -1) * text * 0.35,
        })),
      });
  const top = half + room;
  elements.push(
    level('securing.strike', 0, strike.toFlat, top, top + text * 1.2),
    level('securing.strike', 0, centre, top, top + text * 3),
    {
      kind: 'dimension',
      layer: 'dimension',
      axis: 'vertical',
      part: 'securing.strike',
      from: { x: centre - plate.width / 2, y: -half },
      to: { x: centre - plate.width / 2, y: half },
      at: -text * 1.2,
      ticks: plate.height,
      rounding: 'nearest',
      basis: 'derived',
    },
  );
  if (lip > 0)
    elements.push(level('securing.strike', centre, lip, -lipHalf, -half - room - text * 1.2));
  return { view: 'strike', elements, extents: extentsOf(elements, text * 1.2), textHeight: text };
}
