import type { Fix } from '../checking/index.js';
import type { Finding, OpeningFacts, ProjectBasis } from '../model/index.js';
import { decideOpening } from './decideOpening.js';

/** What a way out comes to: which findings go, which come. Notes are left out. */
export interface TriedWay {
  way: Fix;
  gone: Finding[];
  come: Finding[];
}

const graver = ({ level }: Finding) => level !== 'note';
const same = (a: Finding, b: Finding) =>
  a.code === b.code && JSON.stringify(a.params) === JSON.stringify(b.params);

/** Decides an opening as if each way out had been taken. */
export function evaluateFixes(
  facts: OpeningFacts,
  project: ProjectBasis,
  ways: readonly Fix[],
): TriedWay[] {
  const before = decideOpening(facts, project, { explain: false }).findings.filter(graver);
  return ways.map((way) => {
    const after = decideOpening({ ...facts, ...way.patch }, project, {
      explain: false,
    }).findings.filter(graver);
    return {
      way,
      gone: before.filter((one) => !after.some((other) => same(one, other))),
      come: after.filter((one) => !before.some((other) => same(one, other))),
    };
  });
}
