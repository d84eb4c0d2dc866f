import type { InputHTMLAttributes } from 'react';

/** A labelled line of text in a form. */
export function TextField({
  label,
  hint,
  ...input
}: { label: string; hint?: string } & InputHTMLAttributes<HTMLInputElement>) {
  return (
    <label className="flex flex-col gap-0.5 text-soft">
      {label}
      <input className="field !h-9 text-ink" {...input} />
      {hint && <span className="text-xs">{hint}</span>}
    </label>
  );
}
