import { useEffect, useRef, useState } from 'react';

/** One reading of the digital tape. */
export interface TapeReading {
  number: number;
  millimetres: number;
}

export type TapeState = 'none' | 'looking' | 'here';

/**
 * Listens to the digital tape's stream. Presses are counted by the tape: a number left out tells that a
 * reading was lost on the way.
 *
 * @param onReading told every reading, and how many were lost before it
 */
export function useTape(
  url: string | null | undefined,
  onReading: (reading: TapeReading, lost: number) => void,
): TapeState {
  const [here, setHere] = useState(false);
  const heard = useRef(onReading);
  useEffect(() => {
    heard.current = onReading;
  });
  useEffect(() => {
    if (!url) return;
    const source = new EventSource(`${url}/stream`);
    let last: number | undefined;
    source.onopen = () => setHere(true);
    source.onerror = () => setHere(false);
    source.onmessage = (message: MessageEvent<string>) => {
      const reading = JSON.parse(message.data) as TapeReading;
      const lost = last === undefined ? 0 : Math.max(0, reading.number - last - 1);
      last = reading.number;
      heard.current(reading, lost);
    };
    // A page the browser keeps for going back must not hold the stream.
    const hide = () => source.close();
    window.addEventListener('pagehide', hide);
    return () => {
      window.removeEventListener('pagehide', hide);
      source.close();
      setHere(false);
    };
  }, [url]);
  return url ? (here ? 'here' : 'looking') : 'none';
}
