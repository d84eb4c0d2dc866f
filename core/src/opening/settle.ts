import type { Alternative, Basis, Decision, Said, StageOutcome, Value } from './decision.js';
import { known, type Fact, type LeafId, type OpeningFacts } from './facts.js';
import type { Stage } from './stages.js';

/** Collects one stage's decisions, applying what a person chose otherwise. */
export class Settling implements StageOutcome {
  decisions: StageOutcome['decisions'] = [];
  items: StageOutcome['items'] = [];
  solids: StageOutcome['solids'] = [];
  findings: StageOutcome['findings'] = [];

  constructor(
    readonly facts: OpeningFacts,
    readonly stage: Stage,
  ) {}

  key(name: string, leaf?: LeafId): string {
    return leaf && leaf !== 'leaf' ? `${this.stage}.${name}@${leaf}` : `${this.stage}.${name}`;
  }

  /** The basis of a recorded figure: measured when it was so marked, else given. */
  basisOf(fact: string): Basis {
    return this.facts.how?.[fact] === 'measured' ? 'measured' : 'given';
  }

  /** Every decision has all its fields, in one order: one shape keeps ten thousand openings fast. */
  private push(
    name: string,
    leaf: LeafId | undefined,
    rest: Omit<Decision, 'key' | 'stage' | 'name' | 'leaf'>,
  ): Decision {
    const decision: Decision = {
      key: this.key(name, leaf),
      stage: this.stage,
      name,
      leaf: leaf === 'leaf' ? undefined : leaf,
      status: rest.status,
      basis: rest.basis,
      value: rest.value,
      reasons: rest.reasons,
      question: rest.question,
      facts: rest.facts,
      alternatives: rest.alternatives,
      chosenBecause: rest.chosenBecause,
      insteadOf: rest.insteadOf,
    };
    this.decisions.push(decision);
    return decision;
  }

  /** A decision that stands as computed: no choosing otherwise (change the facts instead). */
  fix(
    name: string,
    value: Value,
    options: { basis?: Basis; reasons?: Said[]; facts?: string[]; leaf?: LeafId | undefined } = {},
  ): Decision {
    return this.push(name, options.leaf, {
      status: 'decided',
      basis: options.basis ?? 'derived',
      value,
      reasons: options.reasons ?? [],
      facts: options.facts ?? [],
      alternatives: [],
    });
  }

  /**
   * A decision a person may take otherwise: among the alternatives where they are terms; where they are
   * numbers, any whole one that can be made (`within`, else from half the least alternative to twice the
   * greatest). Returns what holds, which is what is recorded; a choice outside is told by
   * `choiceFindings`.
   */
  choose<T extends string | number>(
    name: string,
    derived: T,
    asValue: (value: T) => Value,
    options: {
      reasons: Said[];
      alternatives: Alternative[];
      facts?: string[];
      leaf?: LeafId | undefined;
      within?: readonly [number, number];
    },
  ): T {
    const choice = this.facts.choices?.[this.key(name, options.leaf)];
    const allowed =
      choice !== undefined &&
      typeof choice.value === typeof derived &&
      (typeof choice.value === 'number'
        ? isWithin(choice.value, options.within ?? rangeOf(options.alternatives))
        : options.alternatives.some((other) => other.value === choice.value));
    const holds = allowed ? (choice.value as T) : derived;
    const against = allowed
      ? options.alternatives.find((other) => other.value === holds)?.against
      : undefined;
    this.push(name, options.leaf, {
      status: holds === 'none' ? 'none' : 'decided',
      basis: allowed ? 'chosen' : 'derived',
      value: asValue(holds),
      reasons: allowed
        ? [
            { code: 'chosen.because', params: { reason: choice.reason } },
            ...(against && holds !== derived ? [against] : []),
          ]
        : options.reasons,
      facts: options.facts ?? [],
      alternatives: options.alternatives,
      chosenBecause: allowed ? choice.reason : undefined,
      insteadOf: allowed ? asValue(derived) : undefined,
    });
    return holds;
  }

  /** An open decision with the one question that would decide it. */
  open(
    name: string,
    question: Said,
    facts: string[],
    options: { leaf?: LeafId | undefined; reasons?: Said[]; alternatives?: Alternative[] } = {},
  ): void {
    this.push(name, options.leaf, {
      status: 'open',
      basis: 'derived',
      reasons: options.reasons ?? [],
      question,
      facts,
      alternatives: options.alternatives ?? [],
    });
  }

  find(
    level: 'stop' | 'check' | 'note',
    code: string,
    params: Said['params'],
    source: string,
    parts: string[],
  ): void {
    this.findings.push({ level, code, params, source, parts, stage: this.stage });
  }

  fact<K extends keyof OpeningFacts>(
    name: K,
  ): Exclude<OpeningFacts[K], 'unknown' | undefined> | undefined {
    return known(this.facts[name] as Fact<Exclude<OpeningFacts[K], 'unknown' | undefined>>);
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

export function term(code: string): Value {
  return { type: 'term', term: code };
}

export function length(ticks: number, rounding: 'down' | 'nearest' | 'up' = 'nearest'): Value {
  return { type: 'length', ticks, rounding };
}

export function said(code: string, params: Said['params'] = {}): Said {
  return { code, params };
}
