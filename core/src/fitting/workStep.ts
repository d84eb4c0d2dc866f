import { type DecidedOpening } from '../deciding/index.js';
import { type Item, type Message, type Value } from '../model/index.js';

/** Where in the work a step belongs. */
export const WORK_PARTS = [
  'before',
  'leaf',
  'hang',
  'lock',
  'close',
  'protect',
  'seal',
  'power',
  'finish',
  'off',
  'on',
] as const;
export type WorkPart = (typeof WORK_PARTS)[number];

/** A number of this opening that a step needs. */
export interface WorkFigure {
  /** Term code of what it is. */
  name: string;
  value: Value;
}

/** One step of the work at an opening. */
export interface WorkStep {
  /** The same on every device and in every version: what is ticked is kept by it. */
  id: string;
  part: WorkPart;
  /** Which leaf of a pair it is done to, as a term; both have their own steps. */
  leaf?: string | undefined;
  say: Message;
  figures: WorkFigure[];
  /** Term codes. */
  tools: string[];
  /** What of the set is fitted in it. */
  items: readonly Item[];
  cares: Message[];
}

/** Puts steps together from what an opening decided. */
export class Steps {
  readonly list: WorkStep[] = [];
  /** What the leaves of a pair are called. */
  named: Readonly<Record<'inactive' | 'active', string>> = {
    inactive: 'leaf.inactive',
    active: 'leaf.active',
  };

  constructor(private readonly decided: DecidedOpening) {}

  /** A step with the figures of some decisions, those that are open or not there left out. */
  add(
    part: WorkPart,
    id: string,
    say: Message,
    {
      figures = [],
      more = [],
      tools = [],
      items = [],
      cares = [],
      under = part,
      leaf,
    }: {
      figures?: readonly `${string}.${string}`[];
      more?: WorkFigure[];
      tools?: string[];
      items?: readonly Item[];
      cares?: Message[];
      /** The part it stands under, where its id is of another: what was ticked stays ticked. */
      under?: WorkPart;
      leaf?: 'inactive' | undefined | 'active';
    } = {},
  ): void {
    this.list.push({
      // The active leaf keeps the ids that a single leaf has.
      id: `${part}.${id}${leaf === 'inactive' ? '@inactive' : ''}`,
      part: under,
      leaf: leaf && this.named[leaf],
      say,
      figures: [...figures.flatMap((key) => this.figures(key)), ...more],
      tools: tools.map((tool) => `tool.${tool}`),
      items,
      cares,
    });
  }

  private figures(key: string): WorkFigure[] {
    const [stage, name] = key.split('.');
    const found = this.decided.decisions.filter(
      (one) => one.stage === stage && one.name === name && one.status === 'decided' && one.value,
    );
    const distinct = new Map(found.map((one) => [JSON.stringify(one.value), one.value!]));
    return [...distinct.values()].map((value) => ({ name: `name.${key}`, value }));
  }
}
