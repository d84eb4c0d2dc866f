/** A value, or the code of what was wrong with parameters for the sentence that says so. */
export type Result<T> = { ok: true; value: T } | { ok: false; fault: Fault };

/** What was wrong with something typed; `phrasing` turns it into a sentence. */
export interface Fault {
  code: string;
  params: Record<string, string | number>;
}

export function good<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function bad<T>(code: string, params: Record<string, string | number> = {}): Result<T> {
  return { ok: false, fault: { code, params } };
}
