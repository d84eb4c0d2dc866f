import type { DecidedOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import { valueOrUndefined } from '../model/index.js';
import { exitCase, isExit, LOCK_FORMS, type LockFit, type StrikeFit } from '../securing/index.js';
import { level, upright, word } from './figures.js';
import type { Element } from './model.js';

/** The figures of the cut. */
export function lockSectionFigures(
  decided: DecidedOpening,
  fit: LockFit,
  strike: StrikeFit,
  t: number,
  shown: number,
  text: number,
): Element[] {
  const { bodies } = decided.practice.values;
  const elements: Element[] = [];
  const knob = valueOrUndefined(decided.facts.handle) === 'knob';
  const grip = bodies.value[knob ? 'knob' : 'lever'];
  const above = grip.through + text * 1.6;
  const { sits, body } = LOCK_FORMS[fit.kind];
  const exit = sits === 'push-face' || fit.kind === 'mortise-exit';
  const onFace = exit
    ? exitCase(decided.facts, decided.practice)
    : sits === 'inside-face' && body
      ? bodies.value[body]
      : undefined;
  const inside = decided.results.securing.outsidePull || exit;
  // Below whatever stands furthest out on the push side.
  const below = -t - Math.max(grip.through, inside ? (onFace?.through ?? 0) : 0) - text * 1.4;
  const inLeaf = fit.pocket ?? fit.bore;
  if (inLeaf) elements.push(level('securing.backset', -fit.backset, 0, 0, above));
  if (fit.pocket) elements.push(level('securing.kind', -fit.pocket.across, 0, -t, below));
  if (onFace) {
    const [near, far] = inside ? [-t - onFace.through, -t] : [0, onFace.through];
    const end = -Math.min(onFace.across, shown);
    elements.push(
      level(
        'securing.kind',
        end,
        0,
        inside ? near : far,
        (inside ? below : above) - (fit.pocket ? text * 1.7 : 0),
      ),
      ...(inLeaf
        ? []
        : [level('securing.backset', -fit.backset, 0, 0, above + (inside ? 0 : text * 1.7))]),
      upright('securing.kind', -shown, near, far, -shown - text * 2.9),
    );
  }
  if (sits === 'notch' && body)
    elements.push(level('securing.kind', -bodies.value[body].across, 0, -t, below));
  if (fit.solid && fit.solid.width < shown)
    elements.push(
      level('stileWidth', -fit.solid.width, 0, 0, above + (inLeaf || onFace ? text * 1.7 : 0)),
    );
  // Outside the halves of a cylinder, whose figures stand nearer.
  const outer = decided.results.securing.lengths.profile ? 3.2 : 1.2;
  elements.push(upright('sizing.leafThickness', -shown, -t, 0, -shown - text * outer));
  if (inLeaf && !isExit(fit.kind) && fit.kind !== 'sliding' && fit.kind !== 'roller') {
    // Room for fingers: from the grip to the stop on the push side, to the jamb on the pull side.
    const edge = -fit.backset + grip.across / 2;
    const y = -t - grip.through * 0.85;
    if (strike.on === 'jamb')
      elements.push(level('handle', edge, edge + fit.fingersPush, y, y - text * 0.2));
    elements.push(
      word('fingers', edge + fit.fingersPull + text * 0.5, grip.through * 0.85, 'start'),
      level(
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
      upright('securing.cylinder', -fit.backset, -fit.z, -fit.z + pull.length, at),
      upright('securing.cylinder', -fit.backset, -fit.z - push.length, -fit.z, at),
    );
  }
  if (strike.on === 'jamb' || strike.on === 'leaf')
    elements.push(
      upright(
        'securing.strike',
        strike.gap,
        stopFace,
        stopFace + strike.toFlat,
        right + text * 1.4,
      ),
    );
  if (strike.lip !== undefined)
    elements.push(
      upright(
        'securing.strike',
        strike.gap,
        stopFace + strike.centre,
        stopFace + strike.centre + strike.lip,
        right + text * 3.4,
      ),
    );
  elements.push(
    word(
      'pull side',
      -shown,
      above + text * 1.9 + (fit.solid || !inside ? text * 1.2 : 0),
      'start',
    ),
    word('push side', -shown, below - text * (fit.pocket && onFace ? 2.9 : 1.2), 'start'),
  );
  return elements;
}
