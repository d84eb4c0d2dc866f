import type { Choice } from './facts.js';
import type { OpeningFacts } from './registry.js';

/** A choice with the key of its decision. */
export type KeyedChoice = readonly [key: string, choice: Choice];

/**
 * Brings a choice from one version to the next: another key, another value, or nothing where what was
 * chosen is no longer there to be chosen under any name (then the old one stays and is told).
 */
export type ChoiceUpgrade = (keyed: KeyedChoice) => KeyedChoice | undefined;

/**
 * What renamed decisions and their values since the first version, oldest first. Whoever renames a
 * decision's key or one of its values adds a step here; stored choices and project files of every version
 * go on to hold.
 */
export const CHOICE_UPGRADES: readonly ChoiceUpgrade[] = [];

/** The version choices are made under now; one that names none was made under the first. */
export function choicesVersion(upgrades: readonly ChoiceUpgrade[] = CHOICE_UPGRADES): number {
  return upgrades.length + 1;
}

/** A choice as it is recorded now. */
export function choiceOf(
  value: Choice['value'],
  reason: string,
  upgrades: readonly ChoiceUpgrade[] = CHOICE_UPGRADES,
): Choice {
  const version = choicesVersion(upgrades);
  return version === 1 ? { value, reason } : { value, reason, version };
}

/** Facts with their choices under today's names; the same facts where nothing was renamed since. */
export function withCurrentChoices(
  facts: OpeningFacts,
  upgrades: readonly ChoiceUpgrade[] = CHOICE_UPGRADES,
): OpeningFacts {
  const now = choicesVersion(upgrades);
  const entries = Object.entries(facts.choices ?? {});
  if (entries.every(([, { version = 1 }]) => version >= now)) return facts;
  const choices: Record<string, Choice> = {};
  for (const [key, choice] of entries) {
    const [newKey, upgraded] = upgradedChoice([key, choice], upgrades);
    // A choice made under today's name goes before one that was brought to it.
    if (Object.hasOwn(facts.choices!, newKey) && newKey !== key) continue;
    choices[newKey] = upgraded;
  }
  return { ...facts, choices };
}

function upgradedChoice(keyed: KeyedChoice, upgrades: readonly ChoiceUpgrade[]): KeyedChoice {
  let current = keyed;
  for (const step of upgrades.slice((keyed[1].version ?? 1) - 1)) {
    const next = step(current);
    if (!next) return keyed;
    current = next;
  }
  return [current[0], { ...current[1], version: choicesVersion(upgrades) }];
}
