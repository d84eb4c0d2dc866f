import type { Acceptance, Finding, OpeningFacts } from '../model/index.js';

/**
 * What a finding rests on, as a short text: its rule, its figures and the facts it points at. Where any of
 * that changes, an acceptance of it no longer stands.
 */
export function fingerprintOf(
  { code, params, parts }: Pick<Finding, 'code' | 'params' | 'parts'>,
  facts: OpeningFacts,
): string {
  const values = parts.map((part) => [part, (facts as unknown as Record<string, unknown>)[part]]);
  return hashOf(JSON.stringify([code, params, values]));
}

/** FNV-1a of a text in hexadecimal; it only tells whether something is the same. */
export function hashOf(text: string): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < text.length; at++) {
    hash ^= text.charCodeAt(at);
    hash = Math.imul(hash, 0x01000193);
  }
  return (hash >>> 0).toString(16).padStart(8, '0');
}

/** The findings with the acceptance that holds of each; those that lapsed are told as notes of their own. */
export function withAcceptances(findings: readonly Finding[], facts: OpeningFacts): Finding[] {
  const accepted = facts.accepted;
  if (!accepted || accepted.length === 0) return findings as Finding[];
  return findings.map((finding) => {
    const one = acceptanceOf(finding, facts, accepted);
    return one ? { ...finding, accepted: one } : finding;
  });
}

function acceptanceOf(
  finding: Finding,
  facts: OpeningFacts,
  accepted: readonly Acceptance[],
): Acceptance | undefined {
  const of = accepted.filter(({ code }) => code === finding.code);
  if (of.length === 0) return undefined;
  const print = fingerprintOf(finding, facts);
  return of.find(({ on }) => on === print);
}

/** The acceptances that nothing found answers to any more: their facts changed. */
export function lapsed(findings: readonly Finding[], facts: OpeningFacts): readonly Acceptance[] {
  const held = new Set(findings.flatMap(({ accepted }) => (accepted ? [accepted] : [])));
  return (facts.accepted ?? []).filter((one) => !held.has(one));
}

/** The facts’ list of acceptances with one finding accepted, what was said of it before replaced. */
export function accepting(
  finding: Finding,
  facts: OpeningFacts,
  by: Pick<Acceptance, 'reason' | 'by' | 'at'>,
): Acceptance[] {
  const on = fingerprintOf(finding, facts);
  const others = (facts.accepted ?? []).filter((one) => one.code !== finding.code || one.on !== on);
  return [...others, { code: finding.code, on, ...by }];
}

/** The list without what was accepted of one finding. */
export function withdrawing(finding: Finding, facts: OpeningFacts): Acceptance[] {
  const on = fingerprintOf(finding, facts);
  return (facts.accepted ?? []).filter((one) => one.code !== finding.code || one.on !== on);
}
