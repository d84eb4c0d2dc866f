import { phraseText, termText } from '../phrasing/index.js';
import { assumptionsOf } from '../role/index.js';
import { fieldOf } from '../stageRegistry/index.js';
import { unitsOf } from './heading.js';
import type { ScheduledOpening } from './scheduledOpening.js';

/** A text that stands for several openings. */
export interface OpenItem {
  text: string;
  marks: string[];
}

/** Findings of one rule that nobody accepted. */
export interface RuleFindings {
  code: string;
  level: string;
  source: string;
  told: OpenItem[];
}

/** What somebody accepted, with who and why. */
export interface AcceptedFinding extends OpenItem {
  by: string;
  reason: string;
}

const RANK: Readonly<Record<string, number>> = { stop: 0, check: 1, note: 2 };

/** Puts the marks of one text together, in the order texts first come. */
class Tellings<T extends OpenItem> {
  private readonly byText = new Map<string, T>();

  tell(key: string, mark: string, make: () => Omit<T, 'marks'>): void {
    const before = this.byText.get(key);
    if (!before) this.byText.set(key, { ...make(), marks: [mark] } as unknown as T);
    else if (before.marks[before.marks.length - 1] !== mark) before.marks.push(mark);
  }

  get all(): T[] {
    return [...this.byText.values()];
  }
}

/** Findings nobody accepted by rule, the gravest first; each text once with its openings. */
export function findingsByRule(openings: readonly ScheduledOpening[]): RuleFindings[] {
  const rules = new Map<string, RuleFindings & { tellings: Tellings<OpenItem> }>();
  for (const { decided, mark } of openings)
    for (const finding of decided.findings) {
      if (finding.accepted) continue;
      const { code, level, source } = finding;
      const key = `${level} ${code}`;
      const rule = rules.get(key) ?? { code, level, source, told: [], tellings: new Tellings() };
      rules.set(key, rule);
      const text = phraseText(finding, unitsOf(decided));
      rule.tellings.tell(text, mark, () => ({ text }));
    }
  return [...rules.values()]
    .map(({ tellings, ...rule }) => ({ ...rule, told: tellings.all }))
    .sort((a, b) => RANK[a.level]! - RANK[b.level]!);
}

/** Findings that were accepted, with who and why. */
export function acceptedFindings(openings: readonly ScheduledOpening[]): AcceptedFinding[] {
  const tellings = new Tellings<AcceptedFinding>();
  for (const { decided, mark } of openings)
    for (const finding of decided.findings) {
      if (!finding.accepted) continue;
      const { by, reason } = finding.accepted;
      const text = phraseText(finding, unitsOf(decided));
      tellings.tell(`${text} ${by} ${reason}`, mark, () => ({ text, by, reason }));
    }
  return tellings.all;
}

/** What is open, the same question of several openings once, by stages in working order. */
export function openQuestions(
  openings: readonly ScheduledOpening[],
): (OpenItem & { stage: string })[] {
  const tellings = new Tellings<OpenItem & { stage: string }>();
  for (const { decided, mark } of openings)
    for (const { status, question, stage } of decided.decisions) {
      if (status !== 'open' || !question) continue;
      const text = phraseText(question, unitsOf(decided));
      tellings.tell(text, mark, () => ({ text, stage: termText(`stage.${stage}`) }));
    }
  return tellings.all;
}

/** What is assumed of the openings and nobody confirmed. */
export function assumedOf(openings: readonly ScheduledOpening[]): OpenItem[] {
  const tellings = new Tellings<OpenItem>();
  for (const { decided, mark } of openings)
    for (const { fact, value } of assumptionsOf(decided)) {
      const { language } = unitsOf(decided);
      const field = fieldOf(fact);
      const words = field?.options
        ? termText(`${field.terms}.${String(value)}`, language)
        : value === true
          ? 'yes'
          : value === false
            ? 'no'
            : String(value);
      const text = `${termText(`fact.${fact}`, language)}: ${words}`;
      tellings.tell(text, mark, () => ({ text }));
    }
  return tellings.all;
}
