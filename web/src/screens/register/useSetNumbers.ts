import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { call } from '../../base/api.js';
import { useSave } from '../../data/project.js';
import type { RowStore } from '../../worker/rowStore.js';

/** Brings the numbers of hardware sets to the register's lines while their column is shown, and again as changes are saved. */
export function useSetNumbers(projectId: string, shown: boolean, rows: RowStore): void {
  const { state } = useSave();
  const { data, dataUpdatedAt, refetch } = useQuery({
    queryKey: ['schedule', projectId],
    queryFn: () => call('GET', '/projects/{projectId}/schedule', { path: { projectId } }),
    staleTime: 0,
    enabled: shown,
  });
  const saved = state === 'saved';
  useEffect(() => {
    if (shown && saved) void refetch();
  }, [shown, saved, refetch]);
  useEffect(() => {
    if (!shown || !data) return;
    rows.putSets(
      new Map(data.sets.flatMap(({ number, openings }) => openings.map((id) => [id, number]))),
    );
    // Lines decided since have lost theirs: the same answer is put on again.
  }, [shown, data, dataUpdatedAt, rows]);
}
