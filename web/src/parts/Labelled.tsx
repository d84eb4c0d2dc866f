import type { ReactNode } from 'react';

/** A word or two above a part that names itself to those who hear the screen. */
export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex flex-col gap-0.5">
      <span className="text-[12px] leading-4 text-soft" aria-hidden>
        {label}
      </span>
      {children}
    </div>
  );
}
