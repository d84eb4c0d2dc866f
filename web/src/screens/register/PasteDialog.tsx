import Papa from 'papaparse';
import { useEffect, useMemo, useState } from 'react';
import {
  wordKey,
  type ListMapping,
  type OpeningFacts,
  type Pasted,
  type Practice,
} from '@riegel/core';
import { Modal } from '../../parts/Modal.js';
import { useProject } from '../../data/project.js';
import { basisOf } from '../../worker/basis.js';
import { askCore, coreFailed } from '../../worker/client.js';
import { cellOfRow, packRow } from '../../worker/row.js';
import { Figures } from '../../parts/Figure.js';
import { UnreadWords } from './UnreadWords.js';
import { columnName } from './columnName.js';

const MAX_BYTES = 5_000_000;
const MAX_ROWS = 10_000;

/** Milliseconds without another letter until what was typed is read. */
const PAUSE = 80;

/** Cells of a text copied from a spreadsheet; quoted cells may hold line breaks. */
export function cellsOf(text: string): string[][] {
  return Papa.parse<string[]>(text.replace(/\r\n?/g, '\n').replace(/\n+$/, ''), {
    delimiter: text.includes('\t') ? '\t' : '',
  }).data;
}

/** What could not be read goes into the opening's note, so that nothing pasted is lost. */
export function withNotes(pasted: Pasted): OpeningFacts[] {
  return pasted.openings.map((facts, row) => {
    const unread = pasted.faults.filter((fault) => fault.row === row);
    if (unread.length === 0) return facts;
    const note = unread
      .map((fault) => `${columnName(fault.column)} given as “${fault.typed.trim()}”`)
      .join('; ');
    return {
      ...facts,
      note: [facts.note, `Not read: ${note}.`].filter(Boolean).join(' ').slice(0, 2000),
    };
  });
}

/** The cells of a text, unless it is empty or more than can be taken at a time. */
function boundedCells(text: string): { cells?: string[][]; fault: string } {
  if (text.trim() === '') return { fault: '' };
  if (text.length > MAX_BYTES) {
    return {
      fault: `That is ${(text.length / 1e6).toFixed(0)} MB; at most 5 MB can be pasted. Paste it in parts. Nothing was added.`,
    };
  }
  const cells = cellsOf(text);
  return cells.length > MAX_ROWS
    ? {
        fault: `That is ${cells.length} rows; at most ${MAX_ROWS} can be pasted at a time. Nothing was added.`,
      }
    : { cells, fault: '' };
}

