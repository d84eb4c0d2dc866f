/** Reads the number of an audit line from a query; anything else is none. */
export function lineNumber(text: unknown): string | undefined {
  return typeof text === 'string' && /^\d{1,18}$/.test(text) ? text : undefined;
}
