import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The drawings, each as DXF in true units and as SVG. */
export const drawings = defineDocument({
  id: 'drawings',
  file: 'drawings.zip',
  route: 'sheets.zip',
  title: 'Every drawing as DXF and SVG',
  type: MEDIA.zip,
  scope: 'openings',
  options: {},
  records: false,
  heavy: true,
  background: true,
  released: false,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeDrawings: MakerOf<typeof drawings> = async (job, _options, told) =>
  (await import('../sheets/drawingFiles.js')).drawingsZip(job, told);
