import { currentFacts } from '@riegel/core';
import { type OpeningView, call } from '../base/api.js';

/** Some openings as they stand; those that are gone are left out. */
export async function readSome(projectId: string, ids: string[]): Promise<OpeningView[]> {
  const read = await call('POST', '/projects/{projectId}/openings/some', {
    path: { projectId },
    body: {
      ids,
    },
  });
  return read.openings.map(underTodaysNames);
}

/** An opening whose facts were stored under older names, with those of today. */
export function underTodaysNames(opening: OpeningView): OpeningView {
  const facts = currentFacts(opening.facts);
  return facts === opening.facts ? opening : { ...opening, facts };
}
