import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Controller } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { PRACTICES } from '@riegel/core';
import { call } from '../../base/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Fault } from '../../parts/Fault.js';
import { Fold } from '../../parts/Fold.js';
import { Form, neededField } from '../../parts/Form.js';
import { Labelled } from '../../parts/Labelled.js';
import { Modal } from '../../parts/Modal.js';
import { NoteField } from '../../parts/NoteField.js';
import { Select } from '../../parts/Select.js';
import { TextField } from '../../parts/TextField.js';
import { useAsking } from '../../parts/useAsking.js';

const PROJECT = {
  name: neededField('Name', 120),
  practice: { label: 'Practice', needed: true },
  note: { label: 'Note', needed: false, max: 4000 },
};

/** Name, practice and note of a project; its file; and its end. */
export function ProjectDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { project, ownPractices } = useProject();
  const { openings } = useOpenings();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const owner = project.role === 'owner';

  const { fault: notDeleted, ask } = useAsking();
  const remove = () =>
    ask(async () => {
      await call('DELETE', '/projects/{projectId}', { path: { projectId: project.id } });
      await navigate('/');
      await client.invalidateQueries({ queryKey: ['projects'] });
    });

  return (
    <Modal open={open} onClose={onClose} title="Project">
      <Form
        key={project.version}
        shape={PROJECT}
        defaults={{ name: project.name, practice: project.practice, note: project.note }}
        className="flex flex-col gap-3"
        send={async (fields) => {
          await call('PATCH', '/projects/{projectId}', {
            path: { projectId: project.id },
            body: { version: project.version, ...fields },
          });
          await client.invalidateQueries();
          onClose();
        }}
      >
        {({ busy, fault, form }) => (
          <>
            <TextField label="Name" name="name" disabled={!owner} />
            <Labelled label="Practice; everything that follows from it is decided anew">
              <Controller
                control={form.control}
                name="practice"
                render={({ field }) => (
                  <Select
                    label="Practice"
                    className="!h-9"
                    disabled={!owner}
                    value={field.value ?? ''}
                    onChange={field.onChange}
                    options={[
                      ...ownPractices.map(({ id, name }) => ({
                        value: id,
                        text: `${name}, the project’s own`,
                      })),
                      ...Object.values(PRACTICES).map(({ id, name, system }) => ({
                        value: id,
                        text: `${name}, ${system === 'inch' ? 'inches' : 'millimetres'}`,
                      })),
                    ]}
                  />
                )}
              />
            </Labelled>
            <NoteField label="Note" name="note" disabled={!owner} />
            <Fault>{fault}</Fault>
            <div className="flex flex-wrap justify-end gap-2">
              <a className="button mr-auto" href={`/api/projects/${project.id}/file`} download>
                Take the project file
              </a>
              <button type="button" className="button" onClick={onClose}>
                Not now
              </button>
              {owner && (
                <button className="button primary" disabled={busy}>
                  Save
                </button>
              )}
            </div>
          </>
        )}
      </Form>
      {owner && (
        <div className="mt-4">
          <Fold name="Delete the project">
            <p>
              All {openings.length} openings and their history go with it, for everybody. It cannot
              be undone; take the project file first.
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
                aria-label="Delete the project for good"
                disabled={typed.trim() !== project.name}
                onClick={() => void remove()}
              >
                Delete
              </button>
            </div>
            <Fault>{notDeleted}</Fault>
          </Fold>
        </div>
      )}
    </Modal>
  );
}
