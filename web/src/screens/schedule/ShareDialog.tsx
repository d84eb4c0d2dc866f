import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { call } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { dayAndTime } from '../../parts/dayAndTime.js';
import { IconButton } from '../../parts/IconButton.js';
import { Modal } from '../../parts/Modal.js';
import { OneTimeLink } from '../../parts/OneTimeLink.js';
import { Select } from '../../parts/Select.js';
import { useAsking } from '../../parts/useAsking.js';

const DAYS = [1, 7, 30, 90];

/** Links by which somebody without an account reads one release: made for some days, taken back at any time. */
export function ShareDialog({ number, onClose }: { number: number; onClose: () => void }) {
  const { project } = useProject();
  const client = useQueryClient();
  const { busy, fault, ask } = useAsking();
  const [days, setDays] = useState(7);
  const [link, setLink] = useState('');
  const path = { projectId: project.id, number };
  const key = ['shares', project.id, number];
  const shares = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/releases/{number}/shares', { path })).shares,
  });
  const again = () => client.invalidateQueries({ queryKey: key });
  const make = () =>
    ask(async () => {
      const { token } = await call('POST', '/projects/{projectId}/releases/{number}/shares', {
        path,
        body: { days },
      });
      setLink(`${window.location.origin}/shared#${token}`);
      await again();
    });
  const revoke = (id: string) =>
    ask(async () => {
      await call('DELETE', '/projects/{projectId}/releases/{number}/shares/{shareId}', {
        path: { ...path, shareId: id },
      });
      await again();
    });
  return (
    <Modal
      open
      onClose={onClose}
      title={`Links to release ${number}`}
      description="Whoever has one reads this release and takes its files; no other page opens for them."
    >
      <div className="flex items-center gap-3">
        <Select
          label="Holds for"
          className="!w-36"
          value={String(days)}
          onChange={(next) => setDays(Number(next))}
          options={DAYS.map((one) => ({
            value: String(one),
            text: one === 1 ? 'one day' : `${one} days`,
          }))}
        />
        <button
          type="button"
          className="button primary"
          disabled={busy}
          onClick={() => void make()}
        >
          Make a link
        </button>
      </div>
      {link && <OneTimeLink link={link} />}
      {fault && (
        <p role="alert" className="mt-2 text-oxide">
          {fault}
        </p>
      )}
      {(shares.data?.length ?? 0) > 0 && (
        <ul className="mt-4" aria-label="Links that hold">
          {shares.data!.map(({ id, createdAt, expiresAt }) => (
            <li key={id} className="flex items-center border-t border-rule/60">
              <span className="flex-1">
                made {dayAndTime(createdAt)}, holds until {dayAndTime(expiresAt)}
              </span>
              <IconButton label="Take the link back" onClick={() => void revoke(id)}>
                <Trash2 size={14} />
              </IconButton>
            </li>
          ))}
        </ul>
      )}
    </Modal>
  );
}
