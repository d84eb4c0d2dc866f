import { documentAddress } from '../../base/documents.js';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { fetchDocument } from '../../base/download.js';
import { useProject } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Select } from '../../parts/Select.js';
import { loadPdf } from './loadPdf.js';
import { PdfPages } from './PdfPages.js';

const BY = [
  { value: 'set', text: 'by set' },
  { value: 'opening', text: 'by opening' },
  { value: 'room', text: 'by room' },
];

/** The pages as they are printed: the very file, drawn. */
export function PrintView() {
  const { project } = useProject();
  const [by, setBy] = useState('set');
  const pdf = useQuery({
    queryKey: ['schedule', project.id, 'pdf', by, project.schedule.version],
    queryFn: async ({ signal }) =>
      loadPdf(
        await fetchDocument(documentAddress('schedule', project.id, { options: { by } }), signal),
      ),
    staleTime: 0,
    gcTime: 0,
    structuralSharing: false,
  });
  return (
    <div className="flex h-full flex-col">
      <div className="flex items-center gap-3 px-6 py-2">
        <Select label="Arranged" className="!w-40" value={by} onChange={setBy} options={BY} />
        <span className="text-soft" role="status">
          {pdf.data ? `${pdf.data.numPages} pages, as they are printed` : 'Making the pages …'}
        </span>
      </div>
      <div
        className="min-h-0 flex-1 overflow-auto bg-wash px-6 py-4"
        tabIndex={0}
        role="region"
        aria-label="Pages"
      >
        {pdf.error ? (
          <Message title="The pages could not be made">{pdf.error.message}</Message>
        ) : !pdf.data ? (
          <Waiting what="Making the pages …" />
        ) : (
          <PdfPages pdf={pdf.data} />
        )}
      </div>
    </div>
  );
}
