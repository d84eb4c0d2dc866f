import type { DecidedOpening } from '../deciding/index.js';
import {
  decisionName,
  itemSizeParts,
  itemText,
  partsText,
  phraseText,
  termText,
  valueParts,
  type Units,
} from '../phrasing/index.js';
import { headingOf, unitsOf } from '../scheduling/index.js';
import { toInches, toMm } from '../measure/index.js';
import type { Value } from '../model/index.js';

/** A value for machines: in the words of the project and in plain numbers. */
function plainValue(value: Value | undefined, units: Units): Record<string, unknown> | null {
  if (!value) return null;
  const text = partsText(valueParts(value, units));
  switch (value.type) {
    case 'length':
      return { text, ticks: value.ticks, in: toInches(value.ticks), mm: toMm(value.ticks) };
    case 'positions':
      return { text, ticks: value.ticks, in: value.ticks.map(toInches), mm: value.ticks.map(toMm) };
    case 'mass':
      return { text, kg: value.grams / 1000, lb: value.grams / 453.59237 };
    case 'force':
      return { text, newtons: value.newtons };
    case 'count':
      return { text, count: value.count };
    case 'amount':
      return { text, amount: value.amount, unit: value.unit };
    case 'angle':
      return { text, degrees: value.degrees };
    case 'area':
      return { text, squareMm: value.squareMm };
    case 'size':
      return { text, width: value.width, height: value.height };
    case 'term':
      return { text, term: value.term.replace(/^=/, '') };
  }
}

/** One decided opening as plain data: decisions with basis and reasons, items, findings, cautions. */
export function summaryOf(decided: DecidedOpening): Record<string, unknown> {
  const units = unitsOf(decided);
  return {
    ...headingOf(decided),
    practice: decided.practice.id,
    decisions: decided.decisions.map((decision) => ({
      key: decision.key,
      stage: decision.stage,
      name: decisionName(decision.stage, decision.name),
      ...(decision.leaf ? { leaf: decision.leaf } : {}),
      status: decision.status,
      basis: decision.basis,
      value: plainValue(decision.value, units),
      reasons: decision.reasons.map((reason) => phraseText(reason, units)),
      ...(decision.question ? { question: phraseText(decision.question, units) } : {}),
      ...(decision.insteadOf ? { insteadOf: plainValue(decision.insteadOf, units) } : {}),
    })),
    items: decided.items.map((item) => ({
      stage: item.stage,
      quantity: item.quantity,
      unit: item.unit,
      description: itemText(item),
      size: partsText(itemSizeParts(item, units)),
      finish: item.finish ? termText(item.finish, units.language) : '',
    })),
    findings: decided.findings.map((finding) => ({
      level: finding.level,
      stage: finding.stage,
      code: finding.code,
      text: phraseText(finding, units),
      source: finding.source,
    })),
    stages: decided.progress,
    cautions: decided.cautions.map((caution) => phraseText(caution, units)),
  };
}

/** One decided opening for people, as plain text. */
export function summaryText(decided: DecidedOpening): string {
  const units = unitsOf(decided);
  const heading = headingOf(decided);
  const lines = [
    `${heading.mark}  ${[heading.from, heading.to].filter(Boolean).join(' → ')}  ${[heading.role, heading.kind, heading.size].filter(Boolean).join(', ')}`,
  ];
  let stage = '';
  for (const decision of decided.decisions) {
    if (decision.stage !== stage) {
      stage = decision.stage;
      lines.push(`  ${termText(`stage.${stage}`)}`);
    }
    const name =
      decisionName(decision.stage, decision.name) +
      (decision.leaf ? ` (${termText(`leaf.${decision.leaf}`)})` : '');
    const value = decision.value ? partsText(valueParts(decision.value, units)) : 'open';
    const basis = decision.status === 'open' ? '' : `  [${decision.basis}]`;
    lines.push(`    ${name.padEnd(34)} ${value}${basis}`);
    for (const reason of decision.reasons) lines.push(`        ${phraseText(reason, units)}`);
    if (decision.question) lines.push(`        ? ${phraseText(decision.question, units)}`);
  }
  if (decided.items.length > 0) lines.push('  Hardware');
  for (const item of decided.items) {
    const size = partsText(itemSizeParts(item, units));
    lines.push(`    ${item.quantity} ${item.unit}  ${itemText(item)}${size ? `, ${size}` : ''}`);
  }
  if (decided.findings.length > 0) lines.push('  Findings');
  for (const finding of decided.findings) {
    lines.push(`    ${finding.level}: ${phraseText(finding, units)} (${finding.source})`);
  }
  lines.push('  Care');
  for (const caution of decided.cautions) lines.push(`    ${phraseText(caution, units)}`);
  return lines.join('\n');
}
