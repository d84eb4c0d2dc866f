import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { toast } from 'sonner';
import {
  acceptRow,
  lastList,
  NO_MEMORY,
  REMARK,
  remember,
  type ColumnGuess,
  type LastList,
  type ListMapping,
  type ListMemory,
} from '@riegel/core';
import { ApiProblem, call } from '../../base/api.js';
import { useOpenings, useProject, type ProjectWrite } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { ColumnsStep } from './ColumnsStep.js';
import { isTaken, NOTHING_DECIDED, PreviewStep, type Taking } from './PreviewStep.js';
import { pastedSource, SourceStep, type Source } from './SourceStep.js';
import { noteOfUnread } from './unreadNote.js';
import { startLongWorker } from '../../worker/startLong.js';
import { useComparison, type Compared } from './useComparison.js';
import { WordsStep } from './WordsStep.js';
import { Select } from '../../parts/Select.js';

/** What a project remembers of its lists. */
interface Lists {
  memory: ListMemory;
  last: LastList;
  name: string;
  at: string;
}
interface ListsDocument {
  version: number;
  body: Lists | null;
}

const NO_CELLS: string[][] = [];
const NOTHING: LastList = {};

/** Takes over a door list: source, columns, words, what would change, then all of it or nothing. */
export function ImportScreen() {
  const { project, canEdit } = useProject();
  const location = useLocation();
  const pasted = (location.state as { pasted?: string } | null)?.pasted;
  const [source, setSource] = useState<Source | undefined>(() =>
    pasted ? pastedSource(pasted) : undefined,
  );
  const [sheet, setSheet] = useState(0);
  const lists = useQuery({
    queryKey: ['lists', project.id],
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/documents/{name}', {
        path: { projectId: project.id, name: 'lists' },
      })) as ListsDocument,
  });
  if (!canEdit)
    return (
      <Message title="Only editors take over lists">
        Ask the project’s owner to make you an editor.
      </Message>
    );
  if (lists.isPending) return <Waiting what="One moment …" />;
  if (lists.error)
    return (
      <Message
        title="The project’s lists did not load"
        actions={
          <button className="button primary" onClick={() => void lists.refetch()}>
            Try again
          </button>
        }
      >
        {lists.error.message}
      </Message>
    );
  if (!source) return <SourceStep projectId={project.id} onSource={setSource} />;
  return (
    <Reading
      key={`${source.name}:${sheet}`}
      source={source}
      sheet={sheet}
      onSheet={setSheet}
      lists={lists.data}
      onOther={() => {
        setSheet(0);
        setSource(undefined);
      }}
    />
  );
}

type Step = 'columns' | 'preview';

