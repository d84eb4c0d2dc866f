import { useState } from 'react';
import { Modal } from '../../parts/Modal.js';

/** Accepting findings: the reason is wanted, the name is that of whoever is signed in. */
export function AcceptDialog({
  count,
  onAccept,
  onClose,
}: {
  count: number;
  onAccept: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState('');
  return (
    <Modal
      open
      onClose={onClose}
      title={count === 1 ? 'Accept the finding' : `Accept ${count} findings`}
      description="It stays on record with your name and the reason, and stands again when the facts it rests on change."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.trim()) onAccept(reason.trim());
        }}
      >
        <label className="block">
          <span className="mb-1 block text-soft">Reason</span>
          <textarea
            className="field !h-24 w-full py-1"
            maxLength={500}
            required
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
        <div className="mt-3 flex justify-end gap-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button primary" disabled={!reason.trim()}>
            Accept
          </button>
        </div>
      </form>
    </Modal>
  );
}
