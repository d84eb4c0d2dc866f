import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { valueOrUndefined, meetsInMiddle } from '../model/index.js';
import { isExit, type StrikeFit } from '../securing/index.js';
import { outline, rect, type Element } from './model.js';

/** Jamb with rabbet, stop, strike and trim; or the second leaf with its strike. */
export function lockSectionFrame(decided: DecidedOpening, strike: StrikeFit, t: number): Element[] {
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
      outline(
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
    const trim = valueOrUndefined(facts.trimProjection) ?? 0;
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
