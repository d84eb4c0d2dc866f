import { choiceFact, yesNoFact, type FactSpecs } from './factSpec.js';
import type { Choice, OpeningFacts } from './registry.js';

/** Facts of any version, by the names of that version. */
export type StoredFacts = Readonly<Record<string, unknown>>;

/** One step from a version of the facts to the next. */
export interface FactsUpgrade {
  /** Facts that are no more after the step, or had other values, as they were read until then. */
  readonly retired: FactSpecs;
  /** Lists and maps that have another name after the step. */
  readonly renamed: Readonly<Record<string, string>>;
  /** The same facts under the next version's names. Total: what does not concern it stays. */
  upgrade(facts: StoredFacts): StoredFacts;
}

/** The same under other names; what stands under today's name already goes before what is brought to it. */
function renamed(
  facts: StoredFacts,
  names: Readonly<Record<string, string>>,
): Record<string, unknown> {
  const now: Record<string, unknown> = {};
  for (const [name, value] of Object.entries(facts)) {
    const to = names[name];
    if (to === undefined) now[name] = value;
    else if (!Object.hasOwn(facts, to)) now[to] = value;
  }
  return now;
}

/** Another name for a decision, so that choices made under the old one go on to hold. */
function renamedChoices(facts: StoredFacts, rename: (key: string) => string): StoredFacts {
  const choices = facts['choices'] as Record<string, Choice> | undefined;
  if (!choices || Object.keys(choices).every((key) => rename(key) === key)) return facts;
  const renamed: Record<string, Choice> = {};
  for (const [key, choice] of Object.entries(choices)) {
    // A choice made under today's name goes before one that is brought to it.
    if (rename(key) !== key && Object.hasOwn(choices, rename(key))) continue;
    renamed[rename(key)] = choice;
  }
  return { ...facts, choices: renamed };
}

const OLD_SEALS = ['none', 'sweep', 'drop-surface', 'drop-half', 'drop-full', 'threshold'];

/**
 * Closer and kind of closer became one fact, with back-check beside it; bottom seal and bottom sealed
 * became one, and a threshold that seals is one of the thresholds; what was decided of existing work
 * under `preparing` is decided under `replacing`.
 */
const MERGED: FactsUpgrade = {
  retired: {
    closer: choiceFact(['none', 'closer', 'back-check'], 'closer', { by: 'architect' }),
    closerKind: choiceFact(
      ['surface-pull', 'surface-push', 'concealed-overhead', 'floor', 'head'],
      'closer',
      { by: 'architect' },
    ),
    threshold: choiceFact(['none', 'present'], 'threshold', { by: 'architect' }),
    bottomSeal: choiceFact(OLD_SEALS, 'bottomSeal', { by: 'architect' }),
    bottomSealed: yesNoFact({ by: 'architect' }),
    use: choiceFact(['high', 'medium', 'low'], 'use', { by: 'architect' }),
    wayOut: yesNoFact({ by: 'architect' }),
  },
  renamed: { how: 'provenance', written: 'manualItems', none: 'omitted' },
  upgrade(stored) {
    const facts = renamed(
      renamedChoices(stored, (key) => key.replace(/^preparing\./, 'replacing.')),
      { ...MERGED.renamed, use: 'frequency', wayOut: 'egress' },
    );
    const { closerKind, bottomSealed, closer, threshold, bottomSeal, provenance } = facts;
    delete facts['closerKind'];
    delete facts['bottomSealed'];
    if (closer === 'closer' || closer === 'back-check')
      facts['closer'] = said(closerKind) ? closerKind : 'any';
    else if (!said(closer) && closerKind !== undefined) facts['closer'] = closerKind;
    if (closer === 'back-check') facts['backCheck'] = true;
    if (threshold === 'present') facts['threshold'] = 'plain';
    if (bottomSeal === 'threshold') {
      facts['threshold'] = 'sealing';
      delete facts['bottomSeal'];
    } else if (bottomSealed === true && (!said(bottomSeal) || bottomSeal === 'none'))
      facts['bottomSeal'] = 'any';
    else if (bottomSealed === false && !said(bottomSeal)) facts['bottomSeal'] = 'none';
    else if (bottomSeal === undefined && bottomSealed === 'unknown')
      facts['bottomSeal'] = 'unknown';
    if (provenance && typeof provenance === 'object')
      facts['provenance'] = renamed(provenance as StoredFacts, {
        closerKind: 'closer',
        bottomSealed: 'bottomSeal',
        use: 'frequency',
        wayOut: 'egress',
      });
    return facts;
  },
};

/** Whether somebody said what a fact is. */
function said(fact: unknown): boolean {
  return fact !== undefined && fact !== 'unknown';
}

/**
 * What changed the facts since the first version, oldest first. Whoever renames a fact, merges two, or
 * renames a decision or one of its values adds a step; rows and project files of every version open for
 * ever (`testing/versions`).
 */
export const FACTS_UPGRADES: readonly FactsUpgrade[] = [MERGED];

/** The version facts are written under now. */
export const FACTS_VERSION = FACTS_UPGRADES.length + 1;

/** Facts under today's names; facts that name no version are of the first. */
export function currentFacts(
  stored: StoredFacts | OpeningFacts,
  upgrades: readonly FactsUpgrade[] = FACTS_UPGRADES,
): OpeningFacts {
  const now = upgrades.length + 1;
  const version = (stored.version as number | undefined) ?? 1;
  if (version >= now) return stored as OpeningFacts;
  let facts = stored as StoredFacts;
  for (const { upgrade } of upgrades.slice(version - 1)) facts = upgrade(facts);
  return { ...facts, version: now } as unknown as OpeningFacts;
}

/** The facts that an older version had otherwise, by name, as it read them. */
export function retiredFacts(
  version: number,
  upgrades: readonly FactsUpgrade[] = FACTS_UPGRADES,
): FactSpecs {
  // Of two steps that changed one fact the older tells how it was at that version.
  return Object.assign(
    {},
    ...upgrades
      .slice(version - 1)
      .map(({ retired }) => retired)
      .reverse(),
  ) as FactSpecs;
}

/** What lists and maps of an older version are called now. */
export function renamedRecords(
  version: number,
  upgrades: readonly FactsUpgrade[] = FACTS_UPGRADES,
): Readonly<Record<string, string>> {
  return Object.assign({}, ...upgrades.slice(version - 1).map((step) => step.renamed)) as Record<
    string,
    string
  >;
}
