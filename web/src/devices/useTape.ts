import { useCounted } from './useCounted.js';

/** One reading of the digital tape. */
export interface TapeReading {
  number: number;
  millimetres: number;
}

export type TapeState = 'none' | 'looking' | 'here';

/** Listens to the digital tape; told every reading, and how many were lost before it. */
export function useTape(
  url: string | null | undefined,
  onReading: (reading: TapeReading, lost: number) => void,
): TapeState {
  const here = useCounted(url, '/stream', onReading);
  return url ? (here ? 'here' : 'looking') : 'none';
}
