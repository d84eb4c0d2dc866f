import { RULES, whoAnswers, type AcrossFinding, type Finding, type NotChecked } from '@riegel/core';
import type { ProjectFindings } from './findings.js';

/** How findings are put together. */
export const GROUPINGS = ['rule', 'opening', 'answers'] as const;
export type Grouping = (typeof GROUPINGS)[number];

/** One finding of one opening. */
export interface FoundOne {
  id: string;
  mark: string;
  finding: Finding;
}

/** Findings that stand on one line. */
export interface FindingGroup {
  key: string;
  level: Finding['level'];
  /** The first of them: what the line says. */
  first: Finding;
  /** Whom the line is about, where it is not a rule: a mark, a person’s part. */
  heading: string | undefined;
  all: FoundOne[];
}

const GRAVITY: readonly Finding['level'][] = ['stop', 'check', 'note'];
const rank = (level: Finding['level']) => GRAVITY.indexOf(level);

export interface Filter {
  levels: ReadonlySet<Finding['level']>;
  accepted: boolean;
  text: string;
}

/** The findings of a project as they are shown, the gravest first, then by how many there are. */
export function groupFindings(
  { openings }: Pick<ProjectFindings, 'openings'>,
  by: Grouping,
  filter: Filter,
  textOf: (finding: Finding) => string,
): FindingGroup[] {
  const groups = new Map<string, FindingGroup>();
  const wanted = filter.text.trim().toLowerCase();
  for (const { id, mark, findings } of openings)
    for (const finding of findings) {
      if (!filter.levels.has(finding.level)) continue;
      if ((finding.accepted !== undefined) !== filter.accepted) continue;
      if (wanted && !`${mark} ${textOf(finding)}`.toLowerCase().includes(wanted)) continue;
      const once = RULES[finding.code]?.once === true;
      const key =
        by === 'rule' || once
          ? `${finding.level} ${finding.code}`
          : by === 'opening'
            ? id
            : whoAnswers(finding);
      const one = { id, mark, finding };
      const group = groups.get(key);
      if (group) {
        group.all.push(one);
        if (rank(finding.level) < rank(group.level)) group.level = finding.level;
      } else
        groups.set(key, {
          key,
          level: finding.level,
          first: finding,
          heading: by === 'rule' || once ? undefined : by === 'opening' ? mark : key,
          all: [one],
        });
    }
  return [...groups.values()].sort(
    (a, b) =>
      rank(a.level) - rank(b.level) || b.all.length - a.all.length || (a.key < b.key ? -1 : 1),
  );
}

/** How many findings of each level stand, those that were accepted left out. */
export function countLevels(
  openings: ProjectFindings['openings'],
  across: readonly AcrossFinding[],
): Record<Finding['level'] | 'accepted', number> {
  const counts = { stop: 0, check: 0, note: 0, accepted: 0 };
  for (const { findings } of openings)
    for (const { level, accepted } of findings) counts[accepted ? 'accepted' : level] += 1;
  for (const { level } of across) counts[level] += 1;
  return counts;
}

/** A law that could not be held against some openings, for want of the same facts. */
export interface NotCheckedGroup {
  law: string;
  lacks: NotChecked['lacks'];
  ones: { id: string; mark: string }[];
}

/** What could not be checked in a project, by law and by what is not recorded, the most first. */
export function groupNotChecked(openings: ProjectFindings['openings']): NotCheckedGroup[] {
  const groups = new Map<string, NotCheckedGroup>();
  for (const { id, mark, notChecked } of openings)
    for (const { law, lacks } of notChecked) {
      const key = `${law} ${lacks.join()}`;
      const group = groups.get(key);
      if (group) group.ones.push({ id, mark });
      else groups.set(key, { law, lacks, ones: [{ id, mark }] });
    }
  return [...groups.values()].sort((a, b) => b.ones.length - a.ones.length);
}
