import type { Ticks } from '../measure/index.js';
import { message, type Message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Survey } from './current.js';
import { hingeReading, MAX_HINGES } from './names.js';

/**
 * Whether a reading can be: its own size, and against the others (with it in place). The first doubt
 * is returned; nothing when it is plausible. Readings are questioned, not refused.
 */
export function questionOf(
  name: string,
  value: Ticks,
  survey: Survey,
  { values }: Practice,
): Message | undefined {
  const usual =
    values.readingUsual.value[name] ??
    (/^hinge\d$/.test(name) ? { least: 0, most: values.hingeLowest.value } : undefined);
  if (usual && (value < usual.least || value > usual.most)) {
    return message('survey.question.size', {
      value: { ticks: value },
      least: { ticks: usual.least },
      most: { ticks: usual.most },
    });
  }
  const read = (other: string) => (other === name ? value : survey.number(other));
  return (
    questionWidths(name, read, values.readingOff.value) ??
    questionHeights(name, read, values.readingOff.value) ??
    questionDiagonal(name, value, read, values.diagonalOff.value) ??
    questionLeaf(name, read, values.gapWide.value) ??
    questionHinges(name, value, read, values.hingeAssumed.value) ??
    questionStrike(name, read, values.strikeOff.value)
  );
}

type Read = (name: string) => Ticks | undefined;

function questionWidths(name: string, read: Read, readingOff: Ticks): Message | undefined {
  if (!name.startsWith('width')) return undefined;
  const [top, middle, bottom] = [read('widthTop'), read('widthMiddle'), read('widthBottom')];
  if (top === undefined || middle === undefined || bottom === undefined) return undefined;
  if (Math.abs(middle - top) <= readingOff || Math.abs(middle - bottom) <= readingOff)
    return undefined;
  return message('survey.question.middle', {
    middle: { ticks: middle },
    top: { ticks: top },
    bottom: { ticks: bottom },
  });
}

function questionHeights(name: string, read: Read, readingOff: Ticks): Message | undefined {
  if (!name.startsWith('height')) return undefined;
  const [hinge, lock] = [read('heightHinge'), read('heightLock')];
  if (hinge === undefined || lock === undefined || Math.abs(hinge - lock) <= 2 * readingOff)
    return undefined;
  return message('survey.question.heights', { hinge: { ticks: hinge }, lock: { ticks: lock } });
}

function questionDiagonal(
  name: string,
  value: Ticks,
  read: Read,
  diagonalOff: Ticks,
): Message | undefined {
  if (!name.startsWith('diagonal')) return undefined;
  const width = read('widthBottom') ?? read('widthTop');
  const height = read('heightHinge') ?? read('heightLock');
  if (width === undefined || height === undefined) return undefined;
  const square = Math.hypot(width, height);
  if (Math.abs(value - square) <= diagonalOff) return undefined;
  return message('survey.question.diagonal', { square: { ticks: Math.round(square) } });
}

function questionLeaf(name: string, read: Read, gapWide: Ticks): Message | undefined {
  const pairs: [string, string][] = [
    ['leafWidth', 'widthTop'],
    ['leafHeight', 'heightHinge'],
  ];
  for (const [leaf, frame] of pairs) {
    const [own, around] = [read(leaf), read(frame)];
    if (name !== leaf || own === undefined || around === undefined) continue;
    if (own >= around) {
      return message('survey.question.leafLarger', {
        leaf: { ticks: own },
        frame: { ticks: around },
      });
    }
    if (around - own > gapWide) {
      return message('survey.question.leafSmaller', {
        gap: { ticks: around - own },
      });
    }
  }
  return undefined;
}

function questionHinges(
  name: string,
  value: Ticks,
  read: Read,
  hingeAssumed: Ticks,
): Message | undefined {
  const index = Number(/^hinge(\d)$/.exec(name)?.[1] ?? 0);
  if (index === 0) return undefined;
  const height = read('hingeHeight') ?? hingeAssumed;
  for (let other = 1; other <= MAX_HINGES; other++) {
    const position = other === index ? undefined : read(hingeReading(other));
    if (position === undefined) continue;
    const inOrder = other < index ? value - position >= height : position - value >= height;
    if (!inOrder)
      return message('survey.question.hingeOrder', {
        hinge: index,
        other,
        value: { ticks: position },
      });
  }
  const leaf = read('leafHeight') ?? read('heightHinge');
  return leaf !== undefined && value + height / 2 > leaf
    ? message('survey.question.hingeBelow', { leaf: { ticks: leaf } })
    : undefined;
}

function questionStrike(name: string, read: Read, strikeOff: Ticks): Message | undefined {
  if (name !== 'strikeHeight' && name !== 'lockHeight') return undefined;
  const [lock, strike] = [read('lockHeight'), read('strikeHeight')];
  if (lock === undefined || strike === undefined || Math.abs(lock - strike) <= strikeOff)
    return undefined;
  return message('survey.question.strike', { lock: { ticks: lock }, strike: { ticks: strike } });
}
