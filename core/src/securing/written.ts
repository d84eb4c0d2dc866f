import type { LockSpec } from '../catalogue/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { LockUse } from '../practice/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { isExit } from './lockForms.js';

/** Families of functions that people tell apart in a written line, and the words they use. */
const FAMILIES: readonly [
  family: Exclude<LockUse, 'exit'> | 'night-latch',
  words: RegExp,
  specs: RegExp,
][] = [
  ['privacy', /privacy|bathroom|toilet/i, /privacy|staff-toilet/],
  ['store', /store ?room/i, /storeroom|utility|electric|gate-latch|exit-night-latch/],
  ['classroom', /classroom/i, /classroom|intruder/],
  ['office', /office|entry/i, /office/],
  ['dormitory', /dormitory|entrance/i, /dormitory|entrance|apartment|sash-escape/],
  ['push-pull', /push[- ]?(and )?pull/i, /push-pull|passage/],
  ['passage', /passage/i, /passage/],
  ['exit-only', /exit only/i, /exit-only/],
  ['night-latch', /night latch/i, /night-latch|retraction/],
];

const EXIT = /exit device|panic/i;

/**
 * Whether a written line speaks of another function than was decided, or of another kind where people may
 * be in a hurry to get out. Lines that name no function say nothing.
 */
export function differsFrom(line: string, kind: LockKind, spec: LockSpec): boolean {
  if (EXIT.test(line) !== isExit(kind) && (EXIT.test(line) || /lock|set|latch/i.test(line)))
    return EXIT.test(line) || isExit(kind);
  const named = FAMILIES.filter(([, words]) => words.test(line));
  return named.length > 0 && !named.some(([, , specs]) => specs.test(spec.id));
}

/** What the lock of a written line is for, by its words; undefined where it names no function. */
export function writtenUse(line: string): LockUse | undefined {
  const family = FAMILIES.find(([, words]) => words.test(line))?.[0];
  return family === 'night-latch' ? 'exit' : family;
}

/** Hardware written by hand that does not do what was decided: both are told. */
export function findWritten(
  record: SecuringRecord,
  facts: OpeningFacts,
  kind: LockKind,
  spec: LockSpec | undefined,
): void {
  const lines = facts.manualItems?.filter(({ stage }) => stage === 'securing') ?? [];
  if (!spec || lines.length === 0) return;
  const differs = lines.filter(({ description }) => differsFrom(description, kind, spec));
  // One line that agrees is enough: a set has more in it than its lock.
  if (differs.length < lines.length) return;
  record.report(
    'check',
    'securing.writtenDiffers',
    {
      written: differs[0]!.description,
      decided: { term: spec.id.startsWith('own-') ? `=${spec.name ?? ''}` : `lock.${spec.id}` },
    },
    'what was decided and what was written',
    ['securing.function', 'lockUse'],
  );
}
