import { memo } from 'react';
import { type StageProgress } from '@riegel/core';
import { termText } from '../base/words.js';
import type { StageCount } from '../worker/progress.js';

export type Colour = 'soft' | 'verdigris' | 'oxide' | 'ochre' | 'sheet';

const TIP = { stop: 'var(--oxide)', check: 'var(--ochre)', note: 'var(--soft)' };

/** Words for a bolt, for titles and for those who hear the screen. */
export function boltWords(bolt: StageProgress): string {
  const state = {
    open: bolt.open > 0 ? `${bolt.open} open` : 'not decided',
    decided: 'decided',
    none: 'deliberately none',
  }[bolt.state];
  return `${termText(`stage.${bolt.stage}`)}: ${state}${bolt.finding ? `, ${bolt.finding}` : ''}`;
}

/** One bolt in its guide: thrown and solid, drawn back and hollow, or notched. */
function BoltShape({ bolt, x, width }: { bolt: StageProgress; x: number; width: number }) {
  const thrown = bolt.state === 'decided';
  const length = width * 0.62;
  const at = x + (thrown ? width - length - 1 : 1.5);
  const colour = thrown
    ? 'var(--verdigris)'
    : bolt.state === 'none'
      ? 'var(--soft)'
      : 'var(--rule)';
  return (
    <g>
      <path
        d={`M${x + 1} 4.5h${width * 0.5}M${x + 1} 15.5h${width * 0.5}`}
        stroke="var(--soft)"
        strokeWidth="1"
      />
      {bolt.state === 'none' ? (
        <path
          d={`M${at} 6.5h${length}v7h${-length * 0.35}v-3.5h${-length * 0.3}v3.5h${-length * 0.35}z`}
          fill={colour}
        />
      ) : (
        <rect
          x={at}
          y="6.5"
          width={length}
          height="7"
          rx="1"
          fill={thrown ? colour : 'none'}
          stroke={thrown ? colour : 'var(--soft)'}
          strokeWidth="1.2"
        />
      )}
      {bolt.finding && (
        <path
          d={
            bolt.finding === 'stop'
              ? `M${x + width - 4} 1l4.5 4.5-4.5 4.5-4.5-4.5z`
              : `M${x + width - 4} 1l4.4 8h-8.8z`
          }
          fill={TIP[bolt.finding]}
          stroke="var(--sheet)"
          strokeWidth="0.8"
        />
      )}
    </g>
  );
}

/** The paths of a row of bolts, few of them: what each is filled and drawn with is the colour's name. */
export function boltPaths(
  bolts: readonly StageProgress[],
  width: number,
): { whole: number; paths: { d: string; fill?: Colour; stroke?: Colour; weight?: number }[] } {
  const length = width * 0.62;
  const d = { guides: '', thrown: '', hollow: '', notched: '', stop: '', check: '', note: '' };
  bolts.forEach((bolt, index) => {
    const x = index * (width + 3);
    d.guides += `M${x + 1} 4.5h${width * 0.5}M${x + 1} 15.5h${width * 0.5}`;
    const bar = (at: number) => `M${at} 6.5h${length}v7h${-length}z`;
    if (bolt.state === 'decided') d.thrown += bar(x + width - length - 1);
    else if (bolt.state === 'open') d.hollow += bar(x + 1.5);
    else {
      const part = length / 3;
      d.notched += `M${x + 1.5} 6.5h${length}v7h${-part}v-3.5h${-part}v3.5h${-part}z`;
    }
    if (bolt.finding) {
      const tip = x + width - 4;
      d[bolt.finding] +=
        bolt.finding === 'stop' ? `M${tip} 1l4.5 4.5-4.5 4.5-4.5-4.5z` : `M${tip} 1l4.4 8h-8.8z`;
    }
  });
  const tip = (at: string, fill: Colour) =>
    ({ d: at, fill, stroke: 'sheet', weight: 0.8 }) as const;
  return {
    whole: boltsWidth(bolts, width),
    paths: [
      { d: d.guides, stroke: 'soft' as const },
      { d: d.thrown, fill: 'verdigris' as const },
      { d: d.hollow, stroke: 'soft' as const, weight: 1.2 },
      { d: d.notched, fill: 'soft' as const },
      tip(d.stop, 'oxide'),
      tip(d.check, 'ochre'),
      tip(d.note, 'soft'),
    ].filter((path) => path.d),
  };
}

/** An opening's bolts in a row: its progress at a glance. */
export const BoltRow = memo(function BoltRow({
  bolts,
  width = 15,
}: {
  bolts: readonly StageProgress[];
  width?: number;
}) {
  const whole = boltsWidth(bolts, width);
  return (
    <svg
      viewBox={`0 0 ${whole} 20`}
      width={whole}
      height="20"
      role="img"
      aria-label={bolts.map(boltWords).join('; ')}
    >
      <Bolts bolts={bolts} width={width} />
    </svg>
  );
});

/** How wide a row of bolts is, each so wide. */
const boltsWidth = (bolts: readonly StageProgress[], width: number) => bolts.length * (width + 3);

/** A row of bolts inside another drawing, 20 high. */
export function Bolts({ bolts, width }: { bolts: readonly StageProgress[]; width: number }) {
  const colour = (name: Colour | undefined) => (name ? `var(--${name})` : 'none');
  return boltPaths(bolts, width).paths.map(({ d, fill, stroke, weight }, index) => (
    <path key={index} d={d} fill={colour(fill)} stroke={colour(stroke)} strokeWidth={weight} />
  ));
}

/** One bolt, large. */
export function BoltPicture({ bolt }: { bolt: StageProgress }) {
  return (
    <svg viewBox="0 0 46 20" width="50" height="21" aria-hidden>
      <BoltShape bolt={bolt} x={2} width={40} />
    </svg>
  );
}

/** All of a project's bolts stacked: for each stage, how much is thrown, none and still open. */
export function BoltStack({ counts, lines }: { counts: readonly StageCount[]; lines: number }) {
  return (
    <div className="flex gap-3">
      {counts.map(({ stage, ...count }) => {
        const share = (of: number) => of / Math.max(1, lines);
        const [decided, none] = [share(count.decided), share(count.none)];
        const words = `${termText(`stage.${stage}`)}: ${Math.round(decided * 100)} % decided, ${Math.round(none * 100)} % deliberately none`;
        return (
          <div key={stage} title={words} className="flex items-center gap-1.5">
            <span className="text-xs text-soft">{termText(`stage.${stage}`)}</span>
            <svg viewBox="0 0 36 8" width="36" height="8" role="img" aria-label={words}>
              <rect x="0.5" y="0.5" width="35" height="7" fill="none" stroke="var(--rule)" />
              <rect x="1" y="1" width={34 * decided} height="6" fill="var(--verdigris)" />
              <rect
                x={1 + 34 * decided}
                y="1"
                width={34 * none}
                height="6"
                fill="var(--soft)"
                opacity="0.55"
              />
            </svg>
          </div>
        );
      })}
    </div>
  );
}
