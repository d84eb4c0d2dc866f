import { ChevronLeft, ChevronRight } from 'lucide-react';
import { decisionOf, headingOf, type DecidedOpening, type OpeningFacts } from '@riegel/core';
import { termText } from '../base/words.js';
import { IconButton } from '../parts/IconButton.js';
import { LevelSign } from '../parts/Say.js';
import { WithFractions } from '../parts/WithFractions.js';
import { StageNav } from './StageNav.js';

/** The head of everything about an opening: which it is, what it measures, where one is in the work. */
export function OpeningHead({
  facts,
  decided,
  address,
  at,
  count,
  onStep,
}: {
  facts: OpeningFacts;
  decided: DecidedOpening | undefined;
  address: string;
  /** Its place among all openings, from nothing. */
  at: number;
  count: number;
  onStep: (step: number) => void;
}) {
  const heading = decided && headingOf(decided);
  const figures: [string, string | undefined][] = [
    ['opening', heading?.size],
    ['hand', heading?.hand],
    ['rating', heading?.rating],
    ['clear', heading?.clearWidth],
  ];
  const role = decided && decisionOf(decided, 'opening.role');
  const found = (level: 'stop' | 'check') =>
    decided?.findings.filter((one) => one.level === level && !one.accepted).length ?? 0;
  return (
    <header className="border-b border-rule print:hidden">
      <div className="flex min-w-0 items-center gap-3 px-4 pt-1.5 max-md:px-2">
        <div className="flex shrink-0">
          <IconButton
            label="Previous opening"
            title="Previous (p)"
            disabled={at <= 0}
            onClick={() => onStep(-1)}
          >
            <ChevronLeft size={18} />
          </IconButton>
          <IconButton
            label="Next opening"
            title="Next (n)"
            disabled={at < 0 || at >= count - 1}
            onClick={() => onStep(1)}
          >
            <ChevronRight size={18} />
          </IconButton>
        </div>
        <h1 className="shrink-0 text-2xl leading-7">{facts.mark}</h1>
        <p
          className="min-w-0 truncate text-soft"
          title={`${facts.from ?? ''} → ${facts.to ?? ''}, ${termText(`kind.${facts.kind}`)}`}
        >
          {[facts.from, facts.to].filter(Boolean).join(' → ') || 'no rooms named'}
        </p>
        {role?.value?.type === 'term' && (
          <p
            className="shrink-0 max-md:hidden"
            title={role.basis === 'assumed' ? 'Guessed from its rooms: to be confirmed' : undefined}
          >
            <span className={`basis-${role.basis}`}>{termText(role.value.term)}</span>
          </p>
        )}
        <dl className="ml-auto flex shrink-0 items-baseline gap-4 max-lg:gap-3 max-md:hidden">
          {figures.map(([name, value]) => (
            <div
              key={name}
              className={`flex items-baseline gap-1.5 ${name === 'clear' ? 'max-lg:hidden' : ''}`}
            >
              <dt className="caps">{name}</dt>
              <dd className={value === 'open' ? 'basis-open' : 'font-semibold'}>
                <WithFractions text={value || '–'} />
              </dd>
            </div>
          ))}
        </dl>
        <span className="flex shrink-0 items-center gap-1 text-xs text-soft" aria-label="Findings">
          <LevelSign level="stop" /> {found('stop')}
          <LevelSign level="check" /> {found('check')}
        </span>
      </div>
      <StageNav address={address} decided={decided} />
    </header>
  );
}
