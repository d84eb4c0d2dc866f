import {
  assumptionsOf,
  fieldOf,
  isStage,
  type DecidedOpening,
  type Decision,
  type Layer,
  type Stage,
} from '@riegel/core';

const bare = (name: string) => name.replace(/@.*$/, '').replace(/^.*\./, '');

/** The stage a drawn part belongs to: that of its decision or of the fact it shows. */
export function stageOfPart(part: string): Stage | undefined {
  const [stage] = part.split('.');
  return stage && isStage(stage) ? stage : fieldOf(part)?.stage;
}

/**
 * The parts that are lit with one: itself, whatever leaf or stage it is named with, and what the decision
 * says outright is drawn by (`lockKind` for the kind of lock). `stage:…` lights all of a stage.
 */
export function litBy(
  highlighted: string | undefined,
  decisions: readonly Pick<Decision, 'key' | 'facts'>[],
): ((part: string) => boolean) | undefined {
  if (!highlighted) return undefined;
  if (highlighted.startsWith('stage:')) {
    const stage = highlighted.slice('stage:'.length);
    return (part) => stageOfPart(part) === stage;
  }
  const decision = decisions.find(({ key }) => key === highlighted);
  const names = new Set([bare(highlighted)]);
  const [first] = decision?.facts ?? [];
  if (first) names.add(bare(first));
  // The other way about: a fact lights the decision that is named by it first.
  for (const { key, facts } of decisions) if (facts[0] === highlighted) names.add(bare(key));
  return (part) => names.has(bare(part));
}

/** Assumed facts by which nothing is drawn. */
const UNSEEN: ReadonlySet<string> = new Set(['role', 'escape', 'finish', 'exterior', 'occupants']);

/** The parts whose decision is assumed, or rests on a fact that nobody confirmed: they are drawn hollow. */
export function assumedParts(decided: DecidedOpening): ((part: string) => boolean) | undefined {
  const facts = new Set<string>(
    assumptionsOf(decided).flatMap(({ fact }) => (UNSEEN.has(fact) ? [] : fact)),
  );
  const parts = new Set<string>(facts);
  const keys = new Set<string>();
  const stages = new Set<Stage>();
  for (const { key, stage, basis, facts: on } of decided.decisions) {
    const part = key.replace(/@.*$/, '');
    keys.add(part);
    if (basis === 'assumed') stages.add(stage);
    if (basis === 'assumed' || (basis === 'derived' && on.some((fact) => facts.has(fact))))
      parts.add(part);
  }
  if (parts.size === 0) return undefined;
  // A thing that no decision is named by, as a lever, is as sure as its stage.
  return (part) => {
    const name = part.replace(/@.*$/, '');
    const stage = keys.has(name) ? undefined : stageOfPart(name);
    return parts.has(name) || (stage !== undefined && stages.has(stage));
  };
}

/** What can be taken out of a drawing, by what a person calls it. */
export const LAYER_GROUPS: readonly { name: string; layers: readonly Layer[] }[] = [
  { name: 'Dimensions', layers: ['dimension'] },
  { name: 'Hardware', layers: ['hardware', 'detail'] },
  { name: 'Hidden lines', layers: ['hidden'] },
  { name: 'Swing', layers: ['swing', 'open'] },
  { name: 'Words', layers: ['label'] },
  { name: 'Clashes', layers: ['clash'] },
];
