import type { Primitive } from './primitive.js';
import type { Point } from './model.js';

/** Width of a letter and of a fraction's figure against the height of the type, as the shipped faces are set. */
const LETTER = 0.58;
const SMALL = 0.42;

/** How much of the type's height capitals and figures take. */
const CAPITAL = 0.74;

/** The room a text takes on the sheet, in millimetres with y down. */
export interface TextBox {
  text: string;
  part: string | undefined;
  left: number;
  top: number;
  right: number;
  bottom: number;
}

type Text = Extract<Primitive, { kind: 'text' }>;

function widthOf({ text, length, size }: Text): number {
  if (!length) return text.length * LETTER * size;
  const { whole, numerator, denominator } = length;
  const fraction =
    numerator > 0 ? Math.max(String(numerator).length, String(denominator).length) : 0;
  return (
    (String(whole || '').length * LETTER + (fraction > 0 ? fraction * 2 * SMALL + 0.12 : 0)) * size
  );
}

/** The room one text takes; figures are set with true fractions. */
export function textBox(one: Text): TextBox {
  const [width, height] = [widthOf(one), one.size * CAPITAL];
  const along = { start: 0, middle: -width / 2, end: -width }[one.anchor];
  const { x, y } = one.at;
  const named = { text: one.text, part: one.part };
  return one.turn === 0
    ? { ...named, left: x + along, right: x + along + width, top: y - height, bottom: y }
    : // Turned a quarter to the left: its foot lies on the right.
      { ...named, left: x - height, right: x, top: y - along - width, bottom: y - along };
}

/** The boxes of all words and figures among primitives. */
export function textBoxes(primitives: readonly Primitive[]): TextBox[] {
  return primitives.flatMap((one) => (one.kind === 'text' ? [textBox(one)] : []));
}

/** A box larger by so much on every side. */
export function grown({ left, top, right, bottom, ...named }: TextBox, by: number): TextBox {
  return { ...named, left: left - by, top: top - by, right: right + by, bottom: bottom + by };
}

/** Whether two boxes share any room. */
export function overlap(a: TextBox, b: TextBox): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}

/** Whether a straight line crosses a box. */
export function crosses(from: Point, to: Point, box: TextBox): boolean {
  let [enter, leave] = [0, 1];
  const clip = (start: number, run: number, low: number, high: number): boolean => {
    if (run === 0) return start > low && start < high;
    const [a, b] = [(low - start) / run, (high - start) / run].sort((p, q) => p - q) as [
      number,
      number,
    ];
    enter = Math.max(enter, a);
    leave = Math.min(leave, b);
    return enter < leave;
  };
  return (
    clip(from.x, to.x - from.x, box.left, box.right) &&
    clip(from.y, to.y - from.y, box.top, box.bottom)
  );
}
