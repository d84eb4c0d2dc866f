import { useState } from 'react';
import type { OpeningSite } from '../../data/useSite.js';
import { Modal } from '../../parts/Modal.js';

/** A defect: what is wrong, who puts it right, by when. */
export function DefectDialog({
  site,
  test,
  usual,
  onClose,
}: {
  site: OpeningSite;
  test: string | undefined;
  usual: string;
  onClose: () => void;
}) {
  const [what, setWhat] = useState(usual);
  const [who, setWho] = useState('');
  const [until, setUntil] = useState('');
  return (
    <Modal
      open
      onClose={onClose}
      title="A defect"
      description="It stays open until somebody says that it was put right."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (!what.trim()) return;
          site.record('defect', {
            defect: crypto.randomUUID(),
            what: what.trim(),
            ...(who.trim() ? { who: who.trim() } : {}),
            ...(until ? { until } : {}),
            ...(test ? { test } : {}),
          });
          onClose();
        }}
      >
        <label className="block">
          <span className="text-soft">What is wrong</span>
          <textarea
            className="field !h-20 w-full py-1.5 text-base"
            maxLength={500}
            value={what}
            onChange={(event) => setWhat(event.target.value)}
          />
        </label>
        <div className="grid grid-cols-2 gap-3">
          <label className="block">
            <span className="text-soft">Who puts it right</span>
            <input
              className="field !h-11 w-full"
              maxLength={120}
              value={who}
              onChange={(event) => setWho(event.target.value)}
            />
          </label>
          <label className="block">
            <span className="text-soft">By when</span>
            <input
              type="date"
              className="field !h-11 w-full"
              value={until}
              onChange={(event) => setUntil(event.target.value)}
            />
          </label>
        </div>
        <button className="button primary !h-12 justify-center" disabled={!what.trim()}>
          Report it
        </button>
      </form>
    </Modal>
  );
}
