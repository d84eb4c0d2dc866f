/** What a command was called with. */
export interface Arguments {
  /** A file’s path; `-` for standard input. */
  path: string;
  /** Other words, in their order. */
  words: string[];
  options: Map<string, string>;
}

/**
 * Reads a command’s arguments: options with a value (`--out FILE`, `--out=FILE`), flags, words, the path last.
 *
 * @param valued options that take a value
 * @param flags options that take none
 * @param words how many words come before the path
 */
export function readArguments(
  args: readonly string[],
  valued: readonly string[],
  flags: readonly string[],
  words = 0,
): Arguments | string {
  const options = new Map<string, string>();
  const rest: string[] = [];
  for (let at = 0; at < args.length; at++) {
    const arg = args[at]!;
    if (!arg.startsWith('--')) {
      rest.push(arg);
      continue;
    }
    const [name, value] = arg.slice(2).split(/=(.*)/s) as [string, string | undefined];
    if (flags.includes(name) && value === undefined) options.set(name, '');
    else if (valued.includes(name)) {
      const given = value ?? args[(at += 1)];
      if (given === undefined) return `--${name} needs a value.`;
      options.set(name, given);
    } else return `“${arg}” is not an option; try riegel --help.`;
  }
  if (rest.length > words + 1)
    return `“${rest[words + 1]}” is one word too many; try riegel --help.`;
  if (rest.length < words) return 'something is missing; try riegel --help.';
  return { words: rest.slice(0, words), path: rest[words] ?? '-', options };
}
