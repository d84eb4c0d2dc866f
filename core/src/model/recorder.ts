import type { LevelOf, RuleCode } from './rule.js';
import type { Rounding } from '../measure/index.js';
import { sourceIn, type Citing, type SourceBy } from '../practice/index.js';
import type {
  Alternative,
  Basis,
  Decision,
  Finding,
  Item,
  Message,
  Solid,
  Value,
} from './decision.js';
import type {
  DecisionSpec,
  DecisionSpecs,
  DecisionTable,
  LeafKeys,
  NativeOf,
} from './decisionSpec.js';
import type { Fact } from './factSpec.js';
import { valueOrUndefined } from './facts.js';
import type { LeafId } from './kinds.js';
import type { OpeningFacts, Stage } from './registry.js';
import { message, type MessageCode } from './message.js';

/** What explains a decision is worked out only when somebody asks. */
export type Why = () => Message[];

interface Reported {
  leaf?: LeafId | undefined;
  reasons?: Why;
  /** Facts whose recording would change or settle the decision. */
  facts?: readonly string[];
}

interface DecideOptions extends Reported {
  basis?: Basis | undefined;
  /** Of a length, where it is not rounded as usual. */
  rounding?: Rounding;
}

interface ProposeOptions<T> extends Reported {
  reasons: Why;
  alternatives: () => Alternative[];
  /** What it rests on while nobody chose: derived, unless a guess. */
  basis?: Basis | undefined;
  /** The least and the most of a number, where its description gives none. */
  within?: readonly [number, number];
  /** How the value is shown, where its description does not know. */
  asValue?: (value: T) => Value;
}

interface AskOptions extends Reported {
  alternatives?: () => Alternative[];
}

const NONE: readonly never[] = [];
const NOTHING = {};

/** What the stages of an opening recorded, in their order. */
export interface Recorded {
  readonly decisions: Decision[];
  readonly items: Item[];
  readonly solids: Solid[];
  readonly findings: Finding[];
  /** Those of the decisions that are open. */
  readonly open: Decision[];
}

/** Nothing recorded yet. */
export function blankRecord(): Recorded {
  return { decisions: [], items: [], solids: [], findings: [], open: [] };
}

/**
 * Takes down what a stage decides, asks and finds, and lets the choices people made hold. Reasons,
 * alternatives and questions are worked out only where they are asked for (`explains`); everything else
 * is the same either way.
 */
export class Recorder<D extends DecisionSpecs = DecisionSpecs> {
  readonly items: Item[];
  readonly solids: Solid[];
  private readonly decisions: Decision[];
  private readonly findings: Finding[];
  private readonly open: Decision[];
  private readonly byName: DecisionTable<D>['byName'];

  /**
   * @param into what is recorded of the opening, to which the stage's part is added
   */
  constructor(
    readonly facts: OpeningFacts,
    readonly stage: Stage,
    table: DecisionTable<D>,
    into: Recorded,
    readonly practice: Citing,
    readonly explains = true,
  ) {
    this.byName = table.byName;
    this.decisions = into.decisions;
    this.items = into.items;
    this.solids = into.solids;
    this.findings = into.findings;
    this.open = into.open;
  }

  /** A decision's key. */
  key(name: keyof D & string, leaf: LeafId = 'leaf'): string {
    return this.byName.get(name)!.keys[leaf];
  }

  /** A fact's value; undefined when it is absent or unknown. */
  fact<K extends keyof OpeningFacts>(
    name: K,
  ): Exclude<OpeningFacts[K], 'unknown' | undefined> | undefined {
    return valueOrUndefined(
      this.facts[name] as Fact<Exclude<OpeningFacts[K], 'unknown' | undefined>>,
    );
  }

  /** The basis of a recorded figure: as it was marked, else given. */
  basisOf(fact: string): Basis {
    return this.facts.provenance?.[fact] ?? 'given';
  }

  /** A decision that stands as computed: no choosing otherwise (change the facts instead). */
  decide<N extends keyof D & string>(
    name: N,
    value: NativeOf<D[N]>,
    options: DecideOptions = NOTHING,
  ): void {
    const { spec, keys } = this.described(name);
    this.take(
      keys,
      name,
      options.leaf,
      'decided',
      options.basis ?? 'derived',
      spec.toValue(value, options.rounding),
      this.explains ? this.explain(options.reasons) : NONE,
      options.facts,
    );
  }

