import { useQueryClient } from '@tanstack/react-query';
import { useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router';
import { PRACTICES } from '@riegel/core';
import { ApiProblem, call } from '../../app/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Modal } from '../../parts/Modal.js';

/** Name, practice and note of a project; its file; and its end. */
export function ProjectDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { project, ownPractices } = useProject();
  const { openings } = useOpenings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [fault, setFault] = useState('');
  const [typed, setTyped] = useState('');
  const owner = project.role === 'owner';

  const attempt = async (work: () => Promise<unknown>) => {
    setFault('');
    try {
      await work();
    } catch (error) {
      setFault(error instanceof ApiProblem ? error.message : 'That did not work.');
    }
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    void attempt(async () => {
      await call('PATCH', `/projects/${project.id}`, {
        version: project.version,
        name: form.get('name'),
        practice: form.get('practice'),
        note: form.get('note'),
      });
      await client.invalidateQueries();
      onClose();
    });
  };
  const remove = () =>
    attempt(async () => {
      await call('DELETE', `/projects/${project.id}`);
      await navigate('/');
      await client.invalidateQueries({ queryKey: ['projects'] });
    });

  return (
    <Modal open={open} onClose={onClose} title="Project">
      <form key={project.version} onSubmit={submit} className="flex flex-col gap-3">
        <label className="flex flex-col gap-0.5 text-soft">
          Name
          <input
            className="field !h-9 text-ink"
            name="name"
            defaultValue={project.name}
            required
            maxLength={120}
            disabled={!owner}
          />
        </label>
        <label className="flex flex-col gap-0.5 text-soft">
          Practice; everything that follows from it is decided anew
          <select
            className="field !h-9 text-ink"
            name="practice"
            defaultValue={project.practice}
            disabled={!owner}
          >
            {ownPractices.map((own) => (
              <option key={own.id} value={own.id}>
                {own.name}, the project’s own
              </option>
            ))}
            {Object.values(PRACTICES).map((practice) => (
              <option key={practice.id} value={practice.id}>
                {practice.name}, {practice.system === 'inch' ? 'inches' : 'millimetres'}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-0.5 text-soft">
          Note
          <textarea
            className="field !h-16 py-1 text-ink"
            name="note"
            defaultValue={project.note}
            maxLength={4000}
            disabled={!owner}
          />
        </label>
        {fault && (
          <p role="alert" className="text-oxide">
            {fault}
          </p>
        )}
        <div className="flex justify-end gap-2">
          <a className="button mr-auto" href={`/api/projects/${project.id}/file`} download>
            Take the project file
          </a>
          <button type="button" className="button" onClick={onClose}>
            Not now
          </button>
          {owner && <button className="button primary">Save</button>}
        </div>
      </form>
      {owner && (
        <details className="mt-4 border-t border-rule pt-3">
          <summary className="cursor-pointer text-soft">Delete the project</summary>
          <p className="mt-2">
            All {openings.length} openings and their history go with it, for everybody. It cannot be
            undone; take the project file first.
          </p>
          <div className="mt-2 flex gap-2">
            <input
              className="field flex-1"
              aria-label="Name of the project to delete"
              placeholder={`Type ${project.name}`}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            <button
              type="button"
              className="button"
              disabled={typed.trim() !== project.name}
              onClick={() => void remove()}
            >
              Delete
            </button>
          </div>
        </details>
      )}
    </Modal>
  );
}
