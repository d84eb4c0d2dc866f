import { useState, type ReactNode } from 'react';
import { Modal } from './Modal.js';

/** Something that is kept with its reason: what is to be done, why it is asked, the reason, the act. */
export function ReasonDialog({
  title,
  description,
  act,
  usual = '',
  wide = false,
  disabled = false,
  children,
  onDone,
  onClose,
}: {
  title: string;
  description: string;
  /** The word on the button. */
  act: string;
  /** A reason that stands there already. */
  usual?: string;
  wide?: boolean;
  disabled?: boolean;
  children?: ReactNode;
  onDone: (reason: string) => void;
  onClose: () => void;
}) {
  const [reason, setReason] = useState(usual);
  return (
    <Modal open onClose={onClose} title={title} description={description} wide={wide}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (reason.trim()) onDone(reason.trim());
        }}
      >
        {children}
        <label className="block">
          <span className="mb-1 block text-soft">Reason</span>
          <textarea
            className="field !h-16 w-full py-1"
            maxLength={400}
            required
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </label>
        <div className="mt-3 flex justify-end gap-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="button primary" disabled={disabled || !reason.trim()}>
            {act}
          </button>
        </div>
      </form>
    </Modal>
  );
}
