import { documentAddress } from '../../base/documents.js';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import {
  phraseText,
  questionLetter,
  questionRows,
  readAnswers,
  type FactsPatch,
  type ProjectQuestion,
} from '@riegel/core';
import { useProject } from '../../data/project.js';
import { Modal } from '../../parts/Modal.js';
import { askedName } from './words.js';

/** Questions go out as text, CSV or PDF; what comes back is read. */
export function SendOut({
  questions,
  all,
  canEdit,
  onAnswers,
}: {
  questions: readonly ProjectQuestion[];
  all: readonly ProjectQuestion[];
  canEdit: boolean;
  onAnswers: (changes: { id: string; patch: FactsPatch }[]) => void;
}) {
  const { practice, project } = useProject();
  const [back, setBack] = useState(false);
  const copy = async () => {
    await navigator.clipboard.writeText(questionLetter(questions, practice));
    toast('Copied: paste it into a letter.');
  };
  const csv = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(
      new Blob(
        ['\ufeff', Papa.unparse(questionRows(questions, practice), { escapeFormulae: true })],
        {
          type: 'text/csv;charset=utf-8',
        },
      ),
    );
    link.download = `${project.name}, questions.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <div className="flex flex-wrap gap-2">
      <button
        type="button"
        className="button"
        disabled={questions.length === 0}
        onClick={() => void copy()}
      >
        Copy as text
      </button>
      <button type="button" className="button" disabled={questions.length === 0} onClick={csv}>
        CSV
      </button>
      <a className="button" href={`/api${documentAddress('questions', project.id)}`} download>
        PDF
      </a>
      {canEdit && (
        <button type="button" className="button" onClick={() => setBack(true)}>
          Read answers …
        </button>
      )}
      {back && (
        <AnswersDialog
          questions={all}
          onClose={() => setBack(false)}
          onTake={(changes) => {
            onAnswers(changes);
            setBack(false);
          }}
        />
      )}
    </div>
  );
}

/** Answers pasted from a sheet or a letter: what they record is shown before it is taken. */
function AnswersDialog({
  questions,
  onClose,
  onTake,
}: {
  questions: readonly ProjectQuestion[];
  onClose: () => void;
  onTake: (changes: { id: string; patch: FactsPatch }[]) => void;
}) {
  const { practice } = useProject();
  const [text, setText] = useState('');
  const read = useMemo(() => {
    const cells = Papa.parse<string[]>(text.trim(), {
      delimiter: text.includes('\t') ? '\t' : '',
    }).data;
    return readAnswers(cells, questions, practice);
  }, [text, questions, practice]);
  return (
    <Modal
      open
      onClose={onClose}
      wide
      title="Answers that came back"
      description="Paste the sheet with its answers, or lines that begin with the reference and end with the answer. “yes” confirms what was assumed."
    >
      <textarea
        aria-label="Answers"
        autoFocus
        className="field !h-40 w-full py-1 font-mono text-xs whitespace-pre"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {text.trim() !== '' && (
        <p className="mt-2">
          {read.answered.length} {read.answered.length === 1 ? 'answer' : 'answers'} for{' '}
          {read.changes.length} {read.changes.length === 1 ? 'opening' : 'openings'}.
        </p>
      )}
      {read.faults.length > 0 && (
        <ul role="alert" className="mt-2 max-h-32 overflow-auto border-l-4 border-oxide pl-3">
          {read.faults.map(({ ref, typed, fault }, index) => (
            <li key={index}>
              {ref}, “{typed}”:{' '}
              {fault
                ? phraseText(
                    {
                      code: fault.code,
                      params: {
                        ...fault.params,
                        field: askedName(
                          questions.find((one) => one.ref === ref.toUpperCase())?.column ?? '',
                        ),
                      },
                    },
                    practice,
                  )
                : 'no question has this reference now.'}
            </li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="button" onClick={onClose}>
          Not now
        </button>
        <button
          type="button"
          className="button primary"
          disabled={read.changes.length === 0}
          onClick={() => onTake(read.changes)}
        >
          Record {read.answered.length} {read.answered.length === 1 ? 'answer' : 'answers'}
        </button>
      </div>
    </Modal>
  );
}
