import { readKeying, type KnownSet, type ScheduleSettings } from '@riegel/core';
import type { Revision, ScheduleJob } from '@riegel/paper';
import { unfoldDeciding } from '../documents/decidingBasis.js';
import type { DecidingTexts } from '../documents/documents.service.js';

/** Everything a schedule is made from, as stored. */
export interface StoredScheduleJob {
  projectName: string;
  practice: string;
  note: string;
  date: string;
  deciding: DecidingTexts;
  settings: ScheduleSettings;
  /** Who holds which keys, JSON. */
  keying: string | null;
  /** Releases before, told on the front page. */
  revisions?: Revision[];
  openings: { id: string; facts: string }[];
  known: KnownSet[];
}

/** A stored job as documents are made from it. */
export function unfoldJob({ deciding, openings, keying, ...rest }: StoredScheduleJob): ScheduleJob {
  const keys = keying === null ? undefined : readKeying(JSON.parse(keying));
  return {
    ...rest,
    ...unfoldDeciding(deciding),
    keying: keys?.ok ? keys.value : undefined,
    openings: openings.map(({ id, facts }) => ({
      id,
      facts: JSON.parse(facts) as ScheduleJob['openings'][number]['facts'],
    })),
  };
}
