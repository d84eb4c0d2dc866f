import { useInfiniteQuery } from '@tanstack/react-query';
import { call, type AuditLine } from '../base/api.js';
import { AuditTable } from './AuditTable.js';
import { Waiting } from './Message.js';
import { problemText } from './useAsking.js';

/** As many lines as come at a time: fewer are the last. */
const PAGE = 200;

/** The audit log of a project, or of the whole installation. */
export function AuditPane({ projectId }: { projectId?: string }) {
  const log = useInfiniteQuery({
    queryKey: ['audit', projectId],
    initialPageParam: '',
    queryFn: async ({ pageParam }) => {
      const query = pageParam ? { before: pageParam } : {};
      const { lines } = projectId
        ? await call('GET', '/projects/{projectId}/audit', { path: { projectId }, query })
        : await call('GET', '/installation/audit', { query });
      return lines;
    },
    getNextPageParam: (lines: AuditLine[]) => (lines.length < PAGE ? undefined : lines.at(-1)!.id),
  });
  if (log.isPending) return <Waiting what="One moment …" />;
  if (log.error) return <p className="text-oxide">{problemText(log.error)}</p>;
  return (
    <>
      <AuditTable lines={log.data.pages.flat()} projects={projectId === undefined} />
      {log.hasNextPage && (
        <button
          className="button mt-3"
          disabled={log.isFetching}
          onClick={() => void log.fetchNextPage()}
        >
          Earlier ones
        </button>
      )}
    </>
  );
}
