import { useSyncExternalStore } from 'react';

export type Theme = 'light' | 'dark';

const KEY = 'riegel.theme';
const listeners = new Set<() => void>();

function current(): Theme {
  const kept = localStorage.getItem(KEY);
  if (kept === 'light' || kept === 'dark') return kept;
  return matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light';
}

/** Puts the kept or the system's theme on the page; called before anything is drawn. */
export function applyTheme(): void {
  document.documentElement.dataset['theme'] = current();
}

export function setTheme(theme: Theme): void {
  localStorage.setItem(KEY, theme);
  applyTheme();
  for (const listener of listeners) listener();
}

export function useTheme(): Theme {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, current);
}
