import { useState } from 'react';
import { call } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { ReasonDialog } from '../../parts/ReasonDialog.js';
import { useAsking } from '../../parts/useAsking.js';
import { useSchedule } from './ScheduleLayout.js';

/** Freezes the project: what is open in it is told before. */
export function MakeRelease({
  number,
  onMade,
  onClose,
}: {
  number: number;
  onMade: () => void;
  onClose: () => void;
}) {
  const { project } = useProject();
  const { open, undecided, findings, assumed } = useSchedule();
  const { busy, fault, ask } = useAsking();
  const [name, setName] = useState('');
  const stops = findings.filter(({ level }) => level === 'stop').length;
  const told = [
    stops > 0 ? `${stops} rules stop` : '',
    undecided.length > 0 ? `${undecided.length} openings are undecided` : '',
    open.length > 0 ? `${open.length} questions are open` : '',
    assumed.length > 0 ? `${assumed.length} assumptions are confirmed by nobody` : '',
  ].filter(Boolean);
  const make = async (reason: string) => {
    const done = await ask(() =>
      call('POST', '/projects/{projectId}/releases', {
        path: { projectId: project.id },
        body: { name: name.trim(), reason },
      }),
    );
    if (!done) return;
    onMade();
    onClose();
  };
  return (
    <ReasonDialog
      title={`Issue release ${number}`}
      description="Every document is made as the project stands and kept byte for byte, with your name and the date."
      act={busy ? 'Making …' : 'Issue'}
      disabled={busy}
      onDone={(reason) => void make(reason)}
      onClose={onClose}
    >
      {told.length > 0 && (
        <p className="mb-3 border-l-4 border-ochre px-3">
          It goes out with what is open, and says so: {told.join(', ')}.
        </p>
      )}
      <label className="mb-3 block">
        <span className="mb-1 block text-soft">Name</span>
        <input
          className="field w-full"
          maxLength={80}
          placeholder="Tender"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      {fault && (
        <p role="alert" className="mb-2 text-oxide">
          {fault}
        </p>
      )}
    </ReasonDialog>
  );
}
