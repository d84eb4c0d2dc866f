import type { OpeningKind } from './kinds.js';

/*
 * What a stage brings is declared in its own folder, by `declare module './registry.js'`:
 * TypeScript then knows every fact, result, decision and sentence by name, though no folder reads a
 * later one. See docs/architecture.md, “A new stage”.
 */

/** The facts that are single values, by name. */
export interface SingleFacts {
  /** What the opening is called on plan and schedule. */
  mark: string;
  kind: OpeningKind;
}

/**
 * Everything a person may record about one opening. All lengths in ticks, masses in grams. Every fact
 * but `mark` and `kind` may be absent (nobody has said), most may be `'unknown'` (asked in vain).
 */
export interface OpeningFacts extends SingleFacts {
  /** The version the facts were written under; absent for the first (`upgrades.ts`). */
  version?: number | undefined;
  /** How a figure came to be known; absent means given. */
  provenance?: Partial<Record<string, Provenance>> | undefined;
  choices?: Record<string, Choice> | undefined;
  manualItems?: WrittenItem[] | undefined;
  /** Stages deliberately left without hardware, with the reason. */
  omitted?: Partial<Record<SetStage, string>> | undefined;
}

/** What each stage gives to those after it; `undefined` where it only has facts. */
export interface Results {}

/** What may be found, by code: how grave, and who answers. */
export interface Rules {}

/** The decisions of each stage, as it describes them. */
export interface Decisions {}

/** The stages whose hardware stands in a set. */
export interface HardwareStages {}

/** Every coded sentence with its English, from which its parameters are known. */
export interface Messages {}

/** A stage of the work, by its id. */
export type Stage = keyof Results;

/** A stage whose hardware stands in a set. */
export type SetStage = keyof HardwareStages & Stage;

/** A fact that is a single value. */
export type FieldName = keyof SingleFacts & string;

/** How a figure came to be known. */
export type Provenance = 'given' | 'measured' | 'assumed';

/** A decision a person took otherwise than Riegel, with the reason. */
export interface Choice {
  value: string | number;
  reason: string;
}
/** A line of hardware a person wrote into a stage by hand. */
export interface WrittenItem {
  stage: SetStage;
  quantity: number;
  unit: 'each' | 'pair' | 'set' | 'length';
  description: string;
  size?: string | undefined;
  finish?: string | undefined;
}
