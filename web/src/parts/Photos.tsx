import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Camera, CloudOff, MapPin, X } from 'lucide-react';
import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { ApiProblem, call } from '../base/api.js';
import { Modal } from './Modal.js';
import { useSession } from '../base/session.js';
import {
  dropPhoto,
  queuePhoto,
  sendPhotos,
  sendsFor,
  smaller,
  waitingPhotos,
  type QueuedPhoto,
} from '../data/photoQueue.js';

/** The photographs of an opening: what the server has, and what waits on this device. */
export function Photos({
  projectId,
  openingId,
  caption,
  canEdit,
  onPlace,
  numberOf,
}: {
  projectId: string;
  openingId: string;
  caption: string;
  canEdit: boolean;
  /** Gives a photograph its place on the drawing. */
  onPlace?: ((id: string) => void) | undefined;
  /** The number it has there. */
  numberOf?: (id: string) => number | undefined;
}) {
  const client = useQueryClient();
  const personId = useSession().data?.person?.id;
  const path = { projectId, openingId };
  const base = `/projects/${projectId}/openings/${openingId}/photos`;
  const kept = useQuery({
    queryKey: ['photos', openingId],
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/openings/{openingId}/photos', { path })).photos,
  });
  const waiting = useQuery({
    queryKey: ['photos-waiting', openingId],
    queryFn: () => waitingPhotos(openingId),
    networkMode: 'always',
  });
  const fresh = () =>
    Promise.all([
      client.invalidateQueries({ queryKey: ['photos', openingId] }),
      client.invalidateQueries({ queryKey: ['photos-waiting', openingId] }),
    ]);
  useEffect(() => {
    sendsFor(personId);
    const again = () =>
      void sendPhotos().then((sent) =>
        sent > 0
          ? Promise.all([
              client.invalidateQueries({ queryKey: ['photos', openingId] }),
              client.invalidateQueries({ queryKey: ['photos-waiting', openingId] }),
            ])
          : undefined,
      );
    again();
    window.addEventListener('online', again);
    const timer = setInterval(again, 20_000);
    return () => {
      window.removeEventListener('online', again);
      clearInterval(timer);
    };
  }, [client, openingId, personId]);

  const add = async (file: File | undefined) => {
    if (!file) return;
    try {
      const picture = await smaller(file);
      await queuePhoto({
        id: crypto.randomUUID(),
        projectId,
        openingId,
        caption,
        picture,
        ...(personId ? { personId } : {}),
      });
      await fresh();
      await sendPhotos();
    } catch {
      toast.error('This is no photograph. Choose a JPEG, PNG or WebP picture.');
    }
    await fresh();
  };
  const [asked, setAsked] = useState<
    { id: string; caption: string; waiting: boolean } | undefined
  >();
  const remove = async (id: string) => {
    try {
      await call('DELETE', '/projects/{projectId}/openings/{openingId}/photos/{photoId}', {
        path: { ...path, photoId: id },
      });
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'That did not work.');
    }
    await fresh();
  };
  return (
    <section aria-label="Photographs" className="flex items-center gap-2 overflow-x-auto">
      {canEdit && (
        <label className="button !h-14 shrink-0 cursor-pointer">
          <Camera size={20} /> Photograph
          <input
            type="file"
            accept="image/jpeg,image/png,image/webp"
            capture="environment"
            className="sr-only"
            aria-label="Photograph of the opening"
            onChange={(event) => {
              void add(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
        </label>
      )}
      {(kept.data ?? []).map((photo) => (
        <figure key={photo.id} className="relative shrink-0" data-photo="kept">
          <a href={`/api${base}/${photo.id}`} target="_blank" rel="noreferrer">
            <img
              src={`/api${base}/${photo.id}`}
              alt={photo.caption || 'Photograph'}
              title={`${photo.caption}, ${photo.by}, ${photo.at.slice(0, 10)}`}
              className="h-14 w-20 border border-rule object-cover"
            />
          </a>
          {onPlace && (
            <button
              type="button"
              aria-label={`Place on the drawing: ${photo.caption}`}
              className="absolute bottom-0 left-0 flex min-h-6 min-w-6 items-center justify-center bg-slate px-1 text-xs font-bold text-sheet"
              onClick={() => onPlace(photo.id)}
            >
              {numberOf?.(photo.id) ?? <MapPin size={13} />}
            </button>
          )}
          {canEdit && (
            <button
              type="button"
              aria-label={`Delete the photograph ${photo.caption}`}
              className="absolute top-0 right-0 flex min-h-11 min-w-11 items-start justify-end"
              onClick={() => setAsked({ id: photo.id, caption: photo.caption, waiting: false })}
            >
              <span className="bg-sheet/90 p-0.5">
                <X size={18} />
              </span>
            </button>
          )}
        </figure>
      ))}
      {(waiting.data ?? []).map((photo) => (
        <Waiting
          key={photo.id}
          photo={photo}
          onDrop={() => setAsked({ id: photo.id, caption: photo.caption, waiting: true })}
        />
      ))}
      {asked && (
        <Modal
          open
          onClose={() => setAsked(undefined)}
          title="Delete this photograph?"
          description={`${asked.caption || 'Photograph'}. It cannot be brought back.`}
        >
          <div className="flex justify-end gap-2">
            <button type="button" className="button !h-12" onClick={() => setAsked(undefined)}>
              Keep it
            </button>
            <button
              type="button"
              className="button primary !h-12"
              onClick={() => {
                if (!asked.waiting) void remove(asked.id);
                else void dropPhoto(asked.id).then(() => fresh());
                setAsked(undefined);
              }}
            >
              Delete it
            </button>
          </div>
        </Modal>
      )}
    </section>
  );
}

function Waiting({ photo, onDrop }: { photo: QueuedPhoto; onDrop: () => void }) {
  return (
    <span
      data-photo="waiting"
      className="flex h-14 shrink-0 items-center gap-1 border border-ochre px-2 text-xs text-ochre"
    >
      <CloudOff size={14} /> {photo.refused ?? 'on this device'}
      {photo.refused && (
        <button type="button" className="button bare" onClick={onDrop}>
          Drop
        </button>
      )}
    </span>
  );
}
