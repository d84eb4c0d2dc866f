import { phrase, type Finding, type Message, type Units } from '@riegel/core';
import { Figures } from './Figure.js';

/** A coded sentence in the project's units. */
export function Say({ said, units }: { said: Message; units: Units }) {
  return <Figures parts={phrase(said, units)} />;
}

const LEVEL = {
  stop: { colour: 'text-oxide', path: 'M7 1l6 6-6 6-6-6z' },
  check: { colour: 'text-ochre', path: 'M7 1.5l6 11H1z' },
  note: { colour: 'text-soft', path: 'M7 2a5 5 0 110 10A5 5 0 017 2z' },
};

/** The sign of a finding's level: diamond, triangle, round. */
export function LevelSign({ level }: { level: Finding['level'] }) {
  return (
    <svg
      viewBox="0 0 14 14"
      className={`size-3.5 shrink-0 ${LEVEL[level].colour}`}
      role="img"
      aria-label={level}
    >
      <title>{level}</title>
      <path d={LEVEL[level].path} fill="currentColor" />
    </svg>
  );
}

/** A finding with its level, sentence and source. */
export function FindingLine({
  finding,
  units,
  onHighlight,
}: {
  finding: Finding;
  units: Units;
  /** Lights what the finding points at. */
  onHighlight?: (part: string | undefined) => void;
}) {
  const part = finding.parts[0];
  return (
    <div
      className={`flex gap-2 py-1 ${finding.accepted ? 'opacity-75' : ''}`}
      onPointerEnter={part && onHighlight ? () => onHighlight(part) : undefined}
      onPointerLeave={onHighlight ? () => onHighlight(undefined) : undefined}
    >
      <span className="pt-[3px]">
        <LevelSign level={finding.level} />
      </span>
      <div>
        <span className={`font-semibold ${LEVEL[finding.level].colour}`}>{finding.level}</span>{' '}
        <Say said={finding} units={units} />
        <span className="block text-xs leading-4 text-soft">{finding.source}</span>
        {finding.accepted && (
          <span className="block text-xs leading-4 text-verdigris">
            accepted by {finding.accepted.by}, {finding.accepted.at.slice(0, 10)}: “
            {finding.accepted.reason}”
          </span>
        )}
      </div>
    </div>
  );
}
