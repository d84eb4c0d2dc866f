import { FindOpening } from './FindOpening.js';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp, Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { Controller } from 'react-hook-form';
import { Link, useNavigate } from 'react-router';
import { isOwnPractice, practiceOf, PRACTICE_IDS, PRACTICES, type PracticeId } from '@riegel/core';
import { termText } from '../../base/words.js';
import { ApiProblem, call } from '../../base/api.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Fault } from '../../parts/Fault.js';
import { Form, neededField } from '../../parts/Form.js';
import { Modal } from '../../parts/Modal.js';
import { NoteField } from '../../parts/NoteField.js';
import { RadioList } from '../../parts/RadioList.js';
import { TextField } from '../../parts/TextField.js';

const MAX_BYTES = 24_000_000;

export function ProjectsScreen() {
  const projects = useQuery({
    queryKey: ['projects'],
    queryFn: async () => (await call('GET', '/projects')).projects,
  });
  const [making, setMaking] = useState(false);
  const [faults, setFaults] = useState<string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const navigate = useNavigate();

  const load = async (chosen: File) => {
    setFaults([]);
    if (chosen.size > MAX_BYTES)
      return setFaults([`“${chosen.name}” is larger than 24 MB; a project file is not.`]);
    let json: object;
    try {
      json = JSON.parse(await chosen.text()) as object;
    } catch (error) {
      return setFaults([
        `“${chosen.name}” is not a project file: it is not JSON (${(error as Error).message}).`,
      ]);
    }
    try {
      const project = await call('POST', '/projects/file', { body: json });
      await client.invalidateQueries({ queryKey: ['projects'] });
      await navigate(`/projects/${project.id}`);
    } catch (error) {
      setFaults(
        error instanceof ApiProblem
          ? [error.message, ...error.errors.map((one) => one.message)]
          : ['That did not work.'],
      );
    }
  };

  if (projects.isPending) return <Waiting what="Looking for your projects …" />;
  if (projects.error)
    return (
      <Message
        title="Your projects did not load"
        actions={
          <button className="button primary" onClick={() => void projects.refetch()}>
            Try again
          </button>
        }
      >
        {projects.error.message}
      </Message>
    );
  return (
    <div className="mx-auto max-w-5xl px-6 py-8">
      <div className="mb-5 flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1 className="text-2xl leading-8">Projects</h1>
        <Link className="text-brass hover:underline" to="/due">
          Inspections due
        </Link>
        <Link className="text-brass hover:underline" to="/learn">
          Practice
        </Link>
        <div className="ml-auto flex gap-2">
          <input
            ref={file}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            aria-label="Project file"
            tabIndex={-1}
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              event.target.value = '';
              if (chosen) void load(chosen);
            }}
          />
          <button className="button" onClick={() => file.current?.click()}>
            <FileUp size={16} /> From a project file
          </button>
          <button className="button primary" onClick={() => setMaking(true)}>
            <Plus size={16} /> New project
          </button>
        </div>
      </div>
      {faults.length > 0 && (
        <div role="alert" className="sheet mb-4 border-l-4 !border-l-oxide p-3">
          <p className="font-semibold text-oxide">The file was not taken. Nothing was changed.</p>
          <ul className="mt-1 max-h-48 list-disc overflow-auto pl-5">
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </div>
      )}
      {projects.data.length > 0 && <FindOpening />}
      {projects.data.length === 0 ? (
        <div className="sheet p-8">
          <h2 className="text-lg">Nothing here yet</h2>
          <p className="mt-1 max-w-lg text-soft">
            Make a project for a building or a job. Its practice sets the units, gaps, hinge tables
            and names Riegel works with; an opening may still take another one.
          </p>
          <button className="button primary mt-4" onClick={() => setMaking(true)}>
            <Plus size={16} /> New project
          </button>
        </div>
      ) : (
        <ul className="grid grid-cols-2 gap-4 max-[900px]:grid-cols-1">
          {projects.data.map((project) => (
            <li key={project.id}>
              <Link
                to={`/projects/${project.id}`}
                className="sheet block h-full p-4 hover:!border-brass"
              >
                <div className="flex items-baseline justify-between gap-3">
                  <h2 className="text-lg leading-6">{project.name}</h2>
                  <span className="text-2xl tabular-nums">{project.openings}</span>
                </div>
                <div className="flex justify-between text-soft">
                  <span>
                    {isOwnPractice(project.practice)
                      ? 'A practice of its own'
                      : practiceOf(project.practice).name}
                  </span>
                  <span>openings</span>
                </div>
                {project.note && <p className="mt-2 text-soft">{project.note}</p>}
                <div className="mt-3 flex justify-between border-t border-rule pt-2 text-xs text-soft">
                  <span>you: {termText(`role.${project.role}`)}</span>
                  <span>
                    {project.changed ? `changed ${project.changed.slice(0, 10)}` : 'never changed'}
                  </span>
                </div>
              </Link>
            </li>
          ))}
        </ul>
      )}
      <NewProject open={making} onClose={() => setMaking(false)} />
    </div>
  );
}

const NEW_PROJECT = {
  name: neededField('Name', 120),
  practice: { label: 'Practice', needed: true, oneOf: PRACTICE_IDS },
  note: { label: 'Note', needed: false, max: 4000 },
};

function NewProject({ open, onClose }: { open: boolean; onClose: () => void }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  return (
    <Modal open={open} onClose={onClose} title="New project">
      <Form
        shape={NEW_PROJECT}
        defaults={{ practice: PRACTICE_IDS[0] }}
        className="flex flex-col gap-3"
        send={async (fields) => {
          const project = await call('POST', '/projects', {
            body: { ...fields, practice: fields.practice as PracticeId },
          });
          await client.invalidateQueries({ queryKey: ['projects'] });
          await navigate(`/projects/${project.id}`);
        }}
      >
        {({ busy, fault, form }) => (
          <>
            <TextField label="Name" name="name" autoFocus />
            <fieldset>
              <legend className="text-soft">Practice</legend>
              <Controller
                control={form.control}
                name="practice"
                render={({ field }) => (
                  <RadioList
                    label="Practice"
                    value={field.value ?? ''}
                    onChange={field.onChange}
                    options={Object.values(PRACTICES).map((practice) => ({
                      value: practice.id,
                      text: (
                        <>
                          <span className="w-44">{practice.name}</span>
                          <span className="text-soft">
                            {practice.system === 'inch' ? 'inches' : 'millimetres'},{' '}
                            {HINTS[practice.id as PracticeId]}
                          </span>
                        </>
                      ),
                    }))}
                  />
                )}
              />
            </fieldset>
            <NoteField label="Note" name="note" />
            <Fault>{fault}</Fault>
            <div className="flex justify-end gap-2">
              <button type="button" className="button" onClick={onClose}>
                Not now
              </button>
              <button className="button primary" disabled={busy}>
                Make the project
              </button>
            </div>
          </>
        )}
      </Form>
    </Modal>
  );
}

const HINTS: Record<PracticeId, string> = {
  'us-commercial': 'steel frames, 1 3/4 in leaves, four hands',
  'us-residential': 'timber jambs, 1 3/8 in leaves',
  british: 'timber linings, 44 mm leaves, 150 and 225 hinges',
  continental: 'profile cylinders, reference lines',
  australasian: '35 mm leaves, 2040 high',
};
