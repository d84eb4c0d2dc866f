import type { DecidedOpening } from '../deciding/index.js';
import type { Item, Message, OpeningFacts } from '../model/index.js';
import type { Steps } from './workStep.js';

/** What is told about the work at an opening: its facts, of what leaf and frame are, what is left of its set. */
export interface Work {
  steps: Steps;
  decided: DecidedOpening;
  facts: OpeningFacts;
  rated: boolean;
  timber: boolean;
  /** What comes prepared from the works: steel and aluminium. */
  made: { leaf: boolean; frame: boolean };
  /** Takes the lines of a stage that fit; each is fitted once. */
  take: (stage: Item['stage'], fits?: (item: Item) => boolean) => Item[];
  /** The cautions of these codes that the opening calls for. */
  cares: (...codes: string[]) => Message[];
}
