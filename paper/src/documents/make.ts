import type { Progress } from '../progress.js';
import type { DocumentJob } from './document.js';
import { documentOf } from './list.js';
import { optionsSchema } from './options.js';

/**
 * Makes a document.
 *
 * @param id which of {@link DOCUMENTS}
 * @param options what is asked of it; what is left out is as usual
 * @param told hears the share that is done, 0 to 1
 * @returns the bytes of its file
 * @throws Error where there is no such document, or an option has a value it cannot have
 */
export async function makeDocument(
  id: string,
  job: DocumentJob,
  options: Readonly<Record<string, unknown>> = {},
  told?: Progress,
): Promise<Uint8Array> {
  const document = documentOf(id);
  if (!document) throw new Error(`There is no document “${id}”.`);
  const { value, error } = optionsSchema(document.options).validate(options);
  if (error) throw new Error(`${document.file}: ${error.message}`);
  return document.make(job, value as never, told);
}
