import { decideOpening, decisionOf } from '../deciding/index.js';
import { readColumn, readPaste } from '../exchange/index.js';
import type { Column } from '../exchange/index.js';
import type { OpeningFacts } from '../model/index.js';
import { itemText, termIn } from '../phrasing/index.js';
import type { PracticeId } from '../practice/index.js';
import { projectBasis } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';

/**
 * Openings as lists of each region give them, with what a professional of the region expects:
 * mark | from | to | kind | size | rating | more facts | what it is | what is ordered or found | what is not.
 */
export const GERMAN_OPENINGS = `
DE01 | Flur | Büro 1.12 | | 885x2010 | | | office | 2 Drill-in hinge; Mortise lock, dead bolt, thumbturn inside, DIN 18251, class 3; Profile cylinder | closer; Kick plate; stud
DE02 | Treppenhaus | Keller | | 985x2110 | T 30-RS | | store | Surface closer with slide track; Smoke seal; EN 179; Intumescent strip | Kick plate
DE03 | Treppenraum | Flur | | 985x2110 | RS | | stair door | Surface closer; Smoke seal; Mortise lock, passage | Kick plate; law.notRated
DE04 | Treppenhaus | Wohnung 12 | | 985x2110 | | | flat entrance | escape function E, changeover; Surface closer; fixed knob outside; Door viewer; seal; Drop seal | stud
DE05 | Flur | Heizraum | | 860x2110 | T 30 | | plant room | stop law.faultIn; Surface closer |
DE06 | Flur | Elektro-Betriebsraum | | 985x2110 | T 30 | swing=out | electrical room | EN 179; Lever handle inside; Surface closer | law.faultIn
DE07 | Flur | Klassenzimmer 3 | | 1010x2135 | | | classroom | 2 Drill-in hinge; Profile cylinder | Kick plate; Surface closer
DE08 | Flur | Gruppenraum Kita | | 985x2110 | | | classroom | Mortise lock, passage; 2 Finger guard | law.childLocks; thumbturn
DE09 | Saal | Foyer | pair | 2010x2135 | | occupants=300; swing=out | assembly room | 2 Panic device with push bar and rods; EN 1125 | Butt hinge
DE10 | Flur | Besprechung | | 985x2110 | | | meeting room | Mortise lock, passage | Profile cylinder
DE11 | Flur | WC Herren | | 985x2110 | | | group toilet | Surface closer; Lever handles, both sides | Push plate; Mop plate
DE12 | Flur | Barrierefreies WC | | 985x2110 | | swing=out | single toilet | bathroom, bolt and emergency release; at 850 mm | law.toiletIn
DE13 | Straße | Treppenhaus | | 1110x2110 | | exterior=yes | main entrance | Surface closer; Weather seal; check law.swingExit | EN 179
DE14 | Flur | Hausanschlussraum | | 860x2110 | | | electrical room | Object hinge; half cylinder | Butt hinge
DE15 | Flur | Lager | | 985x2110 | T 30-1 | | store | Surface closer; Intumescent strip |
DE16 | Flur A | Flur B | pair | 2010x2135 | T30-2-RS | | cross-corridor | Door selector; 2 Hold-open magnet; Automatic flush bolts; Smoke seal; EN 1158 | noLatch
DE17 | Flur | Serverraum | | 985x2110 | T 30 | swing=out | server room | Card reader; Surface closer |
DE18 | Wohnzimmer | Balkon | | 860x2110 | | | balcony | Multipoint lock; Weather seal | stud
DE19 | Flur | Sprechzimmer 2 | | 985x2110 | | | exam | 2 Drill-in hinge | Armour plate
DE20 | Flur | Patientenzimmer 214 | | 1235x2110 | | | patient room | Mortise lock, passage; Armour plate |
DE21 | Küche | Speisesaal | double-acting | 985x2110 | | | kitchen | Floor closer |
DE22 | Flur | Wohnen | | 860x1985 | | | bedroom, living room | 2 Drill-in hinge | ratingUnknown
DE23 | Flur | Bad | | 735x1985 | | | bathroom | bathroom, bolt and emergency release; 2 Drill-in hinge | ratingUnknown
DE24 | Flur | Abstellraum | | 760x2010 | | | store | Profile cylinder | Kick plate
DE25 | Flur | Freie | | 985x2110 | | exterior=yes; swing=out | final exit | Panic device with push bar, rim; EN 1125 | swingExit; Kick plate
DE26 | Turnhalle | Schulhof | pair | 2010x2135 | | exterior=yes; occupants=250; swing=out | main entrance | 1 Panic device with push bar and rods, exit only | swingsAgainst
DE27 | Flur | Bewohnerzimmer 12 | | 1110x2110 | | | patient room | Mortise lock, passage | thumbturn
DE28 | Treppenhaus | Dachboden | | 860x2110 | T 30 | | store | Surface closer; Intumescent strip |
DE29 | Tiefgarage | Treppenhaus | | 985x2110 | T 30-RS | swing=out | stair door | Smoke seal; Surface closer |
DE30 | Windfang | Foyer | pair | 2010x2135 | | | vestibule | | Kick plate
`;

