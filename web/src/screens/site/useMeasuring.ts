import { useEffect, useRef, useState } from 'react';
import { recordedTimes, type RecordedTimes } from '@riegel/core';
import { useGauge } from '../../devices/useGauge.js';
import { useRecorder } from '../../devices/useRecorder.js';

/** What stands at the leaf to measure with, and what it told last. */
export interface Measuring {
  gauge: boolean;
  recorder: boolean;
  /** Readings lost before the last one. */
  lost: number;
}

/**
 * Listens to gauge and recorder while an opening is proved: each push and each closing is told once, when it is whole.
 */
export function useMeasuring(
  url: string | null | undefined,
  latchFrom: number,
  onForce: (newtons: number) => void,
  onClosing: (times: RecordedTimes) => void,
): Measuring {
  const [lost, setLost] = useState(0);
  const gauge = useGauge(url, ({ newtons }, missing) => {
    setLost(missing);
    onForce(newtons);
  });
  const recorder = useRecorder(url);
  const { state, samples } = recorder;
  const told = useRef<readonly unknown[]>([]);
  const heard = useRef(onClosing);
  useEffect(() => {
    heard.current = onClosing;
  });
  useEffect(() => {
    if (state !== 'ready' || samples.length === 0 || told.current === samples) return;
    told.current = samples;
    heard.current(recordedTimes(samples, latchFrom));
  }, [state, samples, latchFrom]);
  return { gauge, recorder: state === 'ready' || state === 'reading', lost: lost + recorder.lost };
}
