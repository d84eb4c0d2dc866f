import type { Rounding } from '../measure/index.js';
import type {
  Alternative,
  Basis,
  Decision,
  Finding,
  Item,
  Said,
  Solid,
  Value,
} from './decision.js';
import type { DecisionSpec, DecisionSpecs, DecisionTable, NativeOf } from './decisionSpec.js';
import type { Fact } from './factSpec.js';
import { known } from './facts.js';
import type { LeafId } from './kinds.js';
import type { OpeningFacts, Stage } from './registry.js';
import { said, type MessageCode } from './said.js';

/** What explains a decision is worked out only when somebody asks. */
export type Why = () => Said[];

interface Told {
  leaf?: LeafId | undefined;
  reasons?: Why;
  /** Facts whose recording would change or settle the decision. */
  facts?: readonly string[];
}

interface DecideOptions extends Told {
  basis?: Basis | undefined;
  /** Of a length, where it is not rounded as usual. */
  rounding?: Rounding;
}

interface ProposeOptions<T> extends Told {
  reasons: Why;
  alternatives: () => Alternative[];
  /** The least and the most of a number, where its description gives none. */
  within?: readonly [number, number];
  /** How the value is shown, where its description does not know. */
  asValue?: (value: T) => Value;
}

interface AskOptions extends Told {
  alternatives?: () => Alternative[];
}

/** What of a decision its name and options do not say. */
type Taken = Pick<Decision, 'status' | 'basis' | 'reasons'> & {
  value?: Value | undefined;
  question?: Said | undefined;
  alternatives?: readonly Alternative[] | undefined;
  chosenBecause?: string | undefined;
  insteadOf?: Value | undefined;
};

const NONE: readonly never[] = [];
const NOTHING = {};

/** What a stage recorded, with nothing left to be added. */
export interface Recorded {
  readonly decisions: readonly Decision[];
  readonly items: readonly Item[];
  readonly solids: readonly Solid[];
  readonly findings: readonly Finding[];
}

/**
 * Takes down what a stage decides, asks and finds, and lets the choices people made hold. Reasons,
 * alternatives and questions are worked out only where they are asked for (`explains`); everything else
 * is the same either way.
 */
export class Recorder<D extends DecisionSpecs = DecisionSpecs> implements Recorded {
  readonly decisions: Decision[] = [];
  readonly items: Item[] = [];
  readonly solids: Solid[] = [];
  readonly findings: Finding[] = [];

  constructor(
    readonly facts: OpeningFacts,
    readonly stage: Stage,
    private readonly table: DecisionTable<D>,
    readonly explains = true,
  ) {}

  /** A decision's key. */
  key(name: keyof D & string, leaf: LeafId = 'leaf'): string {
    return this.table.keys[name]![leaf];
  }

  /** A fact's value; undefined when it is absent or unknown. */
  fact<K extends keyof OpeningFacts>(
    name: K,
  ): Exclude<OpeningFacts[K], 'unknown' | undefined> | undefined {
    return known(this.facts[name] as Fact<Exclude<OpeningFacts[K], 'unknown' | undefined>>);
  }

  /** The basis of a recorded figure: measured when it was so marked, else given. */
  basisOf(fact: string): Basis {
    return this.facts.how?.[fact] === 'measured' ? 'measured' : 'given';
  }

  /** A decision that stands as computed: no choosing otherwise (change the facts instead). */
  decide<N extends keyof D & string>(
    name: N,
    value: NativeOf<D[N]>,
    options: DecideOptions = NOTHING,
  ): void {
    this.take(name, options, {
      status: 'decided',
      basis: options.basis ?? 'derived',
      value: this.spec(name).toValue(value, options.rounding),
      reasons: this.explain(options.reasons),
    });
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
    const spec = this.spec(name);
    const asValue = options.asValue ?? ((native: NativeOf<D[N]>) => spec.toValue(native));
    const choice = this.facts.choices?.[this.key(name, options.leaf)];
    const alternatives = choice !== undefined || this.explains ? options.alternatives() : NONE;
    const holds =
      choice !== undefined &&
      typeof choice.value === typeof derived &&
      (typeof choice.value === 'number'
        ? isWithin(choice.value, options.within ?? spec.within ?? rangeOf(alternatives))
        : alternatives.some((other) => other.value === choice.value));
    if (!holds) {
      this.take(name, options, {
        status: (derived as unknown) === 'none' ? 'none' : 'decided',
        basis: 'derived',
        value: asValue(derived),
        reasons: this.explain(options.reasons),
        alternatives: this.explains ? alternatives : undefined,
      });
      return derived;
    }
    const chosen = choice.value as NativeOf<D[N]>;
    const against =
      chosen === derived
        ? undefined
        : alternatives.find((other) => other.value === choice.value)?.against;
    this.take(name, options, {
      status: choice.value === 'none' ? 'none' : 'decided',
      basis: 'chosen',
      value: asValue(chosen),
      reasons: this.explain(() => [
        said('chosen.because', { reason: choice.reason }),
        ...(against ? [against] : []),
      ]),
      alternatives: this.explains ? alternatives : undefined,
      chosenBecause: choice.reason,
      insteadOf: asValue(derived),
    });
    return chosen;
  }

  /** An open decision with the one question that would decide it. */
  ask<N extends keyof D & string>(
    name: N,
    question: MessageCode | (() => Said),
    facts: readonly string[],
    options: AskOptions = NOTHING,
  ): void {
    this.take(
      name,
      { leaf: options.leaf, facts },
      {
        status: 'open',
        basis: 'derived',
        reasons: this.explain(options.reasons),
        question: !this.explains
          ? undefined
          : typeof question === 'string'
            ? { code: question, params: {} }
            : question(),
        alternatives: this.explains ? options.alternatives?.() : undefined,
      },
    );
  }

  /** A finding about what was decided or recorded, with its source and the parts it points at. */
  report<Code extends MessageCode>(
    level: Finding['level'],
    code: Code,
    params: Parameters<typeof said<Code>>[1] & object,
    source: string,
    parts: string[],
  ): void {
    this.findings.push({
      level,
      code,
      params: params as Said['params'],
      source,
      parts,
      stage: this.stage,
    });
  }

  private spec<N extends keyof D & string>(name: N): DecisionSpec<NativeOf<D[N]>> {
    return this.table.specs[name] as unknown as DecisionSpec<NativeOf<D[N]>>;
  }

  private explain(why: Why | undefined): readonly Said[] {
    return why && this.explains ? why() : NONE;
  }

  /** Every decision has all its fields, in one order: one shape keeps ten thousand openings fast. */
  private take(name: keyof D & string, told: Pick<Told, 'leaf' | 'facts'>, rest: Taken): void {
    const leaf = told.leaf === 'leaf' ? undefined : told.leaf;
    this.decisions.push({
      key: this.table.keys[name]![told.leaf ?? 'leaf'],
      stage: this.stage,
      name,
      leaf,
      status: rest.status,
      basis: rest.basis,
      value: rest.value,
      reasons: rest.reasons,
      question: rest.question,
      facts: told.facts ?? NONE,
      alternatives: rest.alternatives ?? NONE,
      chosenBecause: rest.chosenBecause,
      insteadOf: rest.insteadOf,
    });
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
