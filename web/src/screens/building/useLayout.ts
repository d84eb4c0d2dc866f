import type { ElkNode } from 'elkjs';
import { useEffect, useMemo, useState } from 'react';
import { elkGraphOf, placedOf, type Placed } from './elkGraph.js';
import type { Plan } from './plan.js';

/**
 * A plan laid out in a worker of its own, which is ended where another is wanted; while that is under way the
 * one before stays. Only what changes the drawing is laid out anew.
 */
export function useLayout(plan: Plan): { placed: Placed | undefined; fault: string } {
  // Rows that are decided draw the plan anew; its graph is put together once.
  const graph = useMemo(() => JSON.stringify(elkGraphOf(plan)), [plan]);
  const [done, setDone] = useState<{ of: string; placed?: Placed; fault: string } | undefined>();
  useEffect(() => {
    const worker = new Worker(new URL('./layout.worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ graph?: ElkNode; fault?: string }>) => {
      setDone(
        data.graph
          ? { of: graph, placed: placedOf(data.graph, plan), fault: '' }
          : { of: graph, fault: data.fault ?? '' },
      );
      worker.terminate();
    };
    worker.onerror = () => setDone({ of: graph, fault: 'The plan cannot be laid out here.' });
    worker.postMessage(JSON.parse(graph));
    return () => worker.terminate();
    // The plan’s names of storeys follow from the graph.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [graph]);
  return { placed: done?.placed, fault: done?.of === graph ? done.fault : '' };
}
