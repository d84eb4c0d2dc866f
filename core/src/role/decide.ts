import { known, roomNamed, said, type OpeningFacts } from '../opening/index.js';
import type { Role } from '../practice/index.js';
import type { StageInput } from '../stage/index.js';
import { assumedBy, restsOnSeal } from './assumes.js';
import type { RoleRecord } from './decisions.js';
import { guessEscape } from './escape.js';
import type { Escape } from './facts.js';
import { guessRole, likelyRoles, type TwoRooms } from './guess.js';
import { spaceOf } from './spaces.js';

/** What the opening is, and what follows of it for every stage. */
export interface WholeOpening {
  readonly role: Role | undefined;
  /** Whether it was guessed from the rooms, not recorded. */
  readonly guessed: boolean;
  /** Which way people leave through it; undefined while nothing tells, or where nobody does. */
  readonly escape: Escape | undefined;
  /** Facts that are taken so because nobody recorded them. */
  readonly assumed: Partial<OpeningFacts>;
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
    exterior: known(facts.exterior),
  };
  const recorded = known(record.facts.role);
  const role = recorded ?? guessRole(rooms, practice);
  if (role)
    record.decide('role', role, {
      basis: recorded ? record.basisOf('role') : 'assumed',
      reasons: () =>
        recorded ? [] : [said('role.guessed', { from: facts.from ?? '–', to: facts.to ?? '–' })],
      facts: ['role', 'from', 'to'],
    });
  else if (facts.lockUse === undefined && facts.lockKind === undefined && facts.secured !== false) {
    const [first, second, third] = likelyRoles(rooms, known(facts.secured), known(facts.exterior));
    record.ask(
      'role',
      () =>
        said('ask.role', {
          first: { term: `role.${first}` },
          second: { term: `role.${second}` },
          third: { term: `role.${third}` },
        }),
      ['role', 'lockUse'],
    );
  }
  const assumed = {
    ...(role ? assumedBy(role, facts, practice, recorded !== undefined) : {}),
    ...restsOnSeal(facts, role),
  };
  const egress = known(facts.egress) ?? assumed.egress;
  const escape = egress === true ? decideEscape(record, rooms) : undefined;
  askOccupancy(record, facts, practice);
  return { role, guessed: role !== undefined && recorded === undefined, escape, assumed };
}

function decideEscape(record: RoleRecord, rooms: TwoRooms): Escape | undefined {
  const recorded = known(record.facts.escape);
  const escape =
    recorded ?? guessEscape(spaceOf(rooms.from, rooms.fromUse), spaceOf(rooms.to, rooms.toUse));
  if (escape)
    record.decide('escape', escape, {
      basis: recorded ? record.basisOf('escape') : 'assumed',
      reasons: () => (recorded ? [] : [said('role.escapeGuessed', {})]),
      facts: ['escape', 'from', 'to'],
    });
  else record.ask('escape', 'ask.escape', ['escape']);
  return escape;
}

/** The occupancy is asked for where the number of people is near the limit and limits differ by it. */
function askOccupancy(
  record: RoleRecord,
  facts: OpeningFacts,
  { values }: StageInput['practice'],
): void {
  const recorded = known(record.facts.occupancy);
  if (recorded) {
    record.decide('occupancy', recorded, { basis: 'given', facts: ['occupancy'] });
    return;
  }
  const people = known(facts.occupants);
  const near = values.panicFrom.value * values.panicNear.value;
  const { dwelling: _, ...groups } = values.panicPeople.value;
  if (people === undefined || people < near || facts.egress === false) return;
  if (Object.values(groups).every((least) => least > 0)) return;
  record.ask('occupancy', () => said('ask.occupancy', { people }), ['occupancy']);
}
