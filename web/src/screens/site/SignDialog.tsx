import { useState } from 'react';
import type { RoundCount } from '@riegel/core';
import { useSession } from '../../base/session.js';
import type { OpeningSite } from '../../data/useSite.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Modal } from '../../parts/Modal.js';
import { SignaturePadField } from './SignaturePadField.js';

/** Who saw it signs for what was found, with what was not tried said as that. */
export function SignDialog({
  site,
  round,
  count,
  due,
  onClose,
}: {
  site: OpeningSite;
  round: string;
  count: RoundCount;
  due: string | undefined;
  onClose: () => void;
}) {
  const { data } = useSession();
  const [name, setName] = useState(data?.person?.name ?? '');
  const [path, setPath] = useState('');
  const [again, setAgain] = useState(due ?? '');
  const [note, setNote] = useState('');
  const [left, setLeft] = useState('');
  const [close, setClose] = useState(count.untried === 0);
  const closing = count.untried === 0 || (close && left.trim() !== '');
  const open = site.state.defects.filter(({ settled }) => !settled).length;
  return (
    <Modal
      open
      sticky
      onClose={onClose}
      title="Sign what was found"
      description={`${count.right} as they should be, ${count.faults} with a fault, ${count.untried} not tried; ${open} defects open.`}
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!name.trim() || !path || (close && !closing)) return;
          site.record('signed', {
            round,
            of: round === 'acceptance' ? 'acceptance' : 'inspection',
            name: name.trim(),
            signature: path,
            right: count.right,
            faults: count.faults,
            untried: count.untried,
            ...(again && closing ? { due: again } : {}),
            ...(count.untried > 0 && close ? { left: left.trim() } : {}),
            ...(note.trim() ? { note: note.trim() } : {}),
          });
          onClose();
        }}
      >
        {count.untried > 0 && (
          <fieldset className="border-l-4 border-ochre bg-wash px-3 py-2">
            <CheckBox className="min-h-11" checked={close} onChange={setClose}>
              Close this round though {count.untried} {count.untried === 1 ? 'is' : 'are'} not tried
            </CheckBox>
            {close ? (
              <label className="block">
                <span className="text-soft">Why they are left</span>
                <textarea
                  className="field !h-14 w-full py-1.5"
                  maxLength={500}
                  value={left}
                  onChange={(event) => setLeft(event.target.value)}
                />
              </label>
            ) : (
              <p className="text-soft">
                The round stays open: what was tried is signed for, the rest is tried later.
              </p>
            )}
          </fieldset>
        )}
        <SignaturePadField onChange={setPath} />
        <div className="grid grid-cols-2 gap-3">
          <label className="block">
            <span className="text-soft">Name</span>
            <input
              className="field !h-11 w-full"
              maxLength={120}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </label>
          <label className="block">
            <span className="text-soft">To be looked at again by</span>
            <input
              type="date"
              className="field !h-11 w-full"
              value={again}
              onChange={(event) => setAgain(event.target.value)}
            />
          </label>
        </div>
        <label className="block">
          <span className="text-soft">Remarks</span>
          <textarea
            className="field !h-14 w-full py-1.5"
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <p className="text-soft">
          You sign for what you saw. It says nothing of whether that is enough.
        </p>
        <div className="flex justify-end gap-2">
          <button type="button" className="button !h-12" onClick={onClose}>
            Not now
          </button>
          <button
            className="button primary !h-12"
            disabled={!name.trim() || !path || (close && !closing)}
          >
            Sign
          </button>
        </div>
      </form>
    </Modal>
  );
}
