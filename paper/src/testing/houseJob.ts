import type { OpeningFacts } from '@riegel/core';
import type { ScheduleJob } from '../schedule/schedulePdf.js';

/** A project with these openings and nothing else of its own; tests add what they look at. */
export function houseJob(facts: readonly OpeningFacts[], practice = 'us-commercial'): ScheduleJob {
  return {
    projectName: 'House',
    practice,
    practices: [],
    building: undefined,
    products: [],
    locks: [],
    settings: {},
    note: '',
    date: '2026-01-02',
    known: [],
    openings: facts.map((one, at) => ({ id: String(at), facts: one })),
  };
}
