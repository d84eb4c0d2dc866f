import {
  placeNamed,
  valueOrUndefined,
  swings,
  swingsBothWays,
  type Provenance,
  type OpeningFacts,
} from '../model/index.js';
import type { LockUse, Practice } from '../practice/index.js';
import type { TwoRooms } from './guess.js';
import { spaceOf, type Space } from './spaces.js';
import { type Role, ROLE, standsInTheOpen } from '../roles/index.js';

/** Facts that follow from one thing. */
export type Part = Partial<OpeningFacts>;

/** Uses with a reader, where nobody said what lets in. */
const READS: ReadonlySet<unknown> = new Set<LockUse>(['reader', 'guest-card']);

/** Uses by which nobody can lock anybody out. */
const FREE: ReadonlySet<LockUse> = new Set(['passage', 'push-pull', 'stair', 'communicating']);

/** What the lock of a role is for, given whether the door is locked against people; undefined where they do not agree. */
function useOfRole(
  role: Role,
  practice: Practice,
  secured: boolean | undefined,
  recorded: boolean,
): LockUse | undefined {
  const use = practice.values.roleUse.value[role];
  // A toilet is locked by who is in it, whether or not the door is locked against others.
  if (secured === undefined || use === 'privacy') return use;
  if (secured !== FREE.has(use)) return use;
  const { whenLocked } = ROLE[role].lock;
  if (secured && whenLocked) return whenLocked;
  return recorded ? use : undefined;
}

/** What a lock is for where somebody is let in, or kept out of the storeys by a stair; undefined elsewhere. */
function electricUse(role: Role, facts: OpeningFacts): LockUse | undefined {
  const access = valueOrUndefined(facts.access);
  if (role === 'guest-room' && access === 'none') return 'guest';
  // What a magnet shuts, or nobody locks, has nothing else to let go.
  if ((valueOrUndefined(facts.electricLock) ?? 'none') !== 'none' || facts.secured === false)
    return undefined;
  const letIn = access !== undefined && access !== 'none' && access !== 'button';
  if (role === 'guest-room') return letIn ? 'guest-card' : undefined;
  if (ROLE[role].lock.reentry) {
    const reentry = valueOrUndefined(facts.stairReentry);
    const back = reentry === 'command' || reentry === 'alarm';
    return letIn || back || facts.secured === true ? 'stair-locked' : undefined;
  }
  return letIn && ROLE[role].lock.letIn ? 'reader' : undefined;
}

/** Whether what the practice takes for a use is locked from inside by a turn. */
const turnsWithin = (use: LockUse, { values }: Practice): boolean =>
  (use === 'classroom' || use === 'office') &&
  ['sash', 'profile'].includes(values.lockFor.value[use]);

/** Whether a room is of children, or of people in care, who must not lock it against those who look after them. */
const isKept = ({ from, to }: OpeningFacts): boolean =>
  [from, to].some((name) => {
    const place = placeNamed(name, undefined);
    return place.has('child') || place.has('kept');
  });

/**
 * The facts that follow from what a door is, where nobody recorded them: assumed until somebody does
 * (handbook, “Roles”). What is recorded, `unknown` too, stands.
 *
 * @param recorded whether the role was given, not guessed
 * @param exterior whether it stands to the open
 */
export function assumedBy(
  role: Role,
  facts: OpeningFacts,
  practice: Practice,
  recorded: boolean,
  exterior: boolean,
): Partial<OpeningFacts> {
  const assumed: Partial<OpeningFacts> = {};
  if (facts.lockUse === undefined) {
    const use =
      electricUse(role, facts) ??
      useOfRole(role, practice, valueOrUndefined(facts.secured), recorded);
    if (use) assumed.lockUse = turnsWithin(use, practice) && isKept(facts) ? 'passage' : use;
  }
  const use = valueOrUndefined(assumed.lockUse ?? facts.lockUse);
  if (facts.secured === undefined && use) assumed.secured = !FREE.has(use) && use !== 'privacy';
  if (facts.access === undefined && READS.has(assumed.lockUse)) assumed.access = 'reader';
  // A classroom with a door to the open is left by it.
  const { wayOut } = ROLE[role].escape;
  const out = wayOut === 'always' || (wayOut === 'to the open' && exterior);
  if (facts.egress === undefined && out) assumed.egress = true;
  const { occupancy } = ROLE[role];
  const at = valueOrUndefined(facts.occupancy) ?? occupancy;
  if (
    facts.accessible === undefined &&
    practice.values.roleAccessible.value[role] === 'assumed' &&
    at !== 'dwelling'
  )
    assumed.accessible = true;
  if (facts.occupancy === undefined && occupancy) assumed.occupancy = occupancy;
  // Between two rooms for guests each has a leaf of its own; with one leaf somebody says so.
  if (ROLE[role].twoLeaves && facts.kind === 'single' && facts.twoLeaves === undefined)
    assumed.twoLeaves = true;
  if (facts.clearWanted === undefined) {
    const clear = practice.values.clearByRole.value[role];
    const { beds } = ROLE[role];
    if (clear > 0 && (beds || valueOrUndefined(facts.accessible ?? assumed.accessible) === true))
      assumed.clearWanted = clear;
  }
  if (facts.closer === undefined) {
    const closing = practice.values.roleClosing.value[role];
    const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
    if (closing === 'always' || (closing === 'rated' && rated)) assumed.closer = 'any';
  }
  return assumed;
}

