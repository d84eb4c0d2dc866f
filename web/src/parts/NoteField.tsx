import { useFormContext } from 'react-hook-form';
import type { Fields } from './Form.js';

/** Several lines of text in a form. */
export function NoteField({
  label,
  name,
  disabled,
}: {
  label: string;
  name: string;
  disabled?: boolean;
}) {
  const { register } = useFormContext<Fields>();
  return (
    <label className="flex flex-col gap-0.5 text-soft">
      {label}
      <textarea className="field !h-16 py-1 text-ink" disabled={disabled} {...register(name)} />
    </label>
  );
}
