import { useCallback, useState } from 'react';

/** A text that could not be read, kept with its cell. */
export interface Unread {
  text: string;
  message: string;
}

/** Texts that could not be read, kept with their cells, also over a reload. */
export function useUnread(projectId: string): {
  unread: Record<string, Unread>;
  setUnread: (key: string, unread: Unread | undefined) => void;
} {
  const shelf = `riegel.unread.${projectId}`;
  const [unread, set] = useState<Record<string, Unread>>(() => {
    try {
      return JSON.parse(localStorage.getItem(shelf) ?? '{}') as Record<string, Unread>;
    } catch {
      return {};
    }
  });
  const setUnread = useCallback(
    (key: string, value: Unread | undefined) => {
      set((before) => {
        if (value === undefined && !(key in before)) return before;
        const next = { ...before };
        if (value) next[key] = value;
        else delete next[key];
        try {
          if (Object.keys(next).length > 0) localStorage.setItem(shelf, JSON.stringify(next));
          else localStorage.removeItem(shelf);
        } catch {
          // A full store keeps it over no reload; here it stands all the same.
        }
        return next;
      });
    },
    [shelf],
  );
  return { unread, setUnread };
}