/** Paste from a spreadsheet: shows what will be added, and every cell that could not be read, first. */
export default function PasteDialog({
  initial,
  practice,
  onClose,
  onAdd,
  onColumns,
  onOver,
}: {
  initial: string;
  practice: Practice;
  onClose: () => void;
  onAdd: (openings: OpeningFacts[]) => void;
  onColumns: (text: string) => void;
  onOver: ((cells: string[][]) => void) | undefined;
}) {
  const { basis } = useProject();
  const [text, setText] = useState(initial);
  const [words, setWords] = useState<ListMapping['words']>({});
  const [read, setRead] = useState<
    { of: string; by: ListMapping['words']; pasted: Pasted } | undefined
  >();
  const { cells, fault } = useMemo(() => boundedCells(text), [text]);
  useEffect(() => {
    if (!cells) return;
    let current = true;
    // Who types is not read letter by letter: what is asked meanwhile would wait behind all of them.
    const soon = setTimeout(() => {
      askCore(basis, (core) => core.paste(cells, words))
        .then((pasted) => current && setRead({ of: text, by: words, pasted }))
        .catch(coreFailed);
    }, PAUSE);
    return () => {
      current = false;
      clearTimeout(soon);
    };
  }, [cells, text, words, basis]);
  // While a meaning is taken over the list stands as it was read before.
  const pasted = read?.of === text && cells ? read.pasted : undefined;
  const mean = (meant: readonly { column: string; word: string; value: string }[]) =>
    setWords((held) => {
      const next = { ...held };
      for (const { column, word, value } of meant)
        next[column] = { ...next[column], [wordKey(word)]: value };
      return next;
    });

  const shown = pasted?.openings.slice(0, 200) ?? [];
  return (
    <Modal
      open
      onClose={onClose}
      wide
      title="Paste openings"
      description="From a spreadsheet or a list. A first row with names (Mark, From, To, Kind, Size or Width and Height, Hand, Rating, Frame, Leaf …) says what the columns are."
    >
      {/* Five megabytes in a text field would freeze the page; a large text is only counted. */}
      {text.length < 300_000 ? (
        <textarea
          aria-label="Cells"
          autoFocus
          className="field !h-24 w-full py-1 font-mono text-xs whitespace-pre"
          value={text}
          onChange={(event) => setText(event.target.value)}
          placeholder={'Mark\tFrom\tTo\tSize\tHand\n101\tCorridor\tOffice\t3070\tRH'}
        />
      ) : (
        <p className="flex justify-between">
          {(text.length / 1e6).toFixed(1)} MB pasted.{' '}
          <button className="button" onClick={() => setText('')}>
            Empty it
          </button>
        </p>
      )}
      {fault && (
        <p role="alert" className="mt-2 text-oxide">
          {fault}
        </p>
      )}
      {pasted && (
        <>
          {pasted.ignored.length > 0 && (
            <p className="mt-2 text-ochre">
              Not read into a field of their own: {pasted.ignored.join(', ')}. They go into the
              notes, each cell with its heading.
            </p>
          )}
          <UnreadWords pasted={pasted} practice={practice} onMean={mean} />
          <div className="mt-3 max-h-[34vh] overflow-auto border border-rule">
            <table className="w-full">
              <thead className="sticky top-0 bg-paper">
                <tr className="caps text-left">
                  {['Mark', 'From', 'To', 'Role', 'Kind', 'Opening', 'Hand', 'Leaf size'].map(
                    (title) => (
                      <th key={title} className="px-2 py-1 font-normal">
                        {title}
                      </th>
                    ),
                  )}
                </tr>
              </thead>
              <tbody>
                {shown.map((facts, index) => {
                  const row = packRow(String(index), facts, basisOf(basis));
                  const figures = (name: string) => (
                    <Figures parts={cellOfRow(row, name)?.parts ?? []} units={false} />
                  );
                  return (
                    <tr key={index} className="border-t border-rule/60">
                      <td className="px-2 py-0.5 font-semibold">{facts.mark}</td>
                      <td className="px-2">{facts.from}</td>
                      <td className="px-2">{facts.to}</td>
                      <td className={`px-2 ${row.guessed ? 'basis-assumed' : ''}`}>
                        {figures('role')}
                      </td>
                      <td className="px-2">{figures('kind')}</td>
                      <td className="px-2">
                        {figures('frameWidth')} × {figures('frameHeight')}
                      </td>
                      <td className="px-2">{figures('hand')}</td>
                      <td className="px-2">{figures('leafSize')}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
        </>
      )}
      <div className="mt-4 flex items-center justify-end gap-2">
        {pasted && pasted.openings.length > shown.length && (
          <span className="mr-auto text-soft">
            The first {shown.length} of {pasted.openings.length} are shown.
          </span>
        )}
        <button className="button" onClick={onClose}>
          Not now
        </button>
        <button
          className="button"
          disabled={!pasted}
          title="Say what each column means, and hold the list against the project"
          onClick={() => onColumns(text)}
        >
          Set the columns …
        </button>
        {onOver && (
          <button className="button" disabled={!pasted} onClick={() => onOver(cellsOf(text))}>
            Write over the cells from here
          </button>
        )}
        <button
          className="button primary"
          disabled={!pasted || pasted.openings.length === 0}
          onClick={() => onAdd(withNotes(pasted!))}
        >
          Add {pasted ? pasted.openings.length : ''} opening
          {pasted?.openings.length === 1 ? '' : 's'}
        </button>
      </div>
    </Modal>
  );
}
