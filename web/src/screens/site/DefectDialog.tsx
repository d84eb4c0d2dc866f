import { useState } from 'react';
import { Camera } from 'lucide-react';
import { toast } from 'sonner';
import { useSession } from '../../base/session.js';
import { useProject } from '../../data/project.js';
import { queuePhoto, sendPhotos, smaller } from '../../data/photoQueue.js';
import type { OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
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
  const [picture, setPicture] = useState<Blob | undefined>();
  const { project } = useProject();
  const { openingId } = useOpeningPage();
  const personId = useSession().data?.person?.id;
  const report = async () => {
    const photo = picture && crypto.randomUUID();
    // The photograph waits on the device like any other, and goes when it can.
    if (photo)
      await queuePhoto({
        id: photo,
        projectId: project.id,
        openingId,
        caption: what.trim().slice(0, 200),
        picture,
        ...(personId ? { personId } : {}),
      });
    site.record('defect', {
      defect: crypto.randomUUID(),
      what: what.trim(),
      ...(who.trim() ? { who: who.trim() } : {}),
      ...(until ? { until } : {}),
      ...(test ? { test } : {}),
      ...(photo ? { photo } : {}),
    });
    void sendPhotos();
    onClose();
  };
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
          if (what.trim()) void report();
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
        <label className="button !h-11 cursor-pointer justify-center">
          <Camera size={18} /> {picture ? 'Another photograph' : 'Photograph'}
          {picture && <span className="text-verdigris">taken</span>}
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            capture="environment"
            className="sr-only"
            aria-label="Photograph of the defect"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file)
                void smaller(file).then(setPicture, () =>
                  toast.error('This is no photograph. Choose a JPEG, PNG or WebP picture.'),
                );
            }}
          />
        </label>
        <button className="button primary !h-12 justify-center" disabled={!what.trim()}>
          Report it
        </button>
      </form>
    </Modal>
  );
}
