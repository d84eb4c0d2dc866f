import type { RunFault, Turn } from '@riegel/core';

/** What is said of a run that does not do what it shall. */
export const FAULTS: Readonly<Record<RunFault, string>> = {
  stalls: 'It stands still before it latches.',
  sweepFast: 'It swings too fast.',
  sweepSlow: 'It swings too slowly.',
  latchFast: 'The last part is too fast.',
  latchSlow: 'The last part is too slow.',
  slams: 'It slams.',
  oil: 'A valve is out so far that it may leave its body: oil out means the closer is scrap.',
};

const PARTS: Readonly<Record<Turn['part'], string>> = {
  spring: 'Spring',
  sweep: 'Sweep valve',
  latch: 'Latch valve',
  backCheck: 'Back-check valve',
};

const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** Turns as they are counted at the screw: whole ones and eighths. */
export function turnsText(turns: number): string {
  const eighths = Math.round(turns * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8];
  return [whole > 0 || !part ? String(whole) : '', part].filter(Boolean).join(' ');
}

/** `Sweep valve: 3/4 turn clockwise, slower`. */
export function turnText({ part, way, turns }: Turn): string {
  const effect =
    part === 'spring'
      ? way === 'clockwise'
        ? 'stronger'
        : 'weaker'
      : way === 'clockwise'
        ? 'slower'
        : 'faster';
  return `${PARTS[part]}: ${turnsText(turns)} turn${turns > 1 ? 's' : ''} ${way}, ${effect}`;
}
