import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Download, Link2, Stamp } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { ApiProblem, call } from '../../base/api.js';
import type { Shapes } from '../../base/routes.js';
import { fetchDocument, fileName, save } from '../../base/download.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Select } from '../../parts/Select.js';
import { dayAndTime } from '../../parts/dayAndTime.js';
import { Differences } from './Differences.js';
import { MakeRelease } from './MakeRelease.js';
import { ShareDialog } from './ShareDialog.js';

export type ReleaseBody = Shapes['ReleaseView'];

/** What was issued: read for ever as it was, held against each other or against now, shown to readers by a link. */
export function ReleasesView() {
  const { project, canEdit } = useProject();
  const client = useQueryClient();
  const key = ['releases', project.id];
  const releases = useQuery({
    queryKey: key,
    queryFn: async () =>
      (await call('GET', '/projects/{projectId}/releases', { path: { projectId: project.id } }))
        .releases,
  });
  const [making, setMaking] = useState(false);
  const [sharing, setSharing] = useState<number | undefined>();
  if (releases.error)
    return <Message title="The releases did not load">{releases.error.message}</Message>;
  if (!releases.data) return <Waiting what="Looking what was issued …" />;
  const list = releases.data;
  return (
    <div className="grid h-full grid-cols-[380px_minmax(0,1fr)] max-[900px]:block max-[900px]:overflow-auto">
      <section
        aria-label="Releases"
        className="min-h-0 overflow-auto border-r border-rule px-5 py-3"
        tabIndex={0}
      >
        {canEdit && (
          <button type="button" className="button primary mb-3" onClick={() => setMaking(true)}>
            <Stamp size={16} /> Issue a release
          </button>
        )}
        {list.length === 0 && (
          <p className="text-soft">
            Nothing was issued yet. A release freezes the project as it stands: every document, byte
            for byte, with a number, a date, a reason and a name.
          </p>
        )}
        {list.map((release) => (
          <Release
            key={release.id}
            release={release}
            {...(canEdit ? { onShare: () => setSharing(release.number) } : {})}
          />
        ))}
      </section>
      <Compare list={list} />
      {making && (
        <MakeRelease
          number={(list[0]?.number ?? 0) + 1}
          onMade={() => void client.invalidateQueries({ queryKey: key })}
          onClose={() => setMaking(false)}
        />
      )}
      {sharing !== undefined && (
        <ShareDialog number={sharing} onClose={() => setSharing(undefined)} />
      )}
    </div>
  );
}

function Release({ release, onShare }: { release: ReleaseBody; onShare?: () => void }) {
  const { project } = useProject();
  const { number, name, reason, personName, createdAt, files, coreVersion } = release;
  const take = async (file: string) => {
    try {
      const blob = await fetchDocument(
        `/projects/${project.id}/releases/${number}/files/${encodeURIComponent(file)}`,
      );
      save(blob, fileName(`${project.name} release ${number}`, file));
    } catch (error) {
      toast.error(error instanceof ApiProblem ? error.message : 'The file did not come.');
    }
  };
  return (
    <article className="sheet mb-4" data-release={number}>
      <div className="flex items-baseline gap-2 border-b-2 border-ink px-3 py-1.5">
        <h2 className="text-lg leading-6">Release {number}</h2>
        <span className="truncate">{name}</span>
        {onShare && (
          <button type="button" className="button ml-auto" onClick={onShare}>
            <Link2 size={14} /> Link
          </button>
        )}
      </div>
      <p className="px-3 pt-1.5">{reason}</p>
      <p className="px-3 text-xs text-soft">
        {dayAndTime(createdAt)}, {personName}, core {coreVersion}
      </p>
      <ul className="px-3 py-1.5">
        {files.map((file) => (
          <li key={file.name}>
            <button
              type="button"
              className="flex w-full items-center gap-2 rounded-sm px-1 text-left hover:bg-wash"
              title={`SHA-256 ${file.sha256}`}
              onClick={() => void take(file.name)}
            >
              <Download size={13} className="text-soft" /> {file.name}
              <span className="ml-auto text-xs text-soft">
                {Math.max(1, Math.round(file.size / 1024))} kB
              </span>
            </button>
          </li>
        ))}
      </ul>
    </article>
  );
}

const NOW = 'now';
const TODAY = 'today';

/** Two states side by side; at first the last release and now. */
function Compare({ list }: { list: readonly ReleaseBody[] }) {
  const { project } = useProject();
  const { openings } = useOpenings();
  const last = list[0]?.number;
  const [from, setFrom] = useState<string | undefined>();
  const [to, setTo] = useState<string>(NOW);
  const before = from ?? (last === undefined ? undefined : String(last));
  const difference = useQuery({
    queryKey: [
      'releases',
      project.id,
      'compare',
      before,
      to,
      to === NOW ? openings.map((one) => one.version).join() : '',
    ],
    enabled: before !== undefined,
    queryFn: () => {
      const path = { projectId: project.id };
      return to === TODAY
        ? call('GET', '/projects/{projectId}/releases/{number}/today', {
            path: { ...path, number: Number(before) },
          })
        : call('GET', '/projects/{projectId}/releases/compare', {
            path,
            query: { from: Number(before), to: to === NOW ? NOW : Number(to) },
          });
    },
  });
  if (before === undefined) return <div />;
  const named = list.map(({ number, name }) => ({
    value: String(number),
    text: `Release ${number}${name ? `, ${name}` : ''}`,
  }));
  return (
    <section aria-label="Differences" className="min-h-0 overflow-auto px-6 py-3" tabIndex={0}>
      <div className="mb-3 flex flex-wrap items-center gap-3">
        <Select label="From" className="!w-52" value={before} onChange={setFrom} options={named} />
        <span className="text-soft">held against</span>
        <Select
          label="To"
          className="!w-72"
          value={to}
          onChange={setTo}
          options={[
            { value: NOW, text: 'the project as it stands' },
            { value: TODAY, text: 'what it would be with today’s core' },
            ...named,
          ]}
        />
      </div>
      {difference.error ? (
        <Message title="They could not be held against each other">
          {difference.error.message}
        </Message>
      ) : difference.data ? (
        <Differences difference={difference.data} />
      ) : (
        <Waiting what="Holding them against each other …" />
      )}
    </section>
  );
}
