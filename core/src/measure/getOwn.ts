/** What a table itself holds under a key that came from outside; never what every object inherits. */
export function getOwn<T>(table: Readonly<Record<string, T>>, key: string): T | undefined {
  return Object.hasOwn(table, key) ? table[key] : undefined;
}
