import type { ReactNode } from 'react';

/** A page that has nothing to show but something to say: empty, not found, failed. */
export function Message({
  title,
  children,
  actions,
}: {
  title: string;
  children?: ReactNode;
  actions?: ReactNode;
}) {
  return (
    <div className="mx-auto flex max-w-lg flex-col items-start gap-3 px-6 py-20">
      <svg viewBox="0 0 64 24" width="96" height="36" aria-hidden>
        <path d="M2 3h34M2 21h34M36 3v18" stroke="var(--soft)" strokeWidth="2" fill="none" />
        <rect x="6" y="8" width="34" height="8" fill="none" stroke="var(--brass)" strokeWidth="2" />
      </svg>
      <h1 className="text-xl leading-7">{title}</h1>
      <div className="text-soft">{children}</div>
      {actions && <div className="flex gap-2">{actions}</div>}
    </div>
  );
}

export function Waiting({ what }: { what: string }) {
  return (
    <div role="status" className="px-6 py-20 text-center text-soft">
      {what}
    </div>
  );
}
