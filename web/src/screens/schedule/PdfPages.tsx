import { useEffect, useRef, useState } from 'react';
import type { PDFDocumentProxy } from 'pdfjs-dist';

/** The pages of a PDF, one under the other. */
export function PdfPages({ pdf }: { pdf: PDFDocumentProxy }) {
  return Array.from({ length: pdf.numPages }, (_, at) => (
    <Page key={at} pdf={pdf} number={at + 1} />
  ));
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
