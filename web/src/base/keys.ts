import { useEffect, useRef } from 'react';

/** Whether keys are just now meant for a text field. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

/** `Ctrl+Z`, `?`, `n`: the name of a key press, Ctrl and Cmd alike. */
function keyName(event: KeyboardEvent): string {
  const control = event.ctrlKey || event.metaKey ? 'Ctrl+' : event.altKey ? 'Alt+' : '';
  const shift = event.shiftKey && event.key.length > 1 ? 'Shift+' : '';
  const key =
    event.key.length === 1 && control
      ? event.shiftKey
        ? `Shift+${event.key.toLowerCase()}`
        : event.key.toLowerCase()
      : event.key;
  return control + shift + key;
}

/**
 * Listens to keys for the whole page while mounted. Plain keys do nothing while somebody types or a
 * dialog or list is open; those with Ctrl or Alt do, except for undo in a text field, which is the field's own.
 */
export function useKeys(keys: Record<string, () => void>): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented) return;
      const name = keyName(event);
      const action = latest.current[name];
      if (!action) return;
      if (typing(event.target) && (!/^(Ctrl|Alt)\+/.test(name) || /z|y$/.test(name))) return;
      if (document.querySelector('[role="dialog"], [role="listbox"]') && name !== 'Ctrl+k') return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
