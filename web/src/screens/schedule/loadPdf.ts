import { getDocument, GlobalWorkerOptions, type PDFDocumentProxy } from 'pdfjs-dist';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';

GlobalWorkerOptions.workerSrc = workerUrl;

/** Opens a PDF to be drawn. */
export async function loadPdf(blob: Blob): Promise<PDFDocumentProxy> {
  return getDocument({ data: await blob.arrayBuffer(), isEvalSupported: false }).promise;
}
