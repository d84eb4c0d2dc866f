import type { FieldName, Finding } from '../model/index.js';
import { sourceIn } from '../practice/index.js';
import type { FinalState } from './finalState.js';
import { LAWS } from './list.js';
import type { Law } from './law.js';

/** A law that could not be held against an opening, and the facts that would let it. */
export interface NotChecked {
  readonly law: string;
  readonly lacks: readonly FieldName[];
}

/** What every law comes to of an opening, by their names. */
export interface LawsHeld {
  readonly kept: readonly string[];
  readonly broken: readonly string[];
  readonly notChecked: readonly NotChecked[];
}

/** Whether one of what was found says what a law would. */
function isSaid({ saidBy }: Law, found: readonly Finding[]): boolean {
  return saidBy !== undefined && found.some(({ code }) => saidBy.includes(code));
}

/**
 * Holds every law against an opening as it will stand.
 *
 * @param state what will stand there, and what was found before
 * @returns which laws are kept, broken and not checked; what is found beside what was
 */
export function holdLaws(state: FinalState): LawsHeld & { readonly findings: readonly Finding[] } {
  const kept: string[] = [];
  const broken: string[] = [];
  const notChecked: NotChecked[] = [];
  const findings: Finding[] = [];
  for (const law of LAWS) {
    const verdict = law.hold(state);
    switch (verdict.is) {
      case 'no concern':
        break;
      case 'kept':
        kept.push(law.id);
        break;
      case 'not checked':
        notChecked.push({ law: law.id, lacks: verdict.lacks });
        break;
      case 'broken': {
        broken.push(law.id);
        if (isSaid(law, state.found) || isSaid(law, findings)) break;
        const { code, level, params, parts } = verdict.by;
        const source = sourceIn(verdict.by.source ?? law.source, state.practice);
        findings.push({ level, stage: law.stage, code, source, params, parts: [...parts] });
      }
    }
  }
  return { kept, broken, notChecked, findings };
}
