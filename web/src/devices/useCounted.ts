import { useEffect, useRef, useState } from 'react';

/**
 * Listens to a device that counts its readings: a number left out tells that one was lost on the way. Gives whether
 * the device is there.
 *
 * @param onReading told every reading, and how many were lost before it
 */
export function useCounted<R extends { number: number }>(
  url: string | null | undefined,
  path: string,
  onReading: (reading: R, lost: number) => void,
): boolean {
  const [here, setHere] = useState(false);
  const heard = useRef(onReading);
  useEffect(() => {
    heard.current = onReading;
  });
  useEffect(() => {
    if (!url) return;
    const source = new EventSource(url + path);
    let last: number | undefined;
    source.onopen = () => setHere(true);
    source.onerror = () => setHere(false);
    source.onmessage = (message: MessageEvent<string>) => {
      const reading = JSON.parse(message.data) as R;
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
  }, [url, path]);
  return here;
}
