import { id, listOf, moment, record, shape, text, whole } from '../../base/http/shapes.js';

export const photos = record({
  photos: listOf(
    shape(
      'PhotoView',
      record({ id, caption: text, width: whole, height: whole, at: moment, by: text }),
    ),
  ),
});

export const photoKept = record({ id });
