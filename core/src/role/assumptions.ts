import { memoize } from '../measure/index.js';
import {
  valueOrUndefined,
  message,
  type OpeningFacts,
  type Results,
  type Message,
  type EgressFlow,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import {
  assumedBy,
  isTight,
  restsOnSeal,
  smokeBy,
  soundBy,
  usualAround,
  type Part,
} from './assumes.js';
import type { TwoRooms } from './guess.js';
import { usualMake } from './make.js';
import { spacesOf } from './spaces.js';
import type { Role } from '../roles/index.js';

/** One fact that is taken so because nobody recorded it. */
export interface Assumption {
  fact: keyof OpeningFacts & string;
  value: string | number | boolean;
  /** Why it is; undefined where it was decided without explanations. */
  because: Message | undefined;
}

/**
 * What of an opening is assumed, in the order it follows: what the door is, which way people leave by it, then
 * what comes of that. Recording a fact confirms or replaces it.
 */
export function assumptionsOf({
  facts,
  results,
}: {
  facts: OpeningFacts;
  results: Results;
}): Assumption[] {
  const { role, guessed, escape, escapeBecause, assumed, because } = results.opening;
  const list: Assumption[] = [];
  if (role && guessed)
    list.push({
      fact: 'role',
      value: role,
      because: message('role.guessed', { from: facts.from ?? '–', to: facts.to ?? '–' }),
    });
  if (escape && escapeBecause) list.push({ fact: 'escape', value: escape, because: escapeBecause });
  for (const [fact, value] of Object.entries(assumed))
    list.push({
      fact: fact as Assumption['fact'],
      value: value as Assumption['value'],
      because: because[fact],
    });
  return list;
}

const ACCESSIBLE: Part = { accessible: true };
const SAYS_SO =
  /(?<![\p{L}])(?:accessible|disabled|wheelchair|dda|dwc|pwd|changing places?|barrierefrei\p{L}*|behinderten\p{L}*|rollstuhl\p{L}*|beh\.?-wc)(?![\p{L}])/iu;

/** Whether a room says itself that people with a wheelchair use it. */
const isAccessible = ({ from, to }: TwoRooms): boolean =>
  (from !== undefined && saysSo(SAYS_SO, from)) || (to !== undefined && saysSo(SAYS_SO, to));
const saysSo = memoize((words: RegExp, name: string) => words.test(name));

/** What is assumed, by what it follows from. */
export type AssumptionParts = Readonly<
  Record<
    'named' | 'outer' | 'make' | 'smoke' | 'sound' | 'around' | 'follows' | 'people' | 'rests',
    Part
  >
>;

/** What is assumed of an opening where nobody recorded it. */
export function assumptionParts(
  role: Role | undefined,
  facts: OpeningFacts,
  practice: Practice,
  rooms: TwoRooms,
  way: EgressFlow | undefined,
): AssumptionParts {
  const outer = exteriorOf(facts, rooms);
  const exterior = (outer.exterior ?? facts.exterior) === true;
  const people = peopleBy(facts, practice, way);
  const named: Part = facts.accessible === undefined && isAccessible(rooms) ? ACCESSIBLE : {};
  const make: Part = role ? usualMake(role, facts, practice, exterior) : {};
  if (facts.finish === undefined) make.finish = practice.values.finishUsual.value;
  const smoke = smokeBy(role, facts, practice, rooms, exterior);
  // Seals against smoke stay those that were tested with the leaf.
  const sound = (smoke.smoke ?? facts.smoke) === true ? {} : soundBy(role, facts, practice);
  const tight = isTight(facts, role, exterior) || smoke.smoke === true || sound.sound !== undefined;
  const given = valueOrUndefined(facts.role) !== undefined;
  return {
    named,
    outer,
    make,
    smoke,
    sound,
    follows: role ? assumedBy(role, { ...facts, ...named }, practice, given, exterior) : {},
    people,
    around: usualAround(facts, role, practice, exterior, tight),
    rests: restsOnSeal(facts, tight),
  };
}

/** Why each assumed fact is assumed. */
export function reasonsFor(
  role: Role | undefined,
  facts: OpeningFacts,
  practice: Practice,
  { named, outer, make, smoke, sound, around, follows, people, rests }: AssumptionParts,
  way: EgressFlow | undefined,
): Record<string, Message> {
  const of = (part: Part, because: () => Message) =>
    Object.keys(part).map((name): [string, Message] => [name, because()]);
  const [from, to] = [facts.from ?? '–', facts.to ?? '–'];
  const what = { role: { term: `role.${role}` } };
  return Object.fromEntries([
    ...of(named, () => message('assumed.accessible', { from, to })),
    ...of(outer, () => message('assumed.exterior', { from, to })),
    ...of(make, () =>
      role
        ? message('assumed.make', { ...what, practice: practice.name })
        : message('assumed.usual', { practice: practice.name }),
    ),
    ...of(smoke, () => smokeBecause(role, facts, practice)),
    ...of(sound, () =>
      message('assumed.sound', { ...what, source: practice.values.roleSound.source }),
    ),
    ...of(around, () => message('assumed.usual', { practice: practice.name })),
    ...of(follows, () => message('assumed.role', what)),
    ...of('accessible' in follows ? ACCESSIBLE : {}, () =>
      message('assumed.route', { source: practice.values.roleAccessible.source }),
    ),
    ...of(people, () => peopleBecause(way!)),
    ...of(rests, () => message('assumed.seal')),
  ]);
}

/** Why it holds smoke back: what it is, or that it stands in a corridor. */
function smokeBecause(role: Role | undefined, facts: OpeningFacts, { values }: Practice): Message {
  const { roleSmoke, corridorSmoke } = values;
  return role === undefined || roleSmoke.value[role] === 'never'
    ? message('assumed.smoke.corridor', {
        minutes: valueOrUndefined(facts.rating) ?? 0,
        source: corridorSmoke.source,
      })
    : message('assumed.smoke.role', { role: { term: `role.${role}` }, source: roleSmoke.source });
}

/** Where the number of people comes from. */
export function peopleBecause({ whole, people }: EgressFlow): Message {
  return message(whole ? 'assumed.people' : 'assumed.peopleAtLeast', { people });
}

/** One side in the open is enough, unless both are. */
function exteriorOf(facts: OpeningFacts, rooms: TwoRooms): Part {
  if (facts.exterior !== undefined) return {};
  const [one, two] = spacesOf(rooms);
  if (one === undefined || two === undefined || (one === 'outdoors') === (two === 'outdoors'))
    return {};
  return { exterior: true };
}

/** Who leaves by it, by the graph of rooms; so many that it matters make it a way out. */
function peopleBy(facts: OpeningFacts, { values }: Practice, way: EgressFlow | undefined): Part {
  if (!way?.escape || way.people === 0 || facts.egress === false) return {};
  const many = way.people >= values.panicFrom.value * values.panicNear.value;
  const part: Part = {};
  if (facts.occupants === undefined) part.occupants = way.people;
  if (facts.egress === undefined && many) part.egress = true;
  return part;
}
