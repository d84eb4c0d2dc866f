import { useId, type InputHTMLAttributes } from 'react';
import { useFormContext } from 'react-hook-form';
import type { Fields } from './Form.js';

/** A labelled line of text in a form, with what is wrong with it under it. */
export function TextField({
  label,
  name,
  hint,
  ...input
}: { label: string; name: string; hint?: string } & InputHTMLAttributes<HTMLInputElement>) {
  const { register, formState } = useFormContext<Fields>();
  const fault = formState.errors[name]?.message;
  const id = useId();
  return (
    <label className="flex flex-col gap-0.5 text-soft">
      {label}
      <input
        className="field !h-9 text-ink"
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? id : undefined}
        {...input}
        {...register(name)}
      />
      {fault ? (
        <span id={id} role="alert" className="text-xs text-oxide">
          {fault}
        </span>
      ) : (
        hint && <span className="text-xs">{hint}</span>
      )}
    </label>
  );
}
