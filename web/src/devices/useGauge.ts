import { useEffect, useRef, useState } from 'react';

/** One reading of the force gauge: the greatest force of a push. */
export interface ForceReading {
  number: number;
  newtons: number;
}

/** Listens to the force gauge; a number left out tells that a reading was lost on the way. */
export function useGauge(
  url: string | null | undefined,
  onReading: (reading: ForceReading, lost: number) => void,
): boolean {
  const [here, setHere] = useState(false);
  const heard = useRef(onReading);
  useEffect(() => {
    heard.current = onReading;
  });
  useEffect(() => {
    if (!url) return;
    const source = new EventSource(`${url}/force`);
    let last: number | undefined;
    source.onopen = () => setHere(true);
    source.onerror = () => setHere(false);
    source.onmessage = (message: MessageEvent<string>) => {
      const reading = JSON.parse(message.data) as ForceReading;
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
  return here;
}
