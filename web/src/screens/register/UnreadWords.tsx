import { useMemo } from 'react';
import {
  answerText,
  likelyMeaning,
  phraseText,
  type Fault,
  type Pasted,
  type Practice,
} from '@riegel/core';
import { columnName } from './columnName.js';

/** Words told one by one; a paste with more is not what it should be. */
const MOST = 200;

/** Marks that stand before what is wrong with a word. */
const MARKS = 3;

interface Unread {
  column: string;
  word: string;
  marks: string[];
  fault: Fault;
  likely: string | undefined;
}

/** The words of pasted cells that were not read, each once, with what they likely mean. */
function unreadOf({ faults, openings }: Pasted, practice: Practice): Unread[] {
  const words = new Map<string, Unread>();
  for (const { row, column, typed, fault } of faults) {
    const word = typed.trim();
    const key = `${column} ${word}`;
    const one = words.get(key) ?? {
      column,
      word,
      marks: [],
      fault,
      likely: likelyMeaning(column, word, practice),
    };
    one.marks.push(openings[row]?.mark ?? '');
    words.set(key, one);
  }
  return [...words.values()].sort((a, b) => b.marks.length - a.marks.length);
}

/**
 * What could not be read, word by word: Enter takes the likely meaning, and the next stands ready. What is left
 * goes into the notes.
 */
export function UnreadWords({
  pasted,
  practice,
  onMean,
}: {
  pasted: Pasted;
  practice: Practice;
  onMean: (meant: readonly { column: string; word: string; value: string }[]) => void;
}) {
  const unread = useMemo(() => unreadOf(pasted, practice), [pasted, practice]);
  const likely = unread.flatMap(({ column, word, likely: value }) =>
    value === undefined ? [] : [{ column, word, value }],
  );
  if (unread.length === 0) return null;
  return (
    <section
      role="alert"
      aria-label="Words not read"
      className="mt-2 max-h-32 overflow-auto border-l-4 border-oxide pl-3"
    >
      <p className="flex items-center gap-3">
        <span>
          {pasted.faults.length} cell{pasted.faults.length === 1 ? '' : 's'} could not be read. Each
          row is still added; what was typed goes into its note.
        </span>
        {likely.length > 1 && (
          <button type="button" className="button bare" onClick={() => onMean(likely)}>
            Take all {likely.length} likely meanings
          </button>
        )}
      </p>
      <ul className="grid grid-cols-[auto_auto_auto_minmax(0,1fr)] items-center gap-x-4 gap-y-0.5">
        {unread.slice(0, MOST).map(({ column, word, marks, fault, likely: value }) => (
          <li key={`${column} ${word}`} className="contents">
            <span className="text-soft">{columnName(column)}</span>
            <span className="font-semibold">
              {word} <span className="font-normal text-soft">× {marks.length}</span>
            </span>
            {value === undefined ? (
              <span />
            ) : (
              <button
                type="button"
                className="button !h-7"
                aria-label={`${word} in ${columnName(column)} means ${meaning(column, value, practice)}`}
                onClick={() => onMean([{ column, word, value }])}
              >
                likely {meaning(column, value, practice)}
              </button>
            )}
            {value === undefined ? (
              <span className="truncate text-oxide" title={marks.join(', ')}>
                {marks.slice(0, MARKS).join(', ')}
                {marks.length > MARKS && ' …'}:{' '}
                {phraseText(
                  { code: fault.code, params: { ...fault.params, field: columnName(column) } },
                  practice,
                )}
              </span>
            ) : (
              <span className="truncate text-soft">{marks.join(', ')}</span>
            )}
          </li>
        ))}
      </ul>
      {unread.length > MOST && <p>and {unread.length - MOST} more, each in its row’s note.</p>}
    </section>
  );
}

function meaning(column: string, value: string, practice: Practice): string {
  return value === 'unknown' ? 'unknown' : answerText(column, value, practice);
}
