import type { ReactNode } from 'react';

/** A button that is a sign only: its words are its label, and its title unless that says more. */
export function IconButton({
  label,
  title = label,
  onClick,
  disabled,
  children,
}: {
  label: string;
  title?: string;
  onClick: () => void;
  disabled?: boolean;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className="button bare !px-1.5"
      aria-label={label}
      title={title}
      disabled={disabled}
      onClick={onClick}
    >
      {children}
    </button>
  );
}
