/** Deeper than anything Riegel keeps; what is deeper would break whoever walks it. */
const MAX_DEPTH = 60;

/** Keys by which a plain object stops being one. */
const FORBIDDEN = new Set(['__proto__', 'constructor', 'prototype']);

/** The sentence for a JSON value that no part of Riegel can take; nothing when it is sound. */
export function unsound(value: unknown): string | undefined {
  const open: { value: unknown; depth: number }[] = [{ value, depth: 0 }];
  while (open.length > 0) {
    const { value: one, depth } = open.pop()!;
    if (typeof one === 'string') {
      if (!one.isWellFormed()) return 'A text in it holds half a character; type it again.';
      continue;
    }
    if (typeof one !== 'object' || one === null) continue;
    if (depth >= MAX_DEPTH) return 'It is nested too deeply.';
    if (Array.isArray(one)) for (const inner of one) open.push({ value: inner, depth: depth + 1 });
    else
      for (const [key, inner] of Object.entries(one)) {
        if (FORBIDDEN.has(key) || !key.isWellFormed())
          return `The name “${key.toWellFormed()}” cannot be used.`;
        open.push({ value: inner, depth: depth + 1 });
      }
  }
  return undefined;
}

/** Parses JSON that came in; throws the sentence that says what is wrong. */
export function parseSound(text: string): unknown {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new UnsoundJson('The request could not be read as JSON.');
  }
  const fault = unsound(value);
  if (fault) throw new UnsoundJson(fault);
  return value;
}

export class UnsoundJson extends Error {}
