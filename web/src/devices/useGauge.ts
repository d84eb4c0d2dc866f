import { useCounted } from './useCounted.js';

/** One reading of the force gauge: the greatest force of a push. */
export interface ForceReading {
  number: number;
  newtons: number;
}

/** Listens to the force gauge; gives whether it is there. */
export const useGauge = (
  url: string | null | undefined,
  onReading: (reading: ForceReading, lost: number) => void,
): boolean => useCounted(url, '/force', onReading);
