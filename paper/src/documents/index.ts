export { MEDIA, type Document, type DocumentJob, type DocumentScope } from './document.js';
export { DOCUMENTS, documentOf, routeOf, type DocumentId } from './list.js';
