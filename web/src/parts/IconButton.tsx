import type { ComponentProps } from 'react';

/** A button that is a sign only: its words are its label, and its title unless that says more. */
export function IconButton({
  label,
  title = label,
  ...button
}: { label: string; title?: string } & ComponentProps<'button'>) {
  return (
    <button
      type="button"
      className="button bare !px-1.5"
      {...button}
      aria-label={label}
      title={title}
    />
  );
}
