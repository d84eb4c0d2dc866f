/** A value of an entity: text, number, reference `#12`, enumeration, a typed value's inner one, or a list. */
export type StepValue =
  string | number | boolean | null | { ref: number } | { word: string } | StepValue[];

/** One entity of a file: its number, its type in capitals, its values. */
export interface StepEntity {
  id: number;
  type: string;
  values: StepValue[];
}

/** Bounds of a file that is read. */
const STEP_BOUNDS = { entityCharacters: 1_000_000, depth: 40 } as const;

const HEAD = /^\s*ISO-10303-21\s*;/;
const END = /END-ISO-10303-21\s*;\s*$/;

/** Whether a text is a file of this kind at all. */
export const isStep = (text: string): boolean => HEAD.test(text.slice(0, 400));

/** Whether it is whole: a file that was cut off has no end. */
export const isWholeStep = (text: string): boolean => END.test(text.slice(-400));

/**
 * Goes through the entities of a STEP physical file (ISO 10303-21) of wanted types; what is of another type is
 * passed over unread.
 *
 * @param wanted types in capitals
 */
export function* stepEntities(text: string, wanted: ReadonlySet<string>): Generator<StepEntity> {
  const data = text.indexOf('DATA;');
  let at = data < 0 ? text.length : data + 5;
  const ends = new Ends(text);
  while (at < text.length) {
    at = pastComments(text, at);
    const end = ends.after(at);
    if (end < 0) return;
    const head = /^\s*#(\d+)\s*=\s*([A-Z0-9_]+)\s*\(/i.exec(
      text.slice(at, Math.min(end, at + 120)),
    );
    if (head && end - at <= STEP_BOUNDS.entityCharacters) {
      const type = head[2]!.toUpperCase();
      if (wanted.has(type)) {
        const inside = text.slice(at + head[0].length, text.lastIndexOf(')', end));
        yield { id: Number(head[1]), type, values: new Values(inside).list() };
      }
    }
    at = end + 1;
  }
}

/** The place of what is no blank and no comment. */
function pastComments(text: string, from: number): number {
  let at = from;
  for (;;) {
    while (/\s/.test(text[at] ?? '')) at += 1;
    if (!text.startsWith('/*', at)) return at;
    const close = text.indexOf('*/', at + 2);
    if (close < 0) return text.length;
    at = close + 2;
  }
}

/** Finds where entities end. Where the next quote and comment stand is kept: a file may have few of them. */
class Ends {
  private quote = -1;
  private comment = -1;

  constructor(private readonly text: string) {}

  private next(what: string, known: number, from: number): number {
    if (known >= from) return known;
    const found = this.text.indexOf(what, from);
    return found < 0 ? Infinity : found;
  }

  /** The next semicolon outside of texts and comments; -1 where there is none. */
  after(from: number): number {
    let at = from;
    for (;;) {
      const semicolon = this.text.indexOf(';', at);
      if (semicolon < 0) return -1;
      this.quote = this.next("'", this.quote, at);
      this.comment = this.next('/*', this.comment, at);
      const first = Math.min(this.quote, this.comment);
      if (semicolon < first) return semicolon;
      const [sign, long] = first === this.quote ? ["'", 1] : ['*/', 2];
      const close = this.text.indexOf(sign as string, first + (long as number));
      if (close < 0) return -1;
      at = close + (long as number);
    }
  }
}

/** The values between an entity’s brackets. */
class Values {
  private at = 0;

  constructor(private readonly text: string) {}

  list(depth = 0): StepValue[] {
    const values: StepValue[] = [];
    for (;;) {
      this.space();
      if (this.at >= this.text.length) return values;
      const sign = this.text[this.at]!;
      if (sign === ')') {
        this.at += 1;
        return values;
      }
      if (sign === ',') this.at += 1;
      else values.push(this.value(depth));
    }
  }

  private space(): void {
    while (/\s/.test(this.text[this.at] ?? '')) this.at += 1;
  }

  private value(depth: number): StepValue {
    const sign = this.text[this.at]!;
    if (sign === "'") return this.quoted();
    if (sign === '(') {
      this.at += 1;
      // Deeper than anything is written: the rest is passed over as it stands.
      if (depth >= STEP_BOUNDS.depth) this.at = this.text.length;
      return this.list(depth + 1);
    }
    if (sign === '$' || sign === '*') {
      this.at += 1;
      return null;
    }
    const rest = this.text.slice(this.at, this.at + 300);
    const found =
      /^(?:#(\d+)|\.([A-Z0-9_]+)\.|([-+]?\d+\.?\d*(?:E[-+]?\d+)?)|([A-Z0-9_]+)\s*\(|[^,()]+)/i.exec(
        rest,
      );
    this.at += Math.max(1, found?.[0].length ?? 1);
    if (found?.[1]) return { ref: Number(found[1]) };
    if (found?.[2]) return found[2] === 'T' ? true : found[2] === 'F' ? false : { word: found[2] };
    if (found?.[3]) return Number(found[3]);
    // A typed value is what stands in its brackets.
    if (found?.[4]) return depth >= STEP_BOUNDS.depth ? null : (this.list(depth + 1)[0] ?? null);
    return null;
  }

  private quoted(): string {
    let text = '';
    this.at += 1;
    for (;;) {
      const close = this.text.indexOf("'", this.at);
      if (close < 0) {
        this.at = this.text.length;
        return readable(text);
      }
      text += this.text.slice(this.at, close);
      this.at = close + 1;
      if (this.text[this.at] !== "'") return readable(text);
      text += "'";
      this.at += 1;
    }
  }
}

/** Letters that are written by their numbers: `\X2\00FC\X0\`, `\X\FC`, `\S\|`. */
function readable(text: string): string {
  return text
    .replace(/\\X2\\([0-9A-F]*)\\X0\\/gi, (_, codes: string) =>
      (codes.match(/.{4}/g) ?? []).map((code) => String.fromCharCode(parseInt(code, 16))).join(''),
    )
    .replace(/\\X\\([0-9A-F]{2})/gi, (_, code: string) => String.fromCharCode(parseInt(code, 16)))
    .replace(/\\S\\(.)/g, (_, sign: string) => String.fromCharCode(sign.charCodeAt(0) + 128))
    .replace(/\\\\/g, '\\');
}

/** A text as the format has it. */
export function stepText(text: string): string {
  const plain = text
    .replace(/\\/g, '\\\\')
    .replace(/'/g, "''")
    .replace(/[^\x20-\x7e]+/g, (signs) => {
      const codes = Array.from({ length: signs.length }, (_, at) =>
        signs.charCodeAt(at).toString(16).toUpperCase().padStart(4, '0'),
      );
      return `\\X2\\${codes.join('')}\\X0\\`;
    });
  return `'${plain}'`;
}
