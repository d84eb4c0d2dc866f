/** More are not kept: the words of one group are few. */
const MAX_KEPT = 500;

/**
 * Puts a group before a word, each once: `butt` of `device.` is `device.butt`. A text that is put together
 * anew has to be read anew wherever it is looked up.
 */
export function termKeyBuilder<Word extends string, Group extends string = string>(
  group: Group,
): (word: Word) => `${Group}${Word}` {
  const made = new Map<Word, `${Group}${Word}`>();
  return (word) => {
    const before = made.get(word);
    if (before !== undefined) return before;
    const text = `${group}${word}` as const;
    if (made.size < MAX_KEPT) made.set(word, text);
    return text;
  };
}
