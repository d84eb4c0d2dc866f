import { useState } from 'react';

/** A text written when it is left or Enter is pressed; one that cannot be taken is told and stays. */
export function TextWhenLeft({
  label,
  value,
  most,
  disabled,
  placeholder,
  check,
  onText,
}: {
  label: string;
  value: string;
  most: number;
  disabled: boolean;
  placeholder?: string;
  check?: (text: string) => string | undefined;
  onText: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | undefined>();
  const [fault, setFault] = useState('');
  const commit = () => {
    const text = typed?.trim();
    if (text === undefined) return;
    const wrong = text === '' ? undefined : check?.(text);
    setFault(wrong ?? '');
    if (wrong) return;
    if (text !== value) onText(text);
    setTyped(undefined);
  };
  return (
    <span>
      <input
        className="field w-full"
        aria-label={label}
        aria-invalid={fault !== '' || undefined}
        placeholder={placeholder}
        maxLength={most}
        disabled={disabled}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') {
            setTyped(undefined);
            setFault('');
          }
        }}
      />
      {fault && (
        <span role="alert" className="text-xs text-oxide">
          {fault}
        </span>
      )}
    </span>
  );
}
