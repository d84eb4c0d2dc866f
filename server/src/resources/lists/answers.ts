import { listOf, oneOf, record, shape, text } from '../../base/http/shapes.js';

/** A file that was read: the cells of its sheets. */
export const readList = shape(
  'ReadList',
  record({
    kind: oneOf(['text', 'workbook', 'model']),
    detail: text,
    sheets: listOf(record({ name: text, cells: listOf(listOf(text)) })),
  }),
);