/** Wall and floor beside and under a leaf inside the building, where what is decided rests on them. */
export function usualAround(
  facts: OpeningFacts,
  role: Role | undefined,
  { values }: Practice,
  exterior: boolean,
  tight: boolean,
): Part {
  const part: Part = {};
  if (!role || ROLE[role].place.inTheOpen || !swings(facts.kind)) return part;
  const measured = facts.sideWall !== undefined || swingsBothWays(facts.kind);
  // Where the practice sets floor stops nobody counts on a wall.
  if (
    facts.openAgainst === undefined &&
    values.stopUsual.value === 'wall' &&
    !measured &&
    !exterior
  )
    part.openAgainst = 'wall';
  if (facts.floorTexture === undefined && tight)
    part.floorTexture = values.floorUsual.value as OpeningFacts['floorTexture'];
  return part;
}

/** Whether it holds back weather, smoke, sound or light, as recorded. */
export const isTight = (facts: OpeningFacts, role: Role | undefined, exterior: boolean): boolean =>
  (exterior && !standsInTheOpen(role)) ||
  facts.smoke === true ||
  facts.lightTight === true ||
  (valueOrUndefined(facts.sound) ?? 0) > 0;

/** What the leaf rests on where it holds back weather, smoke, sound or light: the strike allows for it. */
export function restsOnSeal(facts: OpeningFacts, tight: boolean): Part {
  const part: Part = {};
  if (facts.stopSeal === undefined && tight && swings(facts.kind)) part.stopSeal = 'seal';
  return part;
}

/** Spaces whose rated doors are those of a corridor. */
const CORRIDORS: ReadonlySet<Space | undefined> = new Set<Space | undefined>([
  'corridor',
  'entrance',
  // A list that names one room means the corridor by the other.
  undefined,
]);

/**
 * Whether it holds smoke back, where nobody recorded it: by what the door is, or as a rated door of a corridor
 * (IBC 716.2.2.1; Approved Document B, table C1; MBO 35 and 36).
 */
export function smokeBy(
  role: Role | undefined,
  facts: OpeningFacts,
  { values }: Practice,
  { from, to, fromUse, toUse }: TwoRooms,
  exterior: boolean,
): Part {
  if (facts.smoke !== undefined || exterior || !swings(facts.kind)) return {};
  const rating = valueOrUndefined(facts.rating) ?? 0;
  const usual = role ? values.roleSmoke.value[role] : 'never';
  const byRole = usual === 'always' || (usual === 'rated' && rating > 0);
  const corridor = rating > 0 && rating <= values.corridorSmoke.value;
  const beside = () => CORRIDORS.has(spaceOf(from, fromUse)) || CORRIDORS.has(spaceOf(to, toUse));
  return byRole || (corridor && beside()) ? { smoke: true } : {};
}

/** Which sound insulation it is to have, where nobody recorded it: by what the door is. */
export function soundBy(
  role: Role | undefined,
  facts: OpeningFacts,
  { values }: Practice,
): Pick<Part, 'sound'> {
  if (role === undefined || facts.sound !== undefined || !swings(facts.kind)) return {};
  const sound = values.roleSound.value[role];
  return sound > 0 ? { sound } : {};
}

/** Fills in what is assumed of facts that are nobody else's, each marked so. */
export function fillAssumed(facts: OpeningFacts, assumed: Partial<OpeningFacts>): void {
  const how: Partial<Record<string, Provenance>> = { ...facts.provenance };
  let any = false;
  for (const name in assumed) {
    how[name] = 'assumed';
    any = true;
  }
  if (any) Object.assign(facts, assumed).provenance = how;
}
