import type { Part } from '@riegel/core';

/** A length with a true fraction; its tick-exact value is one hover away when it was rounded. */
export function Figures({ parts, units = true }: { parts: Part[]; units?: boolean }) {
  return (
    <>
      {parts.map((part, index) => {
        if (typeof part === 'string') return <span key={index}>{part}</span>;
        const { negative, whole, numerator, denominator, unit, rounded } = part.length;
        return (
          <span
            key={index}
            className="whitespace-nowrap"
            title={rounded ? `exactly ${part.exact}` : undefined}
          >
            {negative ? '−' : ''}
            {whole}
            {numerator > 0 && (
              <>
                {whole && <span className="sr-only"> </span>}
                <span className="frac">
                  {numerator}/{denominator}
                </span>
              </>
            )}
            {units && <span className="text-soft"> {unit}</span>}
          </span>
        );
      })}
    </>
  );
}