export const BRITISH_OPENINGS = `
GB01 | Corridor | Office 1.12 | | 926x2040 | FD30S | | office | Mortice lock, sash lock, turn inside; Smoke seal; Intumescent strip; Surface closer; 3 Butt hinge | stud; Kick plate
GB02 | Corridor | Store | | 826x2040 | FD30 | | store | Surface closer; Kicking plate | Smoke seal
GB03 | Stair 1 | Lobby | | 926x2040 | FD60S | | stair door | 54 mm; passage; Surface closer; Smoke seal |
GB04 | Corridor | Flat 12 | | 926x2040 | FD30S | | flat entrance | BS 8621; Surface closer; Smoke seal; Door viewer | Acoustic; apartment
GB05 | Hall | Kitchen | | 762x1981 | FD30 | | | passage; Intumescent strip | Surface closer
GB06 | Corridor | Accessible WC | | 926x2040 | | swing=out | single toilet | emergency release; Horizontal closing bar |
GB07 | Corridor | Male WC | | 926x2040 | | | group toilet | Push plate; Pull handle; Surface closer; Kicking plate | Mop plate
GB08 | Corridor | Classroom 4 | | 926x2040 | FD30S | | classroom | Surface closer; Smoke seal | noLatch
GB09 | Hall | External | pair | 1800x2040 | | exterior=yes; occupants=180; swing=out | final exit | Push bar panic bolt, two points; BS EN 1125 | exit device
GB10 | Corridor A | Corridor B | pair | 1800x2040 | FD30S | | cross-corridor | 2 Electromagnetic hold-open device; Smoke seal; check securing.noLatchTested | Coordinator
GB11 | Plant room | External | pair | 1800x2040 | | exterior=yes; swing=out | plant room | Flush bolts; Dummy handle |
GB12 | Corridor | Riser | pair | 1200x2040 | FD60S | | riser | note closing.keptLocked; Smoke seal | Surface closer
GB13 | Corridor | Resident bedroom 4 | | 926x2040 | FD30S | | ward or care bedroom | Surface closer; Smoke seal; passage | Armour plate; turn inside
GB14 | Street | Hall | | 838x1981 | | exterior=yes | house entrance | BS 8621; Weather seal; Threshold seal | Door sweep; stud
GB15 | Garage | Utility | | 838x1981 | FD30 | | garage | BS 8621; Surface closer; garageStep |
GB16 | Corridor | Changing Places WC | | 1026x2040 | | swing=out | single toilet | check law.specialWidth |
GB17 | Corridor | Electrical cupboard | | 726x2040 | FD60S | swing=out | electrical room | Smoke seal; storeroom | amperes
GB18 | Corridor | Plant room | | 926x2040 | FD60 | swing=out | plant room | 54 mm; Surface closer |
GB19 | Corridor | Server room | | 926x2040 | FD30S | | server room | Card reader; Smoke seal |
GB20 | Kitchen | Dining hall | double-acting | 926x2040 | | | kitchen | Floor closer; Push plate |
GB21 | Corridor | Consulting room 2 | | 926x2040 | FD30 | | exam | Kicking plate | Armour plate
GB22 | Landing | Bathroom | | 686x1981 | | | bathroom | 35 mm; bathroom, bolt and emergency release | stud
GB23 | Landing | Bedroom 2 | | 762x1981 | | | bedroom | 35 mm; Tubular lock, passage | Kicking plate
GB24 | Living room | Balcony | | 838x1981 | | exterior=yes | balcony | Multipoint lock | stud
GB25 | Corridor | External | | 926x2040 | | exterior=yes; swing=out | final exit | Push bar panic latch, rim; outside access device | exit device
GB26 | Street | Communal hall | | 926x2100 | | exterior=yes | main entrance | Surface closer |
GB27 | Corridor | Meeting room | | 926x2040 | | | meeting room | passage | Smoke seal
GB28 | Corridor | Nursery room | | 926x2040 | FD30S | | | passage; Smoke seal | turn inside; law.childLocks
GB29 | Stair | Roof | | 826x2040 | FD30 | exterior=yes | roof door | check law.shutOut; Weather seal |
GB30 | Hall | Cupboard | | 610x1981 | | | | 35 mm | Surface closer
`;

