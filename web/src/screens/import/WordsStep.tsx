import { useState } from 'react';
import {
  answerText,
  fieldOf,
  likelyMeaning,
  phraseText,
  wordKey,
  type ListMapping,
  type System,
} from '@riegel/core';
import { useProject } from '../../data/project.js';
import { termText } from '../../base/words.js';
import { columnName } from './columnNames.js';
import type { Compared } from './useComparison.js';

const HANDS = ['LH', 'RH', 'LHR', 'RHR', 'DIN left', 'DIN right'];
const SHOWN = 100;

/** What a word of the list can be read as, by the column it stands in. */
function choicesFor(column: string): { value: string; text: string }[] | undefined {
  if (column === 'hand') {
    return HANDS.map((value) => ({
      value,
      text: value.startsWith('DIN') ? `${value.slice(4)}, seen from the knuckle side` : value,
    }));
  }
  const field = fieldOf(column);
  if (field?.type === 'yes-no') {
    return [
      { value: 'yes', text: 'yes' },
      { value: 'no', text: 'no' },
    ];
  }
  return field?.options?.map((value) => ({ value, text: termText(`${field.terms}.${value}`) }));
}

/** Words of the list that Riegel does not know: what each of them means, once for the project. */
export function WordsStep({
  compared,
  mapping,
  system,
  onMapping,
}: {
  compared: Compared;
  mapping: ListMapping;
  system: System;
  onMapping: (mapping: ListMapping) => void;
}) {
  const set = (column: string, word: string, value: string | undefined) => {
    const words = { ...mapping.words[column] };
    if (value === undefined) delete words[wordKey(word)];
    else words[wordKey(word)] = value;
    onMapping({ ...mapping, words: { ...mapping.words, [column]: words } });
  };
  const known = Object.entries(mapping.words).flatMap(([column, words]) =>
    Object.entries(words).map(([word, value]) => ({ column, word, value })),
  );
  if (compared.words.length === 0 && known.length === 0) return null;
  return (
    <section className="border-b border-rule px-4 py-3" aria-label="Words of the list">
      <h2 className="caps">Words of this list</h2>
      {compared.words.length > 0 && (
        <p className="mt-1 text-soft">
          These cells are not understood and would be left out, with a remark in the note. Say what
          they mean; it is remembered for the project.
        </p>
      )}
      <ul className="mt-2 grid max-h-48 grid-cols-[auto_auto_auto_1fr] items-center gap-x-4 gap-y-1 overflow-auto">
        {compared.words.slice(0, SHOWN).map(({ column, word, count, fault }) => (
          <li key={`${column} ${word}`} className="contents">
            <span className="text-soft">{columnName(column)}</span>
            <span className="font-semibold">
              {word} <span className="font-normal text-soft">× {count}</span>
            </span>
            <span className="flex items-center gap-2">
              <Likely column={column} word={word} onMeaning={(value) => set(column, word, value)} />
              <Meaning
                column={column}
                word={word}
                onMeaning={(value) => set(column, word, value)}
              />
            </span>
            <span className="truncate text-ochre">
              {choicesFor(column)
                ? ''
                : phraseText(
                    { code: fault.code, params: { ...fault.params, field: columnName(column) } },
                    { system },
                  )}
            </span>
          </li>
        ))}
        {known.map(({ column, word, value }) => (
          <li key={`known ${column} ${word}`} className="contents">
            <span className="text-soft">{columnName(column)}</span>
            <span>{word}</span>
            <span className="basis-chosen">{value === '' ? 'left out' : `= ${value}`}</span>
            <button
              type="button"
              className="button bare justify-self-start"
              onClick={() => set(column, word, undefined)}
            >
              Forget
            </button>
          </li>
        ))}
      </ul>
      {compared.words.length > SHOWN && (
        <p className="text-soft">and {compared.words.length - SHOWN} more.</p>
      )}
    </section>
  );
}

/** What a word likely means: Enter takes it, and the next stands ready. */
function Likely({
  column,
  word,
  onMeaning,
}: {
  column: string;
  word: string;
  onMeaning: (value: string) => void;
}) {
  const { practice } = useProject();
  const value = likelyMeaning(column, word, practice);
  if (value === undefined) return null;
  const text = value === 'unknown' ? value : answerText(column, value, practice);
  return (
    <button
      type="button"
      className="button !h-7"
      aria-label={`${word} in ${columnName(column)} means ${text}`}
      onClick={() => onMeaning(value)}
    >
      likely {text}
    </button>
  );
}

function Meaning({
  column,
  word,
  onMeaning,
}: {
  column: string;
  word: string;
  onMeaning: (value: string) => void;
}) {
  const [typed, setTyped] = useState('');
  const choices = choicesFor(column);
  const label = `${word} in ${columnName(column)} means`;
  if (choices) {
    return (
      <select
        className="field"
        aria-label={label}
        value="…"
        onChange={(event) => onMeaning(event.target.value)}
      >
        <option value="…">means …</option>
        {choices.map(({ value, text }) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
        <option value="unknown">unknown</option>
        <option value="">leave these cells out</option>
      </select>
    );
  }
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        onMeaning(typed.trim());
      }}
    >
      <input
        className="field w-32"
        aria-label={label}
        placeholder="means …"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <button className="button">{typed.trim() ? 'Take' : 'Leave out'}</button>
    </form>
  );
}
