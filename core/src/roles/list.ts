import type { RoleRecord } from './role.js';
import { apartment } from './apartment.js';
import { assembly } from './assembly.js';
import { balcony } from './balcony.js';
import { bathroom } from './bathroom.js';
import { bedroom } from './bedroom.js';
import { classroom } from './classroom.js';
import { closet } from './closet.js';
import { coldRoom } from './coldRoom.js';
import { communicating } from './communicating.js';
import { crossCorridor } from './crossCorridor.js';
import { electrical } from './electrical.js';
import { entrance } from './entrance.js';
import { exitOnly } from './exitOnly.js';
import { finalExit } from './finalExit.js';
import { garage } from './garage.js';
import { gate } from './gate.js';
import { goods } from './goods.js';
import { guestRoom } from './guestRoom.js';
import { houseEntrance } from './houseEntrance.js';
import { kitchen } from './kitchen.js';
import { meeting } from './meeting.js';
import { office } from './office.js';
import { patientRoom } from './patientRoom.js';
import { patientToilet } from './patientToilet.js';
import { plant } from './plant.js';
import { riser } from './riser.js';
import { roof } from './roof.js';
import { server } from './server.js';
import { shop } from './shop.js';
import { stage } from './stage.js';
import { stair } from './stair.js';
import { store } from './store.js';
import { strongRoom } from './strongRoom.js';
import { toiletGroup } from './toiletGroup.js';
import { toiletSingle } from './toiletSingle.js';
import { treatment } from './treatment.js';
import { vestibule } from './vestibule.js';

/** Every role, in the order they are offered: one file and one line here each. */
const LIST = [
  office,
  meeting,
  classroom,
  store,
  strongRoom,
  electrical,
  plant,
  riser,
  server,
  stair,
  finalExit,
  exitOnly,
  crossCorridor,
  entrance,
  vestibule,
  assembly,
  toiletSingle,
  toiletGroup,
  patientRoom,
  patientToilet,
  treatment,
  guestRoom,
  communicating,
  apartment,
  houseEntrance,
  bedroom,
  closet,
  bathroom,
  garage,
  balcony,
  gate,
  coldRoom,
  kitchen,
  goods,
  shop,
  stage,
  roof,
] as const;

/** What a door is, by what stands on its two sides; what it needs follows (handbook, “Roles”). */
export type Role = (typeof LIST)[number]['id'];

export const ROLES: readonly Role[] = LIST.map(({ id }) => id);

/** The record of each role. */
export const ROLE = Object.fromEntries(LIST.map((one) => [one.id, one])) as Readonly<
  Record<Role, RoleRecord>
>;

/**
 * Whether both sides of such a door are in the open: it keeps no weather out.
 *
 * @example standsInTheOpen('gate') // true
 */
export const standsInTheOpen = (role: Role | undefined): boolean =>
  role !== undefined && ROLE[role].place.inTheOpen;
