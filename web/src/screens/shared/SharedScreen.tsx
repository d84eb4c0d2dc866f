import { useQuery } from '@tanstack/react-query';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { documentTitle } from '../../base/documents.js';
import { fetchDocument, fileName, save } from '../../base/download.js';
import { Message, Waiting } from '../../parts/Message.js';
import { dayAndTime } from '../../parts/dayAndTime.js';

interface SharedBody {
  projectName: string;
  number: number;
  name: string;
  reason: string;
  personName: string;
  createdAt: string;
  files: { name: string; sha256: string; size: number }[];
}

/** Files of a release that are no documents of their own. */
const BESIDE: Readonly<Record<string, string>> = {
  'changes.txt': 'What changed since the release before',
  'project.json': 'The project file, to be opened in Riegel',
};

/** One release for somebody without an account: what it is, and its files. */
export function SharedScreen() {
  // The secret stands behind the #: no server on the way writes it down.
  const [token] = useState(() => window.location.hash.slice(1));
  const headers = { 'x-riegel-link': token };
  const shared = useQuery({
    queryKey: ['shared', token],
    queryFn: async ({ signal }) =>
      JSON.parse(await (await fetchDocument('/shared', signal, headers)).text()) as SharedBody,
    retry: false,
  });
  const [fault, setFault] = useState('');
  if (shared.error)
    return <Message title="Nothing to be read here">{shared.error.message}</Message>;
  if (!shared.data) return <Waiting what="Fetching the release …" />;
  const { projectName, number, name, reason, personName, createdAt, files } = shared.data;
  const take = async (file: string) => {
    setFault('');
    try {
      const blob = await fetchDocument(
        `/shared/files/${encodeURIComponent(file)}`,
        undefined,
        headers,
      );
      save(blob, fileName(`${projectName} release ${number}`, file));
    } catch (error) {
      setFault(error instanceof Error ? error.message : 'The file did not come.');
    }
  };
  return (
    <main className="mx-auto max-w-2xl px-6 py-10">
      <p className="caps">Riegel, door hardware</p>
      <h1 className="mt-1 text-3xl">{projectName}</h1>
      <h2 className="mt-1 text-lg">
        Release {number}
        {name && `: ${name}`}
      </h2>
      <p className="mt-3">{reason}</p>
      <p className="text-soft">
        Issued {dayAndTime(createdAt)} by {personName}
      </p>
      <ul className="sheet mt-6">
        {files.map((file) => (
          <li key={file.name} className="border-b border-rule last:border-b-0">
            <button
              type="button"
              className="flex w-full items-center gap-3 px-4 py-2 text-left hover:bg-wash"
              onClick={() => void take(file.name)}
            >
              <Download size={16} className="shrink-0 text-soft" />
              <span className="min-w-0 flex-1">
                <b>{file.name}</b>
                <span className="block text-soft">
                  {documentTitle(file.name) ?? BESIDE[file.name]}
                </span>
                <span className="block truncate font-mono text-[11px] text-soft">
                  SHA-256 {file.sha256}
                </span>
              </span>
              <span className="text-soft">{Math.max(1, Math.round(file.size / 1024))} kB</span>
            </button>
          </li>
        ))}
      </ul>
      {fault && (
        <p role="alert" className="mt-2 text-oxide">
          {fault}
        </p>
      )}
      <p className="mt-6 text-soft">
        An aid to preparation: the adopted code, the authority having jurisdiction, the listing and
        the makers’ instructions decide. Have a licensed professional confirm.
      </p>
    </main>
  );
}
