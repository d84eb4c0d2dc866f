import { useCallback, useState } from 'react';
import { useSession } from './session.js';

/** Something a person arranged for themselves, kept on this device. */
export function usePreference<T>(
  name: string,
  read: (value: unknown) => T | undefined,
  initial: T,
): [T, (next: T) => void] {
  const person = useSession().data?.person?.id ?? '';
  const key = `riegel.${name}.${person}`;
  const [value, set] = useState<T>(() => {
    try {
      return read(JSON.parse(localStorage.getItem(key) ?? 'null')) ?? initial;
    } catch {
      return initial;
    }
  });
  const keep = useCallback(
    (next: T) => {
      set(next);
      try {
        localStorage.setItem(key, JSON.stringify(next));
      } catch {
        // A full store keeps it over no reload; here it stands all the same.
      }
    },
    [key],
  );
  return [value, keep];
}
