/** Marks that stand more than once in a project, for a warning, never a refusal. */
export function duplicateMarks(marks: string[]): Set<string> {
  const seen = new Set<string>();
  const twice = new Set<string>();
  for (const mark of marks) {
    const key = mark.trim().toLowerCase();
    if (seen.has(key)) twice.add(key);
    seen.add(key);
  }
  return twice;
}
