import type { SiteRecord } from '@riegel/core';
import { makeDocument, type Progress } from '@riegel/paper';
import { unfoldJob, type StoredScheduleJob } from '../schedule/storedJob.js';

/** A document to be made, and everything it is made from, as stored. */
export interface StoredDocumentJob extends StoredScheduleJob {
  document: string;
  options?: Record<string, unknown>;
  wanted?: string[];
  address?: string;
  records?: SiteRecord[];
}

/** Makes a document of what is stored. */
export async function makeStored(
  { document, options, wanted = [], address = '', records = [], ...stored }: StoredDocumentJob,
  told?: Progress,
): Promise<Uint8Array> {
  return makeDocument(document, { ...unfoldJob(stored), wanted, address, records }, options, told);
}
