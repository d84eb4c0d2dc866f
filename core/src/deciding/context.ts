import type { Product } from '../catalogue/index.js';
import type { Clash } from '../checking/index.js';
import type { LawsHeld } from '../laws/index.js';
import type { Item, OpeningFacts, Recorded, Solid } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { AnyInput } from './input.js';
import type { Passages } from './passages.js';

/** An opening on its way through the stages. */
export interface DecisionContext {
  readonly explain: boolean;
  /** As recorded, under today's names. */
  readonly recorded: OpeningFacts;
  /** The practice before a named product's figures went into it. */
  readonly usual: Practice;
  readonly named: ReadonlyMap<string, Product>;
  /** Slots that name a product the catalogue no longer has. */
  readonly gone: readonly string[];
  readonly results: Record<string, unknown>;
  readonly record: Recorded;
  /** Its facts have every field, with what a survey measured and what is assumed where nobody recorded anything. */
  readonly input: AnyInput;
  solids: readonly Solid[];
  clashes: readonly Clash[];
  /** What is ordered, and how the laws stand; empty until everything is decided. */
  items: readonly Item[];
  laws: LawsHeld;
  passages: Passages;
}
