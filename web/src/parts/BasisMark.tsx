import type { Basis } from '@riegel/core';
import { termText } from '../base/words.js';

/** How a value came to be, by a mark as well as by colour: tape tick, r, dot, hollow. */
export function BasisMark({ basis }: { basis: Basis | 'open' | 'none' }) {
  const label =
    basis === 'open' ? 'open' : basis === 'none' ? 'deliberately none' : termText(`basis.${basis}`);
  return (
    <svg viewBox="0 0 14 14" className="size-3.5 shrink-0" role="img" aria-label={label}>
      <title>{label}</title>
      {basis === 'given' && <path d="M3 7h8" stroke="var(--ink)" strokeWidth="1.6" />}
      {basis === 'measured' && (
        <path
          d="M2 10h10M2 10V5M5.3 10V7.5M8.6 10V7.5M12 10V5"
          stroke="var(--slate)"
          strokeWidth="1.4"
          fill="none"
        />
      )}
      {basis === 'derived' && (
        <text
          x="7"
          y="11"
          textAnchor="middle"
          fontSize="11"
          fill="var(--verdigris)"
          fontWeight="600"
        >
          r
        </text>
      )}
      {basis === 'assumed' && (
        <text x="7" y="11.5" textAnchor="middle" fontSize="12" fill="var(--ochre)" fontWeight="700">
          ?
        </text>
      )}
      {basis === 'chosen' && <circle cx="7" cy="7" r="3.4" fill="var(--brass)" />}
      {basis === 'open' && (
        <circle cx="7" cy="7" r="3.4" fill="none" stroke="var(--oxide)" strokeWidth="1.5" />
      )}
      {basis === 'none' && <path d="M3 4h8v6H8.5V7h-3v3H3z" fill="var(--soft)" />}
    </svg>
  );
}
