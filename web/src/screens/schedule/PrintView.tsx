import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { PDFDocumentProxy } from 'pdfjs-dist';
import { fetchDocument } from '../../app/download.js';
import { useProject } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Select } from '../../parts/Select.js';
import { loadPdf } from './loadPdf.js';

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
      loadPdf(await fetchDocument(`/projects/${project.id}/schedule.pdf?by=${by}`, signal)),
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
          Array.from({ length: pdf.data.numPages }, (_, at) => (
            <Page key={at} pdf={pdf.data} number={at + 1} />
          ))
        )}
      </div>
    </div>
  );
}

/** One page, drawn when it comes into sight. */
function Page({ pdf, number }: { pdf: PDFDocumentProxy; number: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [size, setSize] = useState({ width: 11, height: 8.5 });
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    let ended = false;
    const watch = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        watch.disconnect();
        void draw();
      },
      { rootMargin: '600px' },
    );
    const draw = async () => {
      const page = await pdf.getPage(number);
      if (ended) return;
      const plain = page.getViewport({ scale: 1 });
      setSize(plain);
      const scale = (element.clientWidth / plain.width) * Math.max(1, window.devicePixelRatio);
      const viewport = page.getViewport({ scale });
      element.width = viewport.width;
      element.height = viewport.height;
      const context = element.getContext('2d');
      if (context) await page.render({ canvasContext: context, viewport }).promise;
      element.dataset['drawn'] = 'yes';
    };
    watch.observe(element);
    return () => {
      ended = true;
      watch.disconnect();
    };
  }, [pdf, number]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={`Page ${number}`}
      className="mx-auto mb-4 block w-full max-w-5xl bg-white shadow"
      style={{ aspectRatio: `${size.width} / ${size.height}` }}
    />
  );
}
