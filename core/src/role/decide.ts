import {
  valueOrUndefined,
  roomNamed,
  message,
  wayBetween,
  type OpeningFacts,
  type Message,
  type EgressFlow,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { StageInput } from '../stageContract/index.js';
import { assumptionParts, peopleBecause, reasonsFor, type AssumptionParts } from './assumptions.js';
import { isForMany, isUncounted } from './crowds.js';
import type { RoleRecord } from './decisions.js';
import { guessEscape } from './escape.js';
import type { Escape } from './facts.js';
import { guessRole, type TwoRooms } from './guess.js';
import { likelyRoles } from './likely.js';
import { poolBeside } from './pool.js';
import { spacesOf } from './spaces.js';
import { type Role, ROLE } from '../roles/index.js';

/** What the opening is, and what follows of it for every stage. */
export interface WholeOpening {
  readonly role: Role | undefined;
  /** Whether it was guessed from the rooms, not recorded. */
  readonly guessed: boolean;
  /** The side with the pool, of a gate that keeps children from one. */
  readonly pool: 'from' | 'to' | undefined;
  /** Which way people leave through it; undefined while nothing tells, or where nobody does. */
  readonly escape: Escape | undefined;
  /** Why, where nobody recorded it. */
  readonly escapeBecause: Message | undefined;
  /** Facts that are taken so because nobody recorded them. */
  readonly assumed: Partial<OpeningFacts>;
  /** Why each of them is; empty unless somebody asks. */
  readonly because: Readonly<Record<string, Message>>;
}

/** Decides what a door is and which way people leave by it: as recorded, else guessed from its rooms. */
export function decideWhole(
  { facts, practice, project }: StageInput,
  record: RoleRecord,
): WholeOpening {
  const rooms: TwoRooms = {
    from: facts.from,
    to: facts.to,
    fromUse: roomNamed(facts.from, project)?.use,
    toUse: roomNamed(facts.to, project)?.use,
    exterior: valueOrUndefined(facts.exterior),
    ofBuilding: isOfBuilding(facts, practice),
  };
  const recorded = valueOrUndefined(record.facts.role);
  const role = recorded ?? guessRole(rooms, practice);
  if (role)
    record.decide('role', role, {
      basis: recorded ? record.basisOf('role') : 'assumed',
      reasons: () =>
        recorded ? [] : [message('role.guessed', { from: facts.from ?? '–', to: facts.to ?? '–' })],
      facts: ['role', 'from', 'to'],
    });
  else if (facts.lockUse === undefined && facts.lockKind === undefined && facts.secured !== false) {
    const likely = likelyRoles(rooms, facts);
    record.ask(
      'role',
      () =>
        likely
          ? message('ask.role', {
              first: { term: `role.${likely[0]}` },
              second: { term: `role.${likely[1]}` },
              third: { term: `role.${likely[2]}` },
            })
          : message('ask.roleNamed', {
              rooms: [rooms.from, rooms.to].filter((name) => name !== undefined).join(', '),
            }),
      ['role', 'lockUse'],
    );
  }
  const way = wayBetween(facts.from, facts.to, project);
  const parts = assumptionParts(role, facts, practice, rooms, way);
  const { named, outer, make, smoke, sound, around, follows, people, rests } = parts;
  const assumed: Partial<OpeningFacts> = Object.assign(
    {},
    named,
    outer,
    make,
    smoke,
    sound,
    around,
    follows,
    people,
    rests,
  );
  const egress = valueOrUndefined(facts.egress) ?? assumed.egress;
  const { escape, why } = egress === true ? decideEscape(record, rooms, way) : NO_ESCAPE;
  decidePeople(record, facts, parts, assumed, role, practice, way);
  askOccupancy(record, facts, assumed, practice);
  return {
    role,
    guessed: role !== undefined && recorded === undefined,
    pool: poolBeside(facts, role),
    escape,
    escapeBecause: why,
    assumed,
    because: record.explains ? reasonsFor(role, facts, practice, parts, way) : {},
  };
}

/** Groups that live in what may be a house. */
const AT_HOME: ReadonlySet<unknown> = new Set(['dwelling', 'residential']);

/** Whether what is recorded says that no household is behind it. */
function isOfBuilding({ occupancy, occupants }: OpeningFacts, { values }: Practice): boolean {
  const group = valueOrUndefined(occupancy);
  const people = valueOrUndefined(occupants) ?? 0;
  return group !== undefined ? !AT_HOME.has(group) : people >= values.panicFrom.value;
}

const NO_ESCAPE = { escape: undefined, why: undefined };

/** Towards the open by the graph of rooms where there is one, else by what the two spaces are. */
function decideEscape(
  record: RoleRecord,
  rooms: TwoRooms,
  way: EgressFlow | undefined,
): { escape: Escape | undefined; why: Message | undefined } {
  const recorded = valueOrUndefined(record.facts.escape);
  const escape = recorded ?? way?.escape ?? guessEscape(...spacesOf(rooms));
  if (!escape) {
    record.ask('escape', 'ask.escape', ['escape']);
    return NO_ESCAPE;
  }
  const why = recorded
    ? undefined
    : way?.escape
      ? way.people > 0
        ? message('role.escapeWays', { people: way.people })
        : message('role.escapeUncounted')
      : message('role.escapeGuessed', {});
  record.decide('escape', escape, {
    basis: recorded ? record.basisOf('escape') : 'assumed',
    reasons: () => (why ? [why] : []),
    facts: ['escape', 'from', 'to'],
  });
  return { escape, why };
}

/** How many people leave by it; asked where their number decides whether a device is wanted. */
function decidePeople(
  record: RoleRecord,
  facts: OpeningFacts,
  { people }: AssumptionParts,
  assumed: Partial<OpeningFacts>,
  role: Role | undefined,
  { values }: StageInput['practice'],
  way: EgressFlow | undefined,
): void {
  const recorded = valueOrUndefined(facts.occupants);
  const number = recorded ?? valueOrUndefined(people.occupants);
  if (number !== undefined) {
    record.decide('people', number, {
      basis: recorded === undefined ? 'assumed' : record.basisOf('occupants'),
      reasons: () => (recorded === undefined ? [peopleBecause(way!)] : []),
      facts: ['occupants'],
    });
    return;
  }
  const from = values.panicPeople.value.assembly;
  const egress = valueOrUndefined(facts.egress) ?? assumed.egress;
  const uncounted =
    isUncounted(facts, role) ||
    (role !== undefined && ROLE[role].escape.common && isForMany({ ...facts, egress }, role));
  if (
    (!(role !== undefined && ROLE[role].escape.asksPeople) && !uncounted) ||
    from === 0 ||
    facts.egress === false
  )
    return;
  record.ask('people', () => message(uncounted ? 'ask.peopleLeaving' : 'ask.people', { from }), [
    'occupants',
  ]);
}

/** The occupancy is asked for where the number of people is near the limit and limits differ by it. */
function askOccupancy(
  record: RoleRecord,
  facts: OpeningFacts,
  assumed: Partial<OpeningFacts>,
  { values }: StageInput['practice'],
): void {
  const recorded = valueOrUndefined(record.facts.occupancy);
  const occupancy = recorded ?? valueOrUndefined(assumed.occupancy);
  if (occupancy) {
    record.decide('occupancy', occupancy, {
      basis: recorded ? record.basisOf('occupancy') : 'assumed',
      facts: ['occupancy'],
    });
    return;
  }
  const people = valueOrUndefined(facts.occupants) ?? valueOrUndefined(assumed.occupants);
  const near = values.panicFrom.value * values.panicNear.value;
  if (people === undefined || people < near || facts.egress === false) return;
  const { dwelling: _, ...groups } = values.panicPeople.value;
  if (Object.values(groups).every((least) => least > 0)) return;
  record.ask('occupancy', () => message('ask.occupancy', { people }), ['occupancy']);
}
