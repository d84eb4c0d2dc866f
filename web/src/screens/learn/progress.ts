import { mergedProgress, readProgress, type Progress } from '@riegel/core';
import { call } from '../../base/api.js';

const KEY = 'riegel-learning';

/** What this browser remembers; nothing where it may not. */
export function keptProgress(): Progress {
  try {
    return readProgress(JSON.parse(localStorage.getItem(KEY) ?? '{}'));
  } catch {
    return {};
  }
}

/** Keeps progress in this browser and, where somebody is signed in, with the account. */
export function keepProgress(progress: Progress, signedIn: boolean): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(progress));
  } catch {
    // A browser that keeps nothing still asks and answers.
  }
  if (signedIn)
    void call('PUT', '/account/notes/{name}', {
      path: { name: 'learning' },
      body: { body: progress },
    }).catch(() => undefined);
}

/** What the account remembers, put together with this browser's. */
export async function fetchedProgress(): Promise<Progress> {
  const { body } = await call('GET', '/account/notes/{name}', { path: { name: 'learning' } });
  return mergedProgress(keptProgress(), readProgress(body));
}

/** Days since 1970, by the clock of the device. */
export const dayNow = (): number => Math.floor(Date.now() / 86_400_000);
