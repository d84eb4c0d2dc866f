import type { SiteRecord } from '@riegel/core';
import { handoverPdf, recordPdf } from '@riegel/paper';
import { unfold, type StoredScheduleJob } from '../schedule/makeSchedule.js';

/** A record of one opening, as stored. */
export interface StoredRecordJob extends StoredScheduleJob {
  wanted: string;
  records: SiteRecord[];
  round: string | undefined;
}

export async function makeRecordPdf({
  wanted,
  records,
  round,
  ...job
}: StoredRecordJob): Promise<Uint8Array> {
  return new Uint8Array(await recordPdf({ ...unfold(job), wanted, records, round }));
}

export async function makeHandoverPdf({
  records,
  ...job
}: StoredScheduleJob & { records: SiteRecord[] }): Promise<Uint8Array> {
  return new Uint8Array(await handoverPdf({ ...unfold(job), records }));
}