export const AUSTRALIAN_OPENINGS = `
AU01 | Corridor | Office 3 | | 2040x920 | | | office | 40 mm; Lockset, tubular, keyed entrance set; AS 4145.2; 3 Butt hinge | EN
AU02 | Corridor | Stair 1 | | 2040x920 | -/60/30 | swing=out | stair door | 48 mm; passage; Surface closer; Intumescent strip | EN
AU03 | Corridor | Unit 12 | | 2040x920 | -/60/30 | | SOU entry door | SOU entry; Surface closer; Door viewer; Acoustic compression seal | apartment
AU04 | Corridor | Accessible WC | | 2040x920 | | swing=out | single toilet | privacy set, with emergency release | toiletIn
AU05 | Corridor | Male WC | | 2040x870 | | | group toilet | Push plate; Kick plate; Surface closer | Mop plate
AU06 | Corridor | Classroom 2 | | 2040x920 | | | classroom | Mortice lock, classroom | thinLeaf
AU07 | Hall | Outside | pair | 1840x2040 | | exterior=yes; occupants=150; swing=out | final exit | Panic exit device, vertical rods |
AU08 | Corridor A | Corridor B | pair | 1840x2040 | -/60/30 | | cross-corridor | 2 Electromagnetic holder; Smoke seal |
AU09 | Corridor | Plant room | | 2040x920 | -/60/30 | swing=out | plant room | Mortice lock, storeroom; Surface closer |
AU10 | Street | Hall | | 2040x920 | | exterior=yes | house entrance | keyed entrance set; Dead bolt, bored; Weather seal |
AU11 | Hall | Bedroom 2 | | 2040x820 | | | bedroom | 35 mm; passage set | ratingUnknown
AU12 | Hall | Bathroom | | 2040x720 | | | bathroom | 35 mm; privacy set | ratingUnknown
AU13 | Bedroom 1 | Ensuite | | 2040x720 | | | bathroom | privacy set |
AU14 | Hall | WC | | 2040x720 | | | single toilet | privacy set |
AU15 | Pool area | Garden | gate | 920x1800 | | exterior=yes; swing=out | gate | Gate lock | law.unshut
AU16 | Living | Alfresco | sliding | 1800x2100 | | exterior=yes | balcony | Sliding track |
AU17 | Garage | Laundry | | 2040x820 | | | garage | keyed entrance set |
AU18 | Laundry | Yard | | 2040x820 | | exterior=yes | house entrance | Weather seal |
AU19 | Corridor | Office 7 | | 2040x870 | -/30/30 | | office | Surface closer; 48 mm; AS 4145.2 |
AU20 | Corridor | Server room | | 2040x920 | | | server room | Card reader | thinLeaf
AU21 | Corridor | Cleaner | | 2040x820 | | | store | Mortice lock, storeroom | thinLeaf
AU22 | Corridor | Outside | | 2040x920 | | exterior=yes; swing=out | final exit | Panic exit device, rim | swingExit
AU23 | Foyer | Street | pair | 1840x2340 | | exterior=yes; swing=out | main entrance | Panic exit device |
AU24 | Corridor | Consult 4 | | 2040x920 | | | exam | Kick plate | Armour plate
AU25 | Corridor | Nursery | | 2040x920 | | | | passage set; note law.fingers | law.childLocks
AU26 | Stair 1 | Roof | | 2040x820 | -/60/30 | exterior=yes | roof door | check law.shutOut |
AU27 | Hall | Linen | | 2040x620 | | | closet | 35 mm; passage set |
AU28 | Corridor | Meeting room | | 2040x920 | | | meeting room | passage set | Kick plate
AU29 | Corridor | Store | | 2040x820 | -/60/30 | | store | Surface closer; Mortice lock, storeroom |
AU30 | Hall | Kitchen | | 2040x820 | | | | passage set | Surface closer
`;

