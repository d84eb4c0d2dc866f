import { hashOf } from '../checking/index.js';
import { decideOpening, decideOpenings, type DecidedOpening } from '../deciding/index.js';
import type { OpeningFacts, ProjectBasis, Message, Stage } from '../model/index.js';
import { assumptionsOf, type Assumption } from '../role/index.js';
import { fieldApplies, fieldOf, FIELDS, type Field } from '../stageRegistry/index.js';
import type { Addressee } from '../model/index.js';
import { addresseeOf } from './addressee.js';
import { answersTo, columnOf, type Answer } from './answers.js';
import type { Role } from '../roles/index.js';

export type FactValue = string | number | boolean;
type Patch = Partial<OpeningFacts>;

/** One of the likely answers to a question, with what it comes to for all its openings. */
export interface LikelyAnswer {
  value: FactValue;
  /** What it records. */
  patch: Patch;
  /** Open decisions that it would settle, less those that it opens. */
  settles: number;
  /** Stops and checks more (or fewer) than now. */
  findings: number;
}

/** One opening that a question is about. */
export interface AskedOpening {
  id: string;
  mark: string;
  /** What of it is recorded when the assumption is confirmed; empty where nothing is assumed. */
  confirm: Patch;
}

/** A question that stands for many openings: what is open, or what was assumed and nobody confirmed. */
export interface ProjectQuestion {
  key: string;
  /** A short name by which its answer is found again, the same while the question is. */
  ref: string;
  about: 'open' | 'assumed';
  /** What recording decides it; of a bundle of assumptions the first. */
  fact: string;
  /** The column of a list that an answer is read as: `size` and `hand` give several facts. */
  column: string;
  stage: Stage;
  /** The question of one of them, or why it is assumed. */
  said: Message;
  role: Role | undefined;
  openings: readonly AskedOpening[];
  /** Facts and values that are assumed together. */
  assumed: readonly { fact: string; value: FactValue }[];
  answers: readonly LikelyAnswer[];
  /** The most that one answer settles; of an assumption the facts that confirming records. */
  settles: number;
  goesTo: Addressee;
}

/** What is asked of every door alike, whatever it is. */
const EACH_DOOR: ReadonlySet<string> = new Set([
  'size',
  'hand',
  'rating',
  'finish',
  'frameMaterial',
]);

/** Questions about rooms, people and wires: whatever leaves stand between them. */
const ANY_KIND: ReadonlySet<string> = new Set(['occupants', 'occupancy', 'escape', 'cableRun']);

const FIELD_NAMES: ReadonlySet<string> = new Set(FIELDS.map(({ name }) => name));

interface Group {
  key: string;
  about: ProjectQuestion['about'];
  fact: string;
  column: string;
  role: Role | undefined;
  openings: AskedOpening[];
  /** Openings of which one stands for all. */
  first: { id: string; facts: OpeningFacts };
  /** Open decisions that name the fact, in all openings. */
  named: number;
  assumed: { fact: string; value: FactValue }[];
}

/**
 * The fewest questions that decide the most: open decisions and unconfirmed assumptions of a project, put
 * together where it is the same question of the same kind of opening, ranked by what an answer settles. What an
 * answer comes to is worked out on one opening of each group and counted for all.
 */
export function questionsOf(
  openings: readonly { id: string; facts: OpeningFacts }[],
  basis: ProjectBasis,
): ProjectQuestion[] {
  const groups = new Map<string, Group>();
  for (const [{ id, facts }, decided] of decideOpenings(openings, basis, { explain: false })) {
    const at: Asked = { id, facts, mark: facts.mark, decided };
    groupOpen(groups, at);
    groupAssumed(groups, at);
  }
  return [...groups.values()]
    .map((group) => questionOf(group, basis))
    .sort(
      (a, b) =>
        Number(a.about === 'assumed') - Number(b.about === 'assumed') ||
        b.settles - a.settles ||
        b.openings.length - a.openings.length ||
        (a.key < b.key ? -1 : 1),
    );
}

interface Asked {
  id: string;
  facts: OpeningFacts;
  mark: string;
  decided: DecidedOpening;
}

function groupFor(
  groups: Map<string, Group>,
  { id, facts }: Asked,
  key: string,
  about: Group['about'],
  fact: string,
  role: Role | undefined,
): Group {
  let group = groups.get(key);
  if (!group)
    groups.set(
      key,
      (group = {
        key,
        about,
        fact,
        column: columnOf(fact),
        role,
        openings: [],
        first: { id, facts },
        named: 0,
        assumed: [],
      }),
    );
  return group;
}

