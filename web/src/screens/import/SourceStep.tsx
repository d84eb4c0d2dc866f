import Papa from 'papaparse';
import { useState } from 'react';
import { FileUp } from 'lucide-react';
import { ApiProblem, call } from '../../base/api.js';

/** A list as it came in, before anything is read from it. */
export interface Source {
  name: string;
  detail: string;
  sheets: { name: string; cells: string[][] }[];
}

const MAX_PASTED = 8_000_000;

/** Cells of a text copied from a spreadsheet; quoted cells may hold line breaks. */
export function pastedSource(text: string): Source {
  const { data } = Papa.parse<string[]>(text.replace(/\r\n?/g, '\n').replace(/\n+$/, ''), {
    delimiter: text.includes('\t') ? '\t' : '',
  });
  return { name: 'Pasted cells', detail: 'pasted', sheets: [{ name: 'Pasted', cells: data }] };
}

/** Where a list comes from: a file by choosing or dropping, or cells by pasting. */
export function SourceStep({
  projectId,
  onSource,
}: {
  projectId: string;
  onSource: (source: Source) => void;
}) {
  const [fault, setFault] = useState('');
  const [reading, setReading] = useState('');
  const [over, setOver] = useState(false);

  const read = async (file: File | undefined) => {
    if (!file) return;
    setFault('');
    setReading(file.name);
    try {
      const answer = await call('POST', '/projects/{projectId}/lists/read', {
        path: { projectId },
        body: file,
      });
      onSource({ ...answer, name: file.name });
    } catch (error) {
      setFault(
        error instanceof ApiProblem
          ? (error.errors[0]?.message ?? error.message)
          : 'The file could not be read.',
      );
    } finally {
      setReading('');
    }
  };
  const paste = (text: string) => {
    if (text.length > MAX_PASTED) setFault('That is more than 8 MB. Paste the list in parts.');
    else if (text.trim() !== '') onSource(pastedSource(text));
  };

  return (
    <div className="mx-auto grid w-full max-w-4xl grid-cols-2 gap-6 p-8 max-[900px]:grid-cols-1">
      <h1 className="col-span-full text-2xl leading-8">Import door list</h1>
      <label
        className={`sheet flex h-64 cursor-pointer flex-col items-center justify-center gap-3 border-dashed p-6 text-center ${over ? '!border-brass' : ''}`}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={(event) => {
          event.preventDefault();
          setOver(false);
          void read(event.dataTransfer.files[0]);
        }}
      >
        <FileUp size={32} className="text-brass" aria-hidden />
        <span className="font-semibold">
          {reading ? `Reading ${reading} …` : 'Choose a file, or drop it here'}
        </span>
        <span className="text-soft">
          CSV, TSV or XLSX, up to 8 MB, or a building model as IFC. Nothing is changed before you
          have seen what would.
        </span>
        <input
          type="file"
          aria-label="File of the list"
          className="sr-only"
          accept=".csv,.tsv,.txt,.xlsx,.ifc"
          disabled={reading !== ''}
          onChange={(event) => {
            void read(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </label>
      <label className="sheet flex h-64 flex-col gap-2 p-4">
        <span className="font-semibold">Or paste cells from a spreadsheet</span>
        <textarea
          aria-label="Pasted cells"
          className="field !h-full w-full flex-1 py-1 font-mono text-xs whitespace-pre"
          placeholder={'Mark\tFrom\tTo\tSize\tHand\n101\tCorridor\tOffice\t3070\tRH'}
          value=""
          onChange={(event) => paste(event.target.value)}
        />
      </label>
      {fault && (
        <p role="alert" className="col-span-full text-oxide">
          {fault}
        </p>
      )}
    </div>
  );
}
