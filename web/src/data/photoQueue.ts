import { createStore, del, entries, set, type UseStore } from 'idb-keyval';
import { ApiProblem, call } from '../base/api.js';

/** A photograph that is on the device and not yet on the server. */
export interface QueuedPhoto {
  id: string;
  projectId: string;
  openingId: string;
  caption: string;
  picture: Blob;
  /** Who took it. */
  personId?: string;
  /** Why the server would not have it; nothing while it only waits. */
  refused?: string;
}

const LONGEST_SIDE = 1600;
const QUALITY = 0.8;

let store: UseStore | undefined;
const queue = () => (store ??= createStore('riegel-photos', 'waiting'));

/** The photographs that wait, those of one opening. */
export async function waitingPhotos(openingId: string): Promise<QueuedPhoto[]> {
  const all = await entries<string, QueuedPhoto>(queue());
  return all.map(([, photo]) => photo).filter((photo) => photo.openingId === openingId);
}

/** A picture small enough to send: its longest side at most 1600 pixels, as JPEG. */
export async function smaller(file: Blob): Promise<Blob> {
  const picture = await createImageBitmap(file);
  const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('The picture could not be read.'))),
      'image/jpeg',
      QUALITY,
    ),
  );
}

/** Puts a photograph into the queue on the device. */
export async function queuePhoto(photo: QueuedPhoto): Promise<void> {
  await set(photo.id, photo, queue());
}

export async function dropPhoto(id: string): Promise<void> {
  await del(id, queue());
}

let sending: Promise<number> | undefined;
let person: string | undefined;

/** Whose photographs are sent from now on. */
export function sendsFor(personId: string | undefined): void {
  person = personId;
}

/** Sends what waits; stops at a lost connection, keeps what is refused with the reason. How many went. */
export function sendPhotos(): Promise<number> {
  // One tab at a time: each photograph crosses a slow connection once.
  const alone = () =>
    globalThis.navigator?.locks
      ? navigator.locks.request('riegel.photos', { ifAvailable: true }, (lock) =>
          lock ? send() : 0,
        )
      : send();
  sending ??= alone().finally(() => {
    sending = undefined;
  });
  return sending;
}

async function send(): Promise<number> {
  let sent = 0;
  for (const [id, photo] of await entries<string, QueuedPhoto>(queue())) {
    if (photo.refused) continue;
    // Somebody who signed in after another does not send the other's pictures.
    if (photo.personId !== undefined && photo.personId !== person) continue;
    const { projectId, openingId, caption, picture } = photo;
    try {
      await call('POST', '/projects/{projectId}/openings/{openingId}/photos', {
        path: { projectId, openingId },
        query: { id, caption },
        body: picture,
      });
      await del(id, queue());
      sent++;
    } catch (error) {
      if (!(error instanceof ApiProblem) || error.passing) break;
      const refused = error.errors[0]?.message ?? error.message;
      await set(id, { ...photo, refused }, queue());
    }
  }
  return sent;
}