/** Each open decision is asked by the first fact it names that nobody recorded; the size goes before what waits for it. */
function groupOpen(groups: Map<string, Group>, asked: Asked): void {
  const { id, mark, facts, decided } = asked;
  const { opening, sizing } = decided.results;
  const sized = sizing.frameWidth !== undefined || sizing.leaves[0]?.width !== undefined;
  const named = new Map<string, { fact: string; count: number }>();
  for (const { status, stage, facts: names } of decided.decisions) {
    if (status !== 'open') continue;
    const open = names.filter(
      (name) =>
        facts[name as keyof OpeningFacts] === undefined &&
        FIELD_NAMES.has(name) &&
        !(sized && columnOf(name) === 'size') &&
        fieldApplies(name as Field['name'], facts.kind),
    );
    const waits = !sized && (stage === 'sizing' || stage === 'hanging' || stage === 'sealing');
    const fact = waits ? (open.find((name) => columnOf(name) === 'size') ?? 'frameWidth') : open[0];
    if (!fact) continue;
    const column = columnOf(fact);
    const one = named.get(column);
    if (one) one.count += 1;
    else named.set(column, { fact, count: 1 });
  }
  for (const [column, { fact, count }] of named) {
    const { role } = opening;
    const like = EACH_DOOR.has(column) ? '' : column === 'role' ? facts.exterior : role;
    const kind = ANY_KIND.has(column) ? '' : facts.kind;
    const key = `open ${column} ${String(like)} ${kind}`;
    const group = groupFor(groups, asked, key, 'open', fact, role);
    group.openings.push({ id, mark, confirm: {} });
    group.named += count;
  }
}

/** A role with all that follows of it; what is usual by its value; the rest each together. */
function bundleOf({ fact, value }: Assumption, role: Role | undefined): string {
  switch (fact) {
    case 'frameMaterial':
    case 'leafConstruction':
    case 'leafEdge':
    case 'finish':
    case 'escape':
      return `assumed ${fact} ${String(value)}`;
    case 'exterior':
    case 'accessible':
    case 'occupants':
    case 'stopSeal':
      return `assumed ${fact}`;
    default:
      return `assumed as ${role}`;
  }
}

function groupAssumed(groups: Map<string, Group>, asked: Asked): void {
  const { id, mark, decided } = asked;
  const { role } = decided.results.opening;
  const mine = new Map<string, AskedOpening>();
  for (const assumption of assumptionsOf(decided)) {
    const { fact, value } = assumption;
    if (!FIELD_NAMES.has(fact)) continue;
    const key = bundleOf(assumption, role);
    const group = groupFor(groups, asked, key, 'assumed', fact, role);
    let one = mine.get(key);
    if (!one) {
      mine.set(key, (one = { id, mark, confirm: {} }));
      group.openings.push(one);
    }
    one.confirm = { ...one.confirm, [fact]: value };
    group.named += 1;
    if (!group.assumed.some((other) => other.fact === fact)) group.assumed.push({ fact, value });
  }
}

function questionOf(group: Group, basis: ProjectBasis): ProjectQuestion {
  const { key, about, fact, role, openings, first, named, assumed } = group;
  const decided = decideOpening(first.facts, basis);
  const base = {
    key,
    ref: hashOf(key).slice(0, 6).toUpperCase(),
    about,
    fact,
    column: group.column,
    stage: fieldOf(fact)!.stage,
    role,
    openings,
    assumed,
    goesTo: addresseeOf(fact),
  };
  if (about === 'assumed') {
    const because = assumptionsOf(decided).find((one) => one.fact === fact)?.because;
    return {
      ...base,
      said: because ?? { code: 'ask.confirm', params: {} },
      answers: [],
      settles: named,
    };
  }
  const waiting = decided.decisions.filter(
    ({ status, facts }) => status === 'open' && facts.includes(fact),
  );
  // That something waits for the size is no question of its own.
  const asking = waiting.find(({ question }) => question?.code !== 'ask.sizeFirst');
  const answers = answersTo(group.column, decided, basis).map((answer) =>
    consequence(answer, first.facts, decided, basis, openings.length),
  );
  return {
    ...base,
    said: asking?.question ?? { code: 'ask.fact', params: { fact: { term: `fact.${fact}` } } },
    answers: answers.flatMap(({ offered, ...answer }) => (offered ? answer : [])),
    settles: Math.max(answers.length === 0 ? named : 0, ...answers.map(({ settles }) => settles)),
  };
}

/** What an answer comes to for one opening, counted for all. */
function consequence(
  { value, patch, offered }: Answer,
  facts: OpeningFacts,
  now: DecidedOpening,
  basis: ProjectBasis,
  count: number,
): LikelyAnswer & { offered: boolean } {
  const then = decideOpening({ ...facts, ...patch }, basis, { explain: false });
  return {
    value,
    patch,
    offered,
    settles: (openIn(now) - openIn(then)) * count,
    findings: (graveIn(then) - graveIn(now)) * count,
  };
}

const openIn = ({ decisions }: DecidedOpening) =>
  decisions.filter(({ status }) => status === 'open').length;

const graveIn = ({ findings }: DecidedOpening) =>
  findings.filter(({ level, accepted }) => level !== 'note' && !accepted).length;