  /**
   * A decision a person may take otherwise: among the alternatives where they are terms; where they are
   * numbers, any whole one within its bounds (else from half the least alternative to twice the
   * greatest). Returns what holds, which is what is recorded; a choice outside is told by
   * `choiceFindings`.
   */
  propose<N extends keyof D & string>(
    name: N,
    derived: NativeOf<D[N]>,
    options: ProposeOptions<NativeOf<D[N]>>,
  ): NativeOf<D[N]> {
    const { spec, keys } = this.described(name);
    const asValue = options.asValue ?? spec.toValue;
    const { leaf, facts } = options;
    const choices = this.facts.choices;
    const choice = choices && choices[keys[leaf ?? 'leaf']];
    const alternatives = choice !== undefined || this.explains ? options.alternatives() : NONE;
    const holds =
      choice !== undefined &&
      typeof choice.value === typeof derived &&
      (typeof choice.value === 'number'
        ? isWithin(choice.value, options.within ?? spec.within ?? rangeOf(alternatives))
        : alternatives.some((other) => other.value === choice.value));
    if (!holds) {
      this.take(
        keys,
        name,
        leaf,
        (derived as unknown) === 'none' ? 'none' : 'decided',
        options.basis ?? 'derived',
        asValue(derived),
        this.explains ? this.explain(options.reasons) : NONE,
        facts,
        this.explains ? alternatives : NONE,
      );
      return derived;
    }
    const chosen = choice.value as NativeOf<D[N]>;
    const against =
      chosen === derived
        ? undefined
        : alternatives.find((other) => other.value === choice.value)?.against;
    const decision = this.take(
      keys,
      name,
      leaf,
      choice.value === 'none' ? 'none' : 'decided',
      'chosen',
      asValue(chosen),
      this.explain(() => [
        message('chosen.because', { reason: choice.reason }),
        ...(against ? [against] : []),
      ]),
      facts,
      this.explains ? alternatives : NONE,
    );
    decision.chosenBecause = choice.reason;
    decision.insteadOf = asValue(derived);
    return chosen;
  }

  /** An open decision with the one question that would decide it. */
  ask<N extends keyof D & string>(
    name: N,
    question: MessageCode | (() => Message),
    facts: readonly string[],
    options: AskOptions = NOTHING,
  ): void {
    const { keys } = this.described(name);
    const decision = this.take(
      keys,
      name,
      options.leaf,
      'open',
      'derived',
      undefined,
      this.explain(options.reasons),
      facts,
      (this.explains && options.alternatives?.()) || NONE,
    );
    this.open.push(decision);
    if (this.explains)
      decision.question =
        typeof question === 'string' ? { code: question, params: {} } : question();
  }

  /** A finding about what was decided or recorded, with its source and the parts it points at. */
  report<Code extends MessageCode & RuleCode>(
    level: LevelOf<Code>,
    code: Code,
    params: Parameters<typeof message<Code>>[1] & object,
    source: string | SourceBy,
    parts: string[],
  ): void {
    this.findings.push({
      level,
      code,
      params: params as Message['params'],
      source: sourceIn(source, this.practice),
      parts,
      stage: this.stage,
    });
  }

  private described<N extends keyof D & string>(name: N) {
    return this.byName.get(name) as unknown as {
      spec: DecisionSpec<NativeOf<D[N]>>;
      keys: LeafKeys;
    };
  }

  private explain(why: Why | undefined): readonly Message[] {
    return why && this.explains ? why() : NONE;
  }

  /** Every decision has all its fields, in one order: one shape keeps ten thousand openings fast. */
  private take(
    keys: LeafKeys,
    name: string,
    leaf: LeafId = 'leaf',
    status: Decision['status'],
    basis: Basis,
    value: Value | undefined,
    reasons: readonly Message[],
    facts: readonly string[] = NONE,
    alternatives: readonly Alternative[] = NONE,
  ): Decision {
    const decision: Decision = {
      key: keys[leaf],
      stage: this.stage,
      name,
      leaf: leaf === 'leaf' ? undefined : leaf,
      status,
      basis,
      value,
      reasons,
      question: undefined,
      facts,
      alternatives,
      chosenBecause: undefined,
      insteadOf: undefined,
    };
    this.decisions.push(decision);
    return decision;
  }
}

function isWithin(value: number, [least, most]: readonly [number, number]): boolean {
  return Number.isInteger(value) && value >= least && value <= most;
}

/** The numbers that may be chosen beside made ones: a special size, never one that is none. */
function rangeOf(alternatives: readonly Alternative[]): [number, number] {
  const numbers = alternatives.flatMap(({ value }) => (typeof value === 'number' ? [value] : []));
  return [Math.min(...numbers) / 2, Math.max(...numbers) * 2];
}

/** A value that is a term. */
export function term(code: string): Value {
  return { type: 'term', term: code };
}

/** A value that is a length. */
export function length(ticks: number, rounding: Rounding = 'nearest'): Value {
  return { type: 'length', ticks, rounding };
}
