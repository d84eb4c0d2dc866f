import { normaliseText, parseLength } from './parseLength.js';
import { bad, good, type Result } from './result.js';
import { TICKS_PER_FOOT, TICKS_PER_INCH, type System, type Ticks } from './ticks.js';

/** Width and height of an opening or leaf, in ticks. */
export interface Size {
  width: Ticks;
  height: Ticks;
}

function feetInches(feet: string, inch: string): Ticks {
  return Number(feet) * TICKS_PER_FOOT + Number(inch) * TICKS_PER_INCH;
}

/**
 * Reads a size: two lengths joined by `x`, `×` or `by` (width first), or a trade size code:
 * `3070` = 3 ft 0 in × 7 ft 0 in, `300710` and `30-0710` = 3 ft 0 in × 7 ft 10 in.
 *
 * Faults: those of {@link parseLength} and `size.unreadable`.
 *
 * @example parseSize('926 x 2040', 'metric').value // { width: mm(926), height: mm(2040) }
 */
export function parseSize(text: string, system: System): Result<Size> {
  const clean = normaliseText(text);
  const code =
    /^(\d)(\d)(\d)(\d)$/.exec(clean) ??
    /^(\d)(\d)-(\d\d)(\d\d)$/.exec(clean) ??
    /^(\d)(\d\d)(\d)(\d\d)$/.exec(clean);
  if (code) {
    const [, wf, wi, hf, hi] = code as unknown as [string, string, string, string, string];
    if (Number(wi) > 11 || Number(hi) > 11) return bad('size.unreadable', { text });
    return good({ width: feetInches(wf, wi), height: feetInches(hf, hi) });
  }
  const halves = clean.split(/ ?(?:x|×|\*|\bby\b) ?/);
  if (halves.length !== 2) return bad('size.unreadable', { text });
  const width = parseLength(halves[0]!, system);
  if (!width.ok) return width;
  const height = parseLength(halves[1]!, system);
  if (!height.ok) return height;
  return good({ width: width.value, height: height.value });
}
