import type { ProductType } from '../catalogue/index.js';
import type {
  DecisionSpecs,
  DecisionTable,
  FactSpecs,
  MeasuredLeaf,
  OpeningFacts,
  ProjectBasis,
  Recorder,
  RecordSpecs,
  Results,
  Solid,
  Stage,
  Rule,
} from '../model/index.js';
import type { Practice, StageValues } from '../practice/index.js';
import type { Survey } from '../survey/index.js';
import type { ProductRequirement } from './need.js';
import type { Preparation } from './preparation.js';

/** What a stage may read: the facts, what the project gives, and the results of the stages it needs. */
export interface StageInput<Needs extends Stage = never> {
  /** With every field there; what a survey measured stands in what nobody recorded. */
  readonly facts: OpeningFacts;
  readonly practice: Practice;
  readonly project: ProjectBasis;
  readonly survey: Survey;
  readonly results: Readonly<Pick<Results, Needs>>;
}

/** A place in the set that a product may be named for, and what it asks of one. */
export interface ProductSlot<Reads extends Stage = never> {
  /** The decision it is named by: `stage.name`. */
  readonly key: `${string}.${string}`;
  /** Types of products that may stand there, with the item that carries the name; `…*` for a group of items. */
  readonly items: Partial<Record<ProductType, string>>;
  /** What is asked of a product; undefined where the opening has no such place. */
  need(input: StageInput<Reads>): Omit<ProductRequirement, 'slot'> | undefined;
}

/**
 * One stage of the work, whole: what is recorded, what is decided, in which words, and what it takes out
 * of the leaf. Everything else that must know of a stage is derived from this (docs/architecture.md).
 */
export interface StageDefinition<Id extends Stage, Needs extends Stage, D extends DecisionSpecs> {
  readonly id: Id;
  /** Earlier stages whose results it reads. */
  readonly needs: readonly Needs[];
  /** Single-valued facts recorded under it, in the order they are asked. */
  readonly facts: FactSpecs;
  /** Facts that are lists or maps. */
  readonly records?: RecordSpecs;
  /** Figures of the trade it works with, for every practice, each with its source. */
  readonly values?: StageValues;
  readonly decisions?: DecisionTable<D>;
  /** Whether its hardware stands in a set; then it has a bolt in the row. */
  readonly hardware?: boolean;
  /** Whether it has a bolt in the row though it has no hardware. */
  readonly bolt?: boolean;
  /** What it may find: how grave, and who answers. */
  readonly rules?: Readonly<Record<string, Rule>>;
  /** Its sentences by code, with `{parameters}`. */
  readonly messages?: Readonly<Record<string, string>>;
  /** Its words by term code: its own name, its decisions, facts, options, items. */
  readonly terms: Readonly<Record<string, string>>;
  readonly decide?: (input: StageInput<Needs>, record: Recorder<D>) => Results[Id];
  /** What it takes out of one leaf or puts onto it. */
  readonly solids?: (input: StageInput<Needs | Id>, leaf: MeasuredLeaf) => readonly Solid[];
  readonly slots?: readonly ProductSlot<Needs | Id>[];
  /** Every type of product that belongs to it. */
  readonly products?: readonly ProductType[];
  /** The numbers a workshop needs, worked out when a sheet is asked for. */
  readonly prepare?: (input: StageInput<Needs | Id>) => Preparation | undefined;
}

/** A stage among others, whatever it decides. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyStage = StageDefinition<any, any, any>;

/** Defines a stage; its parts are held against each other by their types. */
export function defineStage<
  Id extends Stage,
  Needs extends Stage = never,
  D extends DecisionSpecs = DecisionSpecs,
>(stage: StageDefinition<Id, Needs, D>): StageDefinition<Id, Needs, D> {
  return stage;
}
