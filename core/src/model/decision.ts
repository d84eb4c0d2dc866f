import type { Level, RuleCode } from './rule.js';
import type { Rounding, Ticks } from '../measure/index.js';
import type { Acceptance } from './facts.js';
import type { LeafId } from './kinds.js';
import type { SetStage, Stage } from './registry.js';

/** Where a decided value comes from. */
export type Basis = 'given' | 'measured' | 'assumed' | 'derived' | 'chosen';

/** Units that are the same in every practice. */
export type AmountUnit = 'A' | 'Ah' | 'V' | 'dB' | 's' | 'Pa' | '%';

/** A parameter of a reason or finding, typed so that it is phrased in the project's units. */
export type Param =
  | string
  | number
  | { ticks: Ticks; rounding?: Rounding; fine?: boolean }
  | { squareMetres: number }
  | { gramsPerSquareMetre: number }
  | { grams: number }
  | { newtons: number }
  | { newtonMetres: number }
  | { amount: number; unit: AmountUnit }
  | { degrees: number }
  | { term: string };

/** A coded sentence: `phrasing` turns code and parameters into words. */
export interface Message {
  code: string;
  params: Record<string, Param>;
}

/** What was decided. Terms are codes that `phrasing` names. */
export type Value =
  | { type: 'length'; ticks: Ticks; rounding: Rounding }
  | { type: 'positions'; ticks: Ticks[] }
  | { type: 'size'; width: Ticks; height: Ticks }
  | { type: 'mass'; grams: number }
  | { type: 'force'; newtons: number }
  | { type: 'angle'; degrees: number }
  | { type: 'amount'; amount: number; unit: AmountUnit }
  | { type: 'area'; squareMm: number }
  | { type: 'count'; count: number }
  | { type: 'term'; term: string };

/** Another possible value of a decision, with what speaks against it (or nothing). */
export interface Alternative {
  value: string | number;
  /** What a person called it, where it has no word of its own. */
  name?: string;
  against?: Message;
  /** What else speaks against it. */
  also?: Message[];
}

/**
 * One decision of one stage. `open` carries the question that would decide it. Reasons, alternatives and
 * question are there only where an opening was decided with its explanations.
 */
export interface Decision {
  /** `stage.name`, with `@leaf` where the leaves of an opening are decided apart. */
  key: string;
  stage: Stage;
  name: string;
  leaf?: LeafId | undefined;
  status: 'decided' | 'open' | 'none';
  basis: Basis;
  value?: Value | undefined;
  readonly reasons: readonly Message[];
  question?: Message | undefined;
  /** Facts whose recording would change or settle this decision. */
  readonly facts: readonly string[];
  readonly alternatives: readonly Alternative[];
  /** The reason a person gave for choosing otherwise. */
  chosenBecause?: string | undefined;
  /** What Riegel would have decided, where a person chose otherwise. */
  insteadOf?: Value | undefined;
}

/** Something that clashes, is likely wrong, or must be confirmed. */
export interface Finding extends Message {
  code: RuleCode;
  level: Level;
  stage: Stage;
  /** The rule's source. */
  source: string;
  /** Decision keys or fact names it points at. */
  parts: string[];
  /** Who accepted it and why, where that still holds. */
  accepted?: Acceptance;
}

/** A thing in the hardware set. */
export interface Item {
  stage: SetStage;
  /** Term code phrased as the item's description, or free text where a person wrote the line. */
  term?: string | undefined;
  written?: string | undefined;
  quantity: number;
  unit: 'each' | 'pair' | 'set' | 'length';
  height?: Ticks | undefined;
  width?: Ticks | undefined;
  length?: Ticks | undefined;
  size?: string | undefined;
  /** Further terms: weight, bearing, metal, pin. */
  traits: readonly string[];
  finish?: string | undefined;
  /** Standard and grade that it is ordered by. */
  standard?: string | undefined;
  /** Maker and model, where a product was named. */
  product?: string | undefined;
  handed: boolean;
}

/**
 * How a solid is there: let into leaf or frame, standing on a face, a part of the leaf without
 * material to let things into (glass, a panel), or a joint of its framing.
 */
export type SolidHow = 'in' | 'on-pull' | 'on-push' | 'void' | 'joint';

/**
 * What a thing takes out of (or puts onto) leaf or frame, in leaf coordinates: x from the hinge
 * edge, y up from the leaf's bottom, z from the pull face into the leaf. All in ticks. On the frame
 * the same axes hold with the leaf closed: negative x is in the hinge jamb, y above the leaf's
 * height in the head.
 */
export interface Solid {
  /** Decision key or fact it belongs to; solids of one owner do not clash with each other. */
  owner: string;
  /** Term code of what it is. */
  thing: string;
  leaf: LeafId;
  on: 'leaf' | 'frame';
  how: SolidHow;
  x: [Ticks, Ticks];
  y: [Ticks, Ticks];
  z: [Ticks, Ticks];
  /** Material wanted between it and the next recess. */
  keep: Ticks;
}
