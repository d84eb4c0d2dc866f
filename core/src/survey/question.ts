import { inches, mm, type Ticks } from '../measure/index.js';
import { said, type Said } from '../opening/index.js';
import type { Survey } from './current.js';
import { hingeReading, MOST_HINGES } from './names.js';

/** What openings and their parts measure; outside of it a reading is questioned, never refused. */
const USUAL: Record<string, readonly [Ticks, Ticks]> = {
  widthTop: [mm(400), mm(4000)],
  widthMiddle: [mm(400), mm(4000)],
  widthBottom: [mm(400), mm(4000)],
  heightHinge: [mm(1500), mm(4500)],
  heightLock: [mm(1500), mm(4500)],
  leafWidth: [mm(350), mm(2000)],
  leafHeight: [mm(1400), mm(4400)],
  leafThickness: [mm(20), mm(100)],
  headGapNow: [0, mm(15)],
  wallThickness: [mm(40), mm(900)],
  floorRise: [0, mm(60)],
  coveringNow: [0, mm(60)],
  coveringLater: [0, mm(60)],
  plumbHinge: [-mm(60), mm(60)],
  plumbLock: [-mm(60), mm(60)],
  hingeHeight: [mm(50), mm(200)],
  hingeWidth: [mm(40), mm(220)],
  hingeSetBack: [0, mm(25)],
  lockHeight: [mm(700), mm(1400)],
  strikeHeight: [mm(700), mm(1400)],
  backset: [mm(25), mm(200)],
  lockCase: [mm(15), mm(350)],
  strikeLength: [mm(15), mm(400)],
};

/** How far the middle may lie off both others, and the two heights from each other. */
const OFF = inches(1);
/** How far a diagonal may lie off what width and height give, as the crookedest frame does. */
const DIAGONAL_OFF = mm(40);

/**
 * Whether a reading can be: its own size, and against the others (with it in place). The first doubt
 * is returned; nothing when it is plausible. Readings are questioned, not refused.
 */
export function questionOf(name: string, value: Ticks, survey: Survey): Said | undefined {
  const usual = USUAL[name] ?? (/^hinge\d$/.test(name) ? [0, mm(4400)] : undefined);
  if (usual && (value < usual[0]! || value > usual[1]!)) {
    return said('survey.question.size', {
      value: { ticks: value },
      least: { ticks: usual[0]! },
      most: { ticks: usual[1]! },
    });
  }
  const read = (other: string) => (other === name ? value : survey.number(other));
  return (
    questionWidths(name, read) ??
    questionHeights(name, read) ??
    questionDiagonal(name, value, read) ??
    questionLeaf(name, read) ??
    questionHinges(name, value, read) ??
    questionStrike(name, read)
  );
}

type Read = (name: string) => Ticks | undefined;

function questionWidths(name: string, read: Read): Said | undefined {
  if (!name.startsWith('width')) return undefined;
  const [top, middle, bottom] = [read('widthTop'), read('widthMiddle'), read('widthBottom')];
  if (top === undefined || middle === undefined || bottom === undefined) return undefined;
  if (Math.abs(middle - top) <= OFF || Math.abs(middle - bottom) <= OFF) return undefined;
  return said('survey.question.middle', {
    middle: { ticks: middle },
    top: { ticks: top },
    bottom: { ticks: bottom },
  });
}

function questionHeights(name: string, read: Read): Said | undefined {
  if (!name.startsWith('height')) return undefined;
  const [hinge, lock] = [read('heightHinge'), read('heightLock')];
  if (hinge === undefined || lock === undefined || Math.abs(hinge - lock) <= 2 * OFF)
    return undefined;
  return said('survey.question.heights', { hinge: { ticks: hinge }, lock: { ticks: lock } });
}

function questionDiagonal(name: string, value: Ticks, read: Read): Said | undefined {
  if (!name.startsWith('diagonal')) return undefined;
  const width = read('widthBottom') ?? read('widthTop');
  const height = read('heightHinge') ?? read('heightLock');
  if (width === undefined || height === undefined) return undefined;
  const square = Math.hypot(width, height);
  if (Math.abs(value - square) <= DIAGONAL_OFF) return undefined;
  return said('survey.question.diagonal', { square: { ticks: Math.round(square) } });
}

function questionLeaf(name: string, read: Read): Said | undefined {
  const pairs: [string, string][] = [
    ['leafWidth', 'widthTop'],
    ['leafHeight', 'heightHinge'],
  ];
  for (const [leaf, frame] of pairs) {
    const [own, around] = [read(leaf), read(frame)];
    if (name !== leaf || own === undefined || around === undefined) continue;
    if (own >= around) {
      return said('survey.question.leafLarger', { leaf: { ticks: own }, frame: { ticks: around } });
    }
    if (around - own > mm(60)) {
      return said('survey.question.leafSmaller', {
        gap: { ticks: around - own },
      });
    }
  }
  return undefined;
}

function questionHinges(name: string, value: Ticks, read: Read): Said | undefined {
  const index = Number(/^hinge(\d)$/.exec(name)?.[1] ?? 0);
  if (index === 0) return undefined;
  const height = read('hingeHeight') ?? mm(60);
  for (let other = 1; other <= MOST_HINGES; other++) {
    const position = other === index ? undefined : read(hingeReading(other));
    if (position === undefined) continue;
    const inOrder = other < index ? value - position >= height : position - value >= height;
    if (!inOrder)
      return said('survey.question.hingeOrder', {
        hinge: index,
        other,
        value: { ticks: position },
      });
  }
  const leaf = read('leafHeight') ?? read('heightHinge');
  return leaf !== undefined && value + height / 2 > leaf
    ? said('survey.question.hingeBelow', { leaf: { ticks: leaf } })
    : undefined;
}

function questionStrike(name: string, read: Read): Said | undefined {
  if (name !== 'strikeHeight' && name !== 'lockHeight') return undefined;
  const [lock, strike] = [read('lockHeight'), read('strikeHeight')];
  if (lock === undefined || strike === undefined || Math.abs(lock - strike) <= mm(40))
    return undefined;
  return said('survey.question.strike', { lock: { ticks: lock }, strike: { ticks: strike } });
}