function Reading({
  source,
  sheet,
  lists,
  onSheet,
  onOther,
}: {
  source: Source;
  sheet: number;
  lists: ListsDocument;
  onSheet: (sheet: number) => void;
  onOther: () => void;
}) {
  const { project, practice, basis, write } = useProject();
  const { openings } = useOpenings();
  const navigate = useNavigate();
  const cells = source.sheets[sheet]?.cells ?? NO_CELLS;
  const memory = lists.body?.memory ?? NO_MEMORY;
  const [mapping, setMapping] = useState<ListMapping | undefined>();
  const [guesses, setGuesses] = useState<ColumnGuess[]>([]);
  const [step, setStep] = useState<Step>('columns');
  const [taking, setTaking] = useState<Taking>(NOTHING_DECIDED);
  const [saving, setSaving] = useState(false);
  const [fault, setFault] = useState('');

  useEffect(() => {
    const { remote, end } = startLongWorker();
    void remote.guess(cells, basis, memory).then((guess) => {
      // In a project that has openings, columns without a fact of their own would only swell its notes.
      const quiet = openings.length > 0 && !lists.body;
      const columns = guess.mapping.columns.map((column) =>
        quiet && column === REMARK ? '' : column,
      );
      setMapping({ ...guess.mapping, columns });
      setGuesses(guess.guesses);
      end();
    });
    return end;
    // A list is guessed once: what the person set since then stays.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [cells]);

  const last = lists.body?.last ?? NOTHING;
  const { compared, done, cancel, again } = useComparison(cells, mapping, basis, openings, last);
  const work =
    compared && mapping ? workOf(compared, taking, cells, mapping, lists, source) : undefined;
  const counts = work ? countsOf(work) : undefined;
  const noMark = mapping && !mapping.columns.includes('mark');

  const save = async () => {
    if (!work) return;
    setSaving(true);
    setFault('');
    try {
      await write(work);
      toast.success(`Taken over: ${counts!.text}. It can be undone as one step.`);
      await navigate(`/projects/${project.id}`);
    } catch (error) {
      setFault(
        error instanceof ApiProblem
          ? [error.message, ...error.errors.map((one) => one.message)].join(' ')
          : 'That did not work. Nothing was changed.',
      );
      setSaving(false);
    }
  };

  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-4 border-b border-rule px-4 py-2">
        <h1 className="text-lg">{source.name}</h1>
        <span className="text-soft">{source.detail}</span>
        {source.sheets.length > 1 && (
          <Select
            label="Sheet of the workbook"
            value={String(sheet)}
            onChange={(next) => onSheet(Number(next))}
            options={source.sheets.map((one, index) => ({
              value: String(index),
              text: `${one.name}, ${one.cells.length} rows`,
            }))}
          />
        )}
        {lists.body?.name && (
          <span className="text-soft">
            held against “{lists.body.name}” of {lists.body.at.slice(0, 10)}
          </span>
        )}
        <button className="button ml-auto" onClick={onOther}>
          Another list
        </button>
      </header>
      {mapping && step === 'columns' && (
        <ColumnsStep cells={cells} mapping={mapping} guesses={guesses} onMapping={setMapping} />
      )}
      {mapping && step === 'preview' && compared && (
        <>
          <WordsStep
            compared={compared}
            mapping={mapping}
            system={practice.system}
            onMapping={setMapping}
          />
          <PreviewStep
            comparison={compared.comparison}
            practice={practice}
            taking={taking}
            onTaking={setTaking}
          />
        </>
      )}
      {(!mapping || (step === 'preview' && !compared)) && (
        <div className="flex flex-1 flex-col items-center justify-center gap-3">
          {done < 0 ? (
            <>
              <p>Reading was stopped. Nothing was changed.</p>
              <button className="button primary" onClick={again}>
                Read again
              </button>
            </>
          ) : (
            <>
              <p role="status">Reading {cells.length} rows …</p>
              <progress className="w-64" value={done} max={1} aria-label="Read" />
              <button className="button" onClick={cancel}>
                Stop
              </button>
            </>
          )}
        </div>
      )}
      <footer className="flex items-center gap-3 border-t border-rule bg-paper px-4 py-2">
        {fault && (
          <p role="alert" className="text-oxide">
            {fault}
          </p>
        )}
        {!fault && noMark && (
          <p className="text-ochre">Say which column is the mark: openings are known by it.</p>
        )}
        {!fault && !noMark && (
          <p className="text-soft" role="status">
            {saving ? 'Writing, all of it or nothing …' : counts?.text}
            {!saving &&
              compared &&
              compared.words.length > 0 &&
              ` · ${compared.words.length} words not understood`}
          </p>
        )}
        <span className="flex-1" />
        {step === 'preview' && (
          <button className="button" disabled={saving} onClick={() => setStep('columns')}>
            Back to the columns
          </button>
        )}
        {step === 'columns' ? (
          <button
            className="button primary"
            disabled={!mapping || noMark}
            onClick={() => setStep('preview')}
          >
            See what would change
          </button>
        ) : (
          <button
            className="button primary"
            disabled={!counts || counts.all === 0 || saving}
            onClick={() => void save()}
          >
            Take it over
          </button>
        )}
      </footer>
    </div>
  );
}

/** The one write that a list comes to, with what is to be remembered of it. */
function workOf(
  compared: Compared,
  taking: Taking,
  cells: string[][],
  mapping: ListMapping,
  lists: ListsDocument,
  source: Source,
): ProjectWrite {
  const changes: NonNullable<ProjectWrite['changes']> = [];
  const versions = new Map<string, number>();
  for (const row of compared.comparison.rows) {
    if (row.status === 'added' && !taking.rowsLeftOut.has(row.at))
      changes.push({ op: 'create', facts: noteOfUnread(row.facts, row.unread) });
    if (row.status !== 'changed') continue;
    const facts = acceptRow(row, (difference) => isTaken(taking, row, difference));
    if (row.differences.some((difference) => isTaken(taking, row, difference)))
      changes.push({ op: 'update', id: row.id!, version: row.version!, facts });
  }
  for (const { id, version } of compared.comparison.missing) {
    versions.set(id, version);
    if (taking.removed.has(id)) changes.push({ op: 'delete', id, version });
  }
  const body: Lists = {
    memory: remember(lists.body?.memory ?? NO_MEMORY, cells, mapping),
    last: lastList(compared.rows),
    name: source.name,
    at: new Date().toISOString(),
  };
  return { changes, documents: [{ name: 'lists', version: lists.version, body }], kind: 'import' };
}

function countsOf(work: ProjectWrite): { text: string; all: number } {
  const count = (op: string) => (work.changes ?? []).filter((change) => change.op === op).length;
  const [added, changed, deleted] = [count('create'), count('update'), count('delete')];
  const parts = [
    added > 0 ? `${added} new` : '',
    changed > 0 ? `${changed} changed` : '',
    deleted > 0 ? `${deleted} deleted` : '',
  ].filter(Boolean);
  return {
    all: added + changed + deleted,
    text: parts.length > 0 ? parts.join(', ') : 'nothing to take over',
  };
}
