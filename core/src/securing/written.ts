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

/** Kinds by the words of a written line, the first that it has. */
const KINDS: readonly (readonly [words: RegExp, kind: LockKind])[] = [
  [/concealed (?:vertical )?rods?/i, 'rods-concealed'],
  [/(?:exit device|panic).*(?:vertical |top |surface )rods?|vertical rod/i, 'rods-surface'],
  [/mort[ic]se exit/i, 'mortise-exit'],
  [/exit device|panic (?:bar|bolt|device)/i, 'rim-exit'],
  [/night latch/i, 'night-latch'],
  [/rim lock/i, 'rim-lock'],
  [/mort[ic]se dead ?(?:lock|bolt)|\bdead ?lock\b/i, 'mortise-dead'],
  [/multi-?point/i, 'multipoint'],
  [/tubular|mort[ic]ce latch/i, 'tubular'],
  [/cylindrical|bored lock|lever ?set|knob ?set/i, 'cylindrical'],
  [/einsteckschloss/i, 'profile'],
  [/sash ?lock|mortice (?:sash|lock)/i, 'sash'],
  [/mortise/i, 'mortise'],
];

/**
 * Reads the kind of lock that written lines order, so that leaf and frame are prepared for it.
 *
 * @returns the kind and the line; undefined where no line says it
 *
 * @example writtenKind(['Storeroom lock, mortise'])?.kind // 'mortise'
 */
export function writtenKind(
  lines: readonly string[],
): { kind: LockKind; line: string } | undefined {
  for (const line of lines) {
    if (/\b(?:strike|cylinder|keeper)\b/i.test(line)) continue;
    const kind = KINDS.find(([words]) => words.test(line))?.[1];
    if (kind) return { kind, line };
  }
  return undefined;
}

/** What people wrote into the set for the lock. */
export const writtenLines = ({ manualItems }: OpeningFacts): string[] =>
  manualItems?.flatMap(({ stage, description }) => (stage === 'securing' ? [description] : [])) ??
  [];

/** Functions by the words of a written line, the first that it has; `[]` is nothing that holds the leaf. */
const FUNCTIONS: readonly (readonly [words: RegExp, specs: readonly string[]])[] = [
  [/push[- ]?(and )?pull/i, []],
  [/double[- ]cylinder|keyed (?:on )?both sides/i, ['deadbolt-double']],
  [/exit only/i, ['exit-only']],
  [/(?:exit device|panic).*passage/i, ['exit-passage']],
  [/(?:exit device|panic).*classroom/i, ['exit-classroom']],
  [/exit device|panic/i, ['exit-night-latch']],
  [/night latch/i, ['rim-night-latch']],
  [/privacy|bathroom|toilet/i, ['privacy']],
  [/store ?room/i, ['storeroom']],
  [/classroom/i, ['classroom']],
  [/dormitory/i, ['dormitory']],
  [/entrance/i, ['entrance']],
  [/office|entry/i, ['office']],
  [/passage/i, ['passage']],
  [/dead ?bolt/i, ['deadbolt-single']],
];

/**
 * Reads the machines of the locks that written lines order: the decided one where they agree with it, else by the
 * function they name.
 *
 * @returns the locks; undefined where no line names a function
 */
export function writtenFunction(
  lines: readonly string[],
  kind: LockKind | undefined,
  spec: LockSpec | undefined,
  all: ReadonlyMap<string, LockSpec>,
): readonly LockSpec[] | undefined {
  for (const line of lines) {
    const named = FUNCTIONS.find(([words]) => words.test(line))?.[1];
    if (!named) continue;
    if (spec && kind && !differsFrom(line, kind, spec)) return [spec];
    return named.flatMap((id) => all.get(id) ?? []);
  }
  return undefined;
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
