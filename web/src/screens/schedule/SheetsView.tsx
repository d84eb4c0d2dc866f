import type { DocumentId } from '@riegel/paper/documents';
import { documentAddress, documentFile } from '../../base/documents.js';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Boxes, Download, FileArchive, FileText, Ruler, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { ApiProblem, call } from '../../base/api.js';
import type { Shapes } from '../../base/routes.js';
import { fetchDocument, fileName, save, sendForDocument } from '../../base/download.js';
import { useOpenings, useProject } from '../../data/project.js';
import { IconButton } from '../../parts/IconButton.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Select } from '../../parts/Select.js';
import { loadPdf } from './loadPdf.js';
import { PdfPages } from './PdfPages.js';
import { useSchedule } from './ScheduleLayout.js';

type Job = Shapes['JobView'];

const EVERY = '*';

/** Preparation sheets looked at one by one, and made for many in the background. */
export function SheetsView() {
  const { project } = useProject();
  const { openings } = useOpenings();
  const { matrix, sets } = useSchedule();
  const client = useQueryClient();
  const [of, setOf] = useState(EVERY);
  const [chosen, setChosen] = useState<string | undefined>();
  const storeys = useMemo(
    () => [...new Set(openings.flatMap(({ facts }) => facts.storey ?? []))],
    [openings],
  );
  const storeyOf = useMemo(
    () => new Map(openings.map(({ id, facts }) => [id, facts.storey])),
    [openings],
  );
  const rows = matrix.rows.filter(
    ({ id, set }) =>
      of === EVERY || of === `set ${set}` || of === `storey ${storeyOf.get(id) ?? ''}`,
  );
  const current = rows.find(({ id }) => id === chosen) ?? rows[0];
  const jobsKey = ['jobs', project.id];
  const jobs = useQuery({
    queryKey: jobsKey,
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/jobs', { path: { projectId: project.id } })).jobs,
    // While something is made its progress is looked at; else nothing is asked.
    refetchInterval: ({ state }) =>
      state.data?.some(({ state: is }) => is === 'waiting' || is === 'running') ? 700 : false,
  });
  const ask = async (work: () => Promise<unknown>) => {
    try {
      await work();
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'That did not work.');
    }
  };
  const what = of === EVERY ? 'all' : of.replace(/\W+/g, '-');
  const begin = (kind: 'sheets' | 'drawings' | 'submittal') =>
    ask(async () => {
      await call('POST', '/projects/{projectId}/jobs', {
        path: { projectId: project.id },
        body: {
          kind,
          name: fileName(
            project.name,
            `${kind}-${kind === 'submittal' ? 'all' : what}.${documentFile(kind).split('.').pop()}`,
          ),
          openings: rows.map(({ id }) => id),
        },
      });
      await client.invalidateQueries({ queryKey: jobsKey });
    });
  const intoModel = (model: File) =>
    ask(async () => {
      const blob = await sendForDocument(`/projects/${project.id}/model`, model);
      save(blob, model.name.replace(/(\.ifc)?$/i, '-hardware.ifc'));
    });
  const take = (path: string, name: string) =>
    ask(async () => save(await fetchDocument(path), name));
  return (
    <div className="grid h-full grid-cols-[270px_minmax(0,1fr)] max-[900px]:block max-[900px]:overflow-auto">
      <aside className="flex min-h-0 flex-col border-r border-rule">
        <div className="flex flex-col gap-2 border-b border-rule px-4 py-3">
          <Select
            label="Sheets of"
            value={of}
            onChange={setOf}
            options={[
              { value: EVERY, text: `all ${matrix.rows.length} openings` },
              ...storeys.map((one) => ({ value: `storey ${one}`, text: `storey ${one}` })),
              ...sets.map((set) => ({
                value: `set ${set.number}`,
                text: `set ${set.number} ${set.name}`,
              })),
            ]}
          />
          <div className="flex flex-wrap gap-2">
            <button type="button" className="button" onClick={() => void begin('sheets')}>
              <FileText size={15} /> {rows.length} as PDF
            </button>
            <button type="button" className="button" onClick={() => void begin('drawings')}>
              <FileArchive size={15} /> DXF, SVG
            </button>
            <button type="button" className="button" onClick={() => void begin('submittal')}>
              <FileArchive size={15} /> Submittal
            </button>
            <label
              className="button cursor-pointer"
              title="Decided data as property sets of its doors"
            >
              <Boxes size={15} /> Into a model
              <input
                type="file"
                className="sr-only"
                accept=".ifc"
                aria-label="Building model"
                onChange={({ target }) => {
                  const [model] = target.files ?? [];
                  target.value = '';
                  if (model) void intoModel(model);
                }}
              />
            </label>
          </div>
          <Jobs
            jobs={jobs.data ?? []}
            onTake={({ id, name }) => void take(`/projects/${project.id}/jobs/${id}/file`, name)}
            onEnd={({ id }) =>
              void ask(async () => {
                await call('DELETE', '/projects/{projectId}/jobs/{jobId}', {
                  path: { projectId: project.id, jobId: id },
                });
                await client.invalidateQueries({ queryKey: jobsKey });
              })
            }
          />
        </div>
        <ul className="min-h-0 flex-1 overflow-auto py-1" aria-label="Openings">
          {rows.map(({ id, heading, set }) => (
            <li key={id}>
              <button
                type="button"
                aria-pressed={id === current?.id}
                className={`flex w-full justify-between gap-2 px-4 py-0.5 text-left ${id === current?.id ? 'bg-brass-wash' : 'hover:bg-wash'}`}
                onClick={() => setChosen(id)}
              >
                <span className="font-semibold">{heading.mark}</span>
                <span className="truncate text-soft">
                  {set === undefined ? 'undecided' : `set ${set}`}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </aside>
      {current && (
        <Preview key={current.id} id={current.id} mark={current.heading.mark} onTake={take} />
      )}
    </div>
  );
}

function Jobs({
  jobs,
  onTake,
  onEnd,
}: {
  jobs: readonly Job[];
  onTake: (job: Job) => void;
  onEnd: (job: Job) => void;
}) {
  if (jobs.length === 0) return null;
  return (
    <ul className="max-h-40 overflow-auto text-[12.5px]" aria-label="Being made">
      {jobs.map((job) => (
        <li
          key={job.id}
          data-job={job.kind}
          className="flex items-center gap-1 border-t border-rule/60"
        >
          <span className="min-w-0 flex-1 truncate" title={job.why || job.name}>
            {job.kind}{' '}
            <span className={job.state === 'failed' ? 'text-oxide' : 'text-soft'} role="status">
              {job.state === 'running'
                ? `${Math.round(job.progress * 100)} %`
                : job.state === 'failed'
                  ? job.why
                  : job.state === 'done'
                    ? `${Math.max(1, Math.round(job.size / 1024))} kB`
                    : job.state}
            </span>
          </span>
          {job.state === 'done' && (
            <IconButton label={`Take ${job.name}`} onClick={() => onTake(job)}>
              <Download size={14} />
            </IconButton>
          )}
          <IconButton
            label={
              job.state === 'waiting' || job.state === 'running'
                ? `Cancel ${job.name}`
                : `Take ${job.name} off the list`
            }
            onClick={() => onEnd(job)}
          >
            <X size={14} />
          </IconButton>
        </li>
      ))}
    </ul>
  );
}

/** The sheets of one opening as they are printed, and its sticks. */
function Preview({
  id,
  mark,
  onTake,
}: {
  id: string;
  mark: string;
  onTake: (path: string, name: string) => Promise<void>;
}) {
  const { project } = useProject();
  const { byId } = useOpenings();
  const addressOf = (document: DocumentId, options: Record<string, string> = {}) =>
    documentAddress(document, project.id, { openingId: id, options });
  const pdf = useQuery({
    queryKey: ['sheets', id, byId.get(id)?.version],
    queryFn: async ({ signal }) => loadPdf(await fetchDocument(addressOf('sheets'), signal)),
    staleTime: 0,
    gcTime: 0,
    structuralSharing: false,
  });
  const name = (what: string) => fileName(`${project.name} ${mark}`, what);
  return (
    <section aria-label={`Sheets of ${mark}`} className="flex min-h-0 flex-col">
      <div className="flex flex-wrap items-center gap-2 border-b border-rule px-5 py-2">
        <h2 className="mr-2 text-lg">{mark}</h2>
        <button
          type="button"
          className="button"
          onClick={() => void onTake(addressOf('sheets'), name(documentFile('sheets')))}
        >
          <FileText size={15} /> PDF
        </button>
        <button
          type="button"
          className="button"
          onClick={() => void onTake(addressOf('drawings'), name(documentFile('drawings')))}
        >
          <FileArchive size={15} /> DXF, SVG
        </button>
        <button
          type="button"
          className="button"
          onClick={() =>
            void onTake(addressOf('stick', { tiled: 'true' }), name(documentFile('stick')))
          }
        >
          <Ruler size={15} /> Story stick, tiled
        </button>
        <button
          type="button"
          className="button"
          onClick={() =>
            void onTake(addressOf('stick', { tiled: 'false' }), name('story-stick-long.pdf'))
          }
        >
          <Ruler size={15} /> in one piece
        </button>
      </div>
      <div
        className="min-h-0 flex-1 overflow-auto bg-wash px-5 py-4"
        tabIndex={0}
        role="region"
        aria-label="Pages"
      >
        {pdf.error ? (
          <Message title="The sheets could not be made">{pdf.error.message}</Message>
        ) : !pdf.data ? (
          <Waiting what="Drawing the sheets …" />
        ) : (
          <PdfPages pdf={pdf.data} />
        )}
      </div>
    </section>
  );
}
