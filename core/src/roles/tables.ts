import { byPractice, sourced, TRADE, type PracticeId } from '../practice/index.js';
import { ROLE, ROLES, type Role } from './list.js';
import { inPractice, type RoleRecord, type Varies } from './role.js';
import { roomWords } from './words.js';

/** One answer of every role, as it is in a practice. */
export const answers = <T>(
  practice: PracticeId,
  of: (role: RoleRecord) => Varies<T>,
): Record<Role, T> =>
  Object.fromEntries(ROLES.map((role) => [role, inPractice(of(ROLE[role]), practice)])) as Record<
    Role,
    T
  >;

const CLOSING: Record<PracticeId, string> = {
  'us-commercial': `${TRADE}; rated leaves by NFPA 80`,
  'us-residential': `${TRADE}; rated leaves by NFPA 80`,
  british: 'Approved Document B, appendix C',
  continental: `${TRADE}: access doors of shafts are kept locked; the national rule decides`,
  australasian: `${TRADE}; AS 1905.1 and the national code for rated leaves`,
};

const SMOKE: Record<PracticeId, string> = {
  'us-commercial': 'IBC 716.2.2.1: rated doors of corridors and smoke barriers; NFPA 105, UL 1784',
  'us-residential': `${TRADE}: none inside a dwelling`,
  british: 'Approved Document B, appendix C, table C1: the doors with the suffix S',
  continental: 'MBO 35 (6), 36 (3): stairs and corridors; DIN 18095; the national rule decides',
  australasian: `${TRADE}: doors across corridors, rooms of servers`,
};

const SOUND: Record<PracticeId, string> = {
  'us-commercial': `${TRADE}: where it is asked for`,
  'us-residential': `${TRADE}: where it is asked for`,
  british: 'Approved Document E, 2.26: entrance doors of flats 29 dB',
  continental: 'DIN 4109-1: entrance doors of flats 27 dB onto a hall, 37 dB into a room',
  australasian: 'NCC F7D6: entry doors of sole-occupancy units 30 dB',
};

const ACCESSIBLE: Record<PracticeId, string> = {
  'us-commercial': 'ADA 206.2 and 206.5: doors that people pass; 203.5: not those of machinery',
  'us-residential': `${TRADE}: asked for in dwellings`,
  british: `${TRADE}: asked for; Approved Document M says where`,
  continental: `${TRADE}: asked for; DIN 18040 where it is adopted`,
  australasian: `${TRADE}: asked for; NCC D4 says where`,
};

/** The tables of roles that a practice holds. */
export const ROLE_TABLES = {
  roleUse: byPractice((id) =>
    sourced(
      answers(id, ({ lock }) => lock.use),
      'term',
      `${TRADE}: what each door is for`,
      'preference',
    ),
  ),
  roleClosing: byPractice((id) =>
    sourced(
      answers(id, ({ closing }) => closing.when),
      'term',
      CLOSING[id],
    ),
  ),
  roleSmoke: byPractice((id) =>
    sourced(
      answers(id, ({ smoke }) => smoke),
      'term',
      SMOKE[id],
      'preference',
    ),
  ),
  roleSound: byPractice((id) =>
    sourced(
      answers(id, ({ sound }) => sound),
      'count',
      SOUND[id],
      'preference',
    ),
  ),
  roleAccessible: byPractice((id) =>
    sourced(
      answers(id, ({ accessible }) => accessible),
      'term',
      ACCESSIBLE[id],
      'default',
    ),
  ),
  roleWords: byPractice((id) =>
    sourced(roomWords(id), 'term', `${TRADE}: names of rooms; a guess`),
  ),
};