/** One opening of a list, with what is expected of it. */
export interface RegionalOpening {
  mark: string;
  facts: OpeningFacts;
  is: string;
  has: string[];
  not: string[];
}

const listOf = (text: string) =>
  text
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean);

/** Reads the rows as a list is imported; a hand is given as lists give one. */
export function regionalOpenings(list: string, practice: PracticeId): RegionalOpening[] {
  const basis = projectBasis(practice);
  return list
    .trim()
    .split('\n')
    .map((line) => {
      const [mark = '', from = '', to = '', kind = '', size = '', rating = '', more = '', ...rest] =
        line.split('|').map((cell) => cell.trim());
      const { openings, faults } = readPaste(
        [
          ['Mark', 'From', 'To', 'Type', 'Size', 'Fire rating'],
          [mark, from, to, kind, size, rating],
        ],
        basis.practice,
      );
      if (faults.length > 0) throw new Error(`${mark}: ${faults[0]!.typed} is not read`);
      let facts: OpeningFacts = { hingeSide: 'left', swing: 'in', ...openings[0]! };
      for (const one of listOf(more)) {
        const [name, value] = one.split('=');
        const read = readColumn(name as Column, value!, basis.practice);
        if (!read.ok) throw new Error(`${mark}: ${one} is not read`);
        facts = { ...facts, ...read.value } as OpeningFacts;
      }
      const [is = '', has = '', not = ''] = rest;
      return { mark, facts, is, has: listOf(has), not: listOf(not) };
    });
}

/** Everything that is decided and told of an opening, as texts that expectations are looked for in. */
export function toldOf(facts: OpeningFacts, practice: PracticeId): string[] {
  const decided = decideOpening(facts, projectBasis(practice));
  const units = unitsOf(decided);
  const { role } = decided.results.opening;
  const thickness = decisionOf(decided, 'sizing.leafThickness')?.value;
  const height = decided.results.securing.height;
  return [
    role ? `is ${termIn(`role.${role}`, units.language)}` : 'is open',
    `${thickness?.type === 'length' ? thickness.ticks / 320 : '?'} mm`,
    ...(height === undefined ? [] : [`at ${height / 320} mm`]),
    ...decided.items.map(
      (item) => `${item.quantity} ${itemText(item, units.language)} ${item.standard ?? ''}`,
    ),
    ...decided.findings.map(({ level, code }) => `${level} ${code}`),
  ];
}
