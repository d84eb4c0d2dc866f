import { DOCUMENTS, routeOf, type DocumentId } from '@riegel/paper/documents';

const BY_ID = new Map(DOCUMENTS.map((one) => [one.id, one]));

/** The name of a document’s file. */
export const documentFile = (id: DocumentId): string => BY_ID.get(id)!.file;

/**
 * Finds where the server answers a document.
 *
 * @param openingId of documents of one opening
 * @param options what is asked of it
 */
export function documentAddress(
  id: DocumentId,
  projectId: string,
  { openingId, options = {} }: { openingId?: string; options?: Record<string, string> } = {},
): string {
  const below = openingId === undefined ? '' : `/openings/${openingId}`;
  const query = new URLSearchParams(options).toString();
  return `/projects/${projectId}${below}/${routeOf(BY_ID.get(id)!)}${query && `?${query}`}`;
}

/** What a file of a release is, by its name; undefined where it is no document. */
export const documentTitle = (file: string): string | undefined =>
  DOCUMENTS.find((one) => one.file === file)?.title;
