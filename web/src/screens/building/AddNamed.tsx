import { useState, type FormEvent } from 'react';

/** A name written and added: a room, a storey. */
export function AddNamed({
  label,
  placeholder,
  button,
  most,
  disabled = false,
  className = '',
  onName,
}: {
  label: string;
  placeholder: string;
  button: string;
  most: number;
  disabled?: boolean;
  className?: string;
  onName: (name: string) => void;
}) {
  const [name, setName] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (name.trim() === '') return;
    onName(name.trim());
    setName('');
  };
  return (
    <form onSubmit={submit} className={`flex gap-2 ${className}`}>
      <input
        className="field min-w-0 flex-1"
        aria-label={label}
        placeholder={placeholder}
        maxLength={most}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <button className="button" disabled={disabled || name.trim() === ''}>
        {button}
      </button>
    </form>
  );
}
