import type { LockSpec } from '../catalogue/index.js';
import type { Holding, Release } from '../machines/index.js';
import type { Ticks } from '../measure/index.js';
import type { FieldName, Finding, Item, OpeningFacts, Place, SetStage } from '../model/index.js';
import type { Practice } from '../practice/index.js';

/** One of the two rooms of an opening. */
export type SideName = 'from' | 'to';

/** How surely something is so: a person or a survey said it, or it is guessed, or nothing speaks against it. */
export type Certainty = 'recorded' | 'guessed' | 'plausible';

/** A room as somebody comes from it. */
export interface FinalSide {
  /** As it is named; undefined where nobody named it. */
  readonly name: string | undefined;
  readonly place: Place;
  /** Whether people leave the building coming from here; undefined where nobody does. */
  readonly leaves: Certainty | undefined;
}

/** How many people count at an opening. */
export interface Crowd {
  /** All that may come by it at once. */
  readonly people: number;
  /** Those for whom this one must be wide enough, its ways out shared. */
  readonly share: number;
  /** Whether a person said so; else counted from rooms. */
  readonly recorded: boolean;
}

/** What holds the second leaf of a pair: nothing, bolts worked by hand, what works by itself, a device of its own. */
export type SecondLeafHeld = 'free' | 'byHand' | 'byItself' | 'device';

/**
 * An opening as it will stand, whatever led to it: what is recorded and what is taken, its hand, the machines of
 * its locks and closers, what is ordered. Nothing here tells a role, a rule or a reason.
 */
export interface FinalState {
  /** What holds: recorded, measured, else assumed. */
  readonly facts: OpeningFacts;
  /** What a person or a survey recorded. */
  readonly recorded: OpeningFacts;
  readonly practice: Practice;
  readonly from: FinalSide;
  readonly to: FinalSide;
  /** The side that counts as outside: whoever stands there is locked out. */
  readonly outside: SideName;
  /** The room that a leaf swinging one way opens into; undefined while its hand is open, or where it has none. */
  readonly opensInto: SideName | undefined;
  readonly crowd: Crowd | undefined;
  /** Clear width with every leaf open, and of the active leaf alone; undefined while a size is not known. */
  readonly clear: Ticks | undefined;
  readonly clearActive: Ticks | undefined;
  /** Undefined while the lock is not decided, or where a written line replaces it and names no function. */
  readonly holding: Holding | undefined;
  /** What is electric and holds the leaf, whether or not its lock is known. */
  readonly release: Release | undefined;
  /** The function of the main lock; undefined without one. */
  readonly lock: LockSpec | undefined;
  /** Whether an exit device's bar stands on the push face. */
  readonly bar: boolean;
  /** Whether rods latch the leaf into head or floor. */
  readonly rods: boolean;
  /** Whether anybody outside can be let in by a reader, keypad or intercom. */
  readonly letIn: boolean;
  /** Undefined for openings without a second leaf, or while its bolts are not decided. */
  readonly second: SecondLeafHeld | undefined;
  readonly coordinator: boolean;
  /** Whether it closes by itself; undefined while nothing tells. */
  readonly closes: boolean | undefined;
  /** What holds it open: nothing, a release that detection lets go, or something that stays. */
  readonly heldOpen: 'no' | 'released' | 'stays';
  /** What stands around the leaf and under it against smoke; undefined while not decided. */
  readonly smokeAround: boolean | undefined;
  readonly smokeUnder: boolean | undefined;
  /** What opens it against its closer, and how far from the hinges; undefined without one, or while not known. */
  readonly force: { readonly newtons: number; readonly at: Ticks } | undefined;
  /** Mass of the heaviest leaf, grams; undefined while not known. */
  readonly mass: number | undefined;
  /** Gaps around the leaf as it is ordered; undefined where it has none, or while not known. */
  readonly gaps: Readonly<
    Partial<
      Record<'hingeGap' | 'lockGap' | 'headGap' | 'meetingGap' | 'undercut', Ticks | undefined>
    >
  >;
  /** What lets people in where something electric locks; undefined while nothing tells. */
  readonly access: string | undefined;
  /** Whether a strike or keep is decided for its lock; undefined while leaf or lock are not placed. */
  readonly strike: boolean | undefined;
  /** Whether one of its hinges carries a wire into the leaf. */
  readonly wireHinge: boolean;
  /** How many leaves hang in it. */
  readonly leaves: number;
  readonly items: readonly Item[];
  /** Facts that open decisions wait for, by stage: what is ordered there is not whole. */
  readonly openFor: ReadonlyMap<string, readonly FieldName[]>;
  /** How leaf and frame are prepared for lock, hanging and closer, in words that written lines use; undefined while open. */
  readonly prepared: Readonly<Partial<Record<SetStage, string>>>;
  /** Stages whose hardware a person wrote, or left out on purpose. */
  readonly writtenStages: ReadonlySet<SetStage>;
  readonly omittedStages: ReadonlySet<SetStage>;
  /** What was found before: a law does not say again what is said. */
  readonly found: readonly Finding[];
}
