import { useEffect, useRef, useState } from 'react';
import type { Sample } from '@riegel/core';

/** One reading of the closing recorder, as it is sent. */
interface AngleReading {
  number: number;
  ms: number;
  degrees: number;
}

export interface Recording {
  /** `none`: no recorder; `looking`: not found yet. */
  state: 'none' | 'looking' | 'ready' | 'reading';
  samples: readonly Sample[];
  /** Readings that did not arrive. */
  lost: number;
  clear: () => void;
}

/** Readings stop for so long when the leaf stands. */
const QUIET = 700;

/** Listens to the closing recorder: each closing is a recording of its own; counted readings tell what was lost. */
export function useRecorder(url: string | null | undefined): Recording {
  const [here, setHere] = useState(false);
  const [reading, setReading] = useState(false);
  const [samples, setSamples] = useState<readonly Sample[]>([]);
  const [lost, setLost] = useState(0);
  const last = useRef<AngleReading | undefined>(undefined);
  useEffect(() => {
    if (!url) return;
    const source = new EventSource(`${url}/swing`);
    let quiet: ReturnType<typeof setTimeout> | undefined;
    source.onopen = () => setHere(true);
    source.onerror = () => setHere(false);
    source.onmessage = (message: MessageEvent<string>) => {
      const part = JSON.parse(message.data) as AngleReading[];
      const first = part[0];
      if (!first) return;
      const again = last.current === undefined || first.ms < last.current.ms;
      let missing = 0;
      let before = again ? undefined : last.current?.number;
      for (const { number } of part) {
        if (before !== undefined) missing += Math.max(0, number - before - 1);
        before = number;
      }
      last.current = part[part.length - 1];
      const read = part.map(({ ms, degrees }) => ({ at: ms / 1000, degrees }));
      setSamples((held) => (again ? read : [...held, ...read]));
      setLost((held) => (again ? missing : held + missing));
      setReading(true);
      clearTimeout(quiet);
      quiet = setTimeout(() => setReading(false), QUIET);
    };
    // A page the browser keeps for going back must not hold the stream.
    const hide = () => source.close();
    window.addEventListener('pagehide', hide);
    return () => {
      clearTimeout(quiet);
      window.removeEventListener('pagehide', hide);
      source.close();
      setHere(false);
    };
  }, [url]);
  return {
    state: url ? (reading ? 'reading' : here ? 'ready' : 'looking') : 'none',
    samples,
    lost,
    clear: () => {
      last.current = undefined;
      setSamples([]);
      setLost(0);
    },
  };
}
