import { useQuery } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { call } from './api.js';
import { useSession } from './session.js';

/** How long a change rests before it is sent: a width that is dragged is many changes. */
const REST_MS = 800;

/**
 * Something a person arranged for themselves: kept on this device at once, and with their account, so that it is the
 * same on every device. Demo people are whoever tries the demo: theirs stay on the device.
 */
export function usePreference<T>(
  name: string,
  read: (value: unknown) => T | undefined,
  initial: T,
): [T, (next: T) => void] {
  const { data } = useSession();
  const person = data?.person?.id ?? '';
  const key = `riegel.${name}.${person}`;
  const keptThere = person !== '' && data?.demo === false;
  const [own, setOwn] = useState<T | undefined>();
  const [here] = useState<T | undefined>(() => {
    try {
      return read(JSON.parse(localStorage.getItem(key) ?? 'null'));
    } catch {
      return undefined;
    }
  });
  const there = useQuery({
    queryKey: ['note', person, name],
    enabled: keptThere,
    staleTime: Infinity,
    queryFn: async () =>
      (await call('GET', '/account/notes/{name}', { path: { name } })).body as {
        value?: unknown;
      } | null,
  });
  const fetched = useMemo(
    () => (there.data ? read(there.data.value) : undefined),
    [there.data, read],
  );
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const keep = useCallback(
    (next: T) => {
      setOwn(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // A full store keeps it over no reload; here it stands all the same.
      }
      if (!keptThere) return;
      clearTimeout(timer.current);
      timer.current = setTimeout(() => {
        // Without a connection it stays on this device.
        void call('PUT', '/account/notes/{name}', {
          path: { name },
          body: { body: { value: next } },
        }).catch(() => undefined);
      }, REST_MS);
    },
    [key, keptThere, name],
  );
  return [own ?? fetched ?? here ?? initial, keep];
}
