/**
 * Plain lists as offices send them, written for the tests: a row a door, cells parted by bars, what the door is
 * behind the last.
 */
export const US_LIST = `
NO. | FROM | TO | SIZE | HAND | RATING | DOOR | FRAME
100A | EXTERIOR | VESTIBULE 100 | PR 3070 | RHRA | - | AL/GL | AL | entrance
100B | VESTIBULE 100 | LOBBY 101 | PR 3070 | RHRA | - | AL/GL | AL | vestibule
101A | LOBBY 101 | OPEN OFFICE 110 | 3070 | RH | 20M | SCWD | HM | office
102 | LOBBY 101 | RECEPTION OFFICE | 3070 | LH | NR | SCWD | HM | office
103 | CORRIDOR 120 | WOMEN 103 | 3070 | LH | NR | SCWD | HM | toilet-group
104 | CORRIDOR 120 | MEN 104 | 3070 | RH | NR | SCWD | HM | toilet-group
105 | CORRIDOR 120 | JANITOR 105 | 3070 | RHR | 45M | HM | HM | store
106 | CORRIDOR 120 | ELEC 106 | 3070 | LHR | 90M | HM | HM | electrical
107 | CORRIDOR 120 | MECH 107 | PR 3070 | RHRA | 90M | HM | HM | plant
108 | CORRIDOR 120 | DATA 108 | 3070 | RHR | 45M | HM | HM | server
109 | CORRIDOR 120 | STORAGE 109 | 3070 | LHR | NR | HM | HM | store
110A | OPEN OFFICE 110 | OFFICE 111 | 3070 | LH | NR | SCWD | AL | office
110B | OPEN OFFICE 110 | OFFICE 112 | 3070 | RH | NR | SCWD | AL | office
110C | OPEN OFFICE 110 | OFFICE 113 | 3070 | LH | NR | SCWD | AL | office
110D | OPEN OFFICE 110 | CONFERENCE 114 | PR 3070 | RHA | NR | SCWD | AL | meeting
110E | OPEN OFFICE 110 | HUDDLE ROOM 115 | 3070 | LH | NR | GL | AL | meeting
110F | OPEN OFFICE 110 | COPY/WORK 116 | 3070 | RH | NR | SCWD | HM | meeting
110G | OPEN OFFICE 110 | BREAK ROOM 117 | 3070 | LH | NR | SCWD | HM | meeting
110H | OPEN OFFICE 110 | MOTHERS ROOM 118 | 3070 | LH | NR | SCWD | HM | treatment
120A | LOBBY 101 | CORRIDOR 120 | PR 3070 | LHRA | 20M | SCWD | HM | cross-corridor
120B | CORRIDOR 120 | EXTERIOR | 3070 | RHR | - | HM | HM | final-exit
121 | CORRIDOR 120 | STAIR 1 | 3070 | RHR | 90M | HM | HM | stair
122 | CORRIDOR 120 | STAIR 2 | 3070 | LHR | 90M | HM | HM | stair
123 | STAIR 1 | EXTERIOR | 3070 | RHR | - | HM | HM | final-exit
124 | STAIR 2 | EXTERIOR | 3070 | LHR | - | HM | HM | final-exit
130 | EXTERIOR | RECEIVING 130 | PR 4080 | LHRA | - | HM | HM | goods
131 | RECEIVING 130 | CORRIDOR 120 | PR 3070 | RHRA | 90M | HM | HM | goods
132 | RECEIVING 130 | TRASH 132 | 3070 | RHR | 90M | HM | HM | plant
133 | EXTERIOR | FIRE PUMP 133 | 3070 | RHR | - | HM | HM | plant
134 | EXTERIOR | GENERATOR 134 | PR 3070 | RHRA | - | HM | HM | plant
201 | STAIR 1 | CORRIDOR 220 | 3070 | LH | 90M | HM | HM | stair
202 | STAIR 2 | CORRIDOR 220 | 3070 | RH | 90M | HM | HM | stair
203 | CORRIDOR 220 | CLASSROOM 203 | 3070 | RHR | 20M | SCWD | HM | classroom
204 | CORRIDOR 220 | CLASSROOM 204 | 3070 | LHR | 20M | SCWD | HM | classroom
205 | CORRIDOR 220 | TRAINING 205 | 3070 | RHR | 20M | SCWD | HM | classroom
206 | CORRIDOR 220 | LAB 206 | 3670 | RHR | 45M | SCWD | HM | treatment
207 | LAB 206 | PREP 207 | 3070 | LH | NR | SCWD | HM | treatment
208 | CORRIDOR 220 | EXAM 208 | 3670 | LH | 20M | SCWD | HM | treatment
209 | CORRIDOR 220 | EXAM 209 | 3670 | RH | 20M | SCWD | HM | treatment
210 | CORRIDOR 220 | NURSE 210 | 3070 | LH | 20M | SCWD | HM | treatment
211 | NURSE 210 | TOILET 211 | 3070 | LHR | NR | SCWD | HM | toilet-single
212 | CORRIDOR 220 | WOMEN 212 | 3070 | RH | NR | SCWD | HM | toilet-group
213 | CORRIDOR 220 | MEN 213 | 3070 | LH | NR | SCWD | HM | toilet-group
214 | CORRIDOR 220 | UNISEX TOILET 214 | 3070 | RHR | NR | SCWD | HM | toilet-single
215 | CORRIDOR 220 | JAN. 215 | 2870 | LHR | 45M | HM | HM | store
216 | CORRIDOR 220 | IDF 216 | 3070 | RHR | 45M | HM | HM | server
217 | CORRIDOR 220 | ELEC. CLOSET 217 | 2070 | LHR | 45M | HM | HM | electrical
218 | CORRIDOR 220 | FILE STORAGE 218 | 3070 | RHR | 45M | HM | HM | store
219 | CORRIDOR 220 | MULTIPURPOSE 219 | PR 3070 | RHRA | 20M | SCWD | HM | assembly
221 | CORRIDOR 220 | LOUNGE 221 | 3070 | RH | 20M | SCWD | HM | meeting
222 | CORRIDOR 220 | LIBRARY 222 | 3070 | RHR | 20M | SCWD | HM | assembly
223 | CORRIDOR 220 | CONF. 223 | 3070 | LH | 20M | SCWD | HM | meeting
224 | CORRIDOR 220 | OFFICE 224 | 3070 | LH | 20M | SCWD | HM | office
225 | CORRIDOR 220 | OFFICE 225 | 3070 | RH | 20M | SCWD | HM | office
226 | CORRIDOR 220 | ELEV. MACHINE RM 226 | 3070 | RHR | 90M | HM | HM | plant
227 | CORRIDOR 220 | KITCHENETTE 227 | 3070 | DA | NR | SCWD | HM | meeting
228 | CORRIDOR 220 | CORRIDOR 230 | PR 3070 | DE | 90M | HM | HM | cross-corridor
229 | CORRIDOR 230 | PHARMACY 229 | 3070 | LHR | 45M | HM | HM | strong-room
301 | STAIR 1 | ROOF | 3070 | RHR | 90M | HM | HM | roof
302 | CORRIDOR 230 | PRINCIPAL | 3070 | LH | 20M | SCWD | HM | office
`;

export const BRITISH_LIST = `
Door | Room from | Room to | Structural opening | Handing | Fire rating | Leaf | Frame | Remarks
G01 | External | Draught lobby | 1800x2100 | RHRA | - | ALU | ALU | access control | entrance
G02 | Draught lobby | Reception | 1800x2100 | RHRA | - | ALU | ALU |  | vestibule
G03 | Reception | Circulation G.10 | 1800x2100 | LHRA | FD30S | SC | SW | hold open | cross-corridor
G04 | Circulation G.10 | Office G.11 | 926x2040 | LH | FD30 | SC | SW |  | office
G05 | Circulation G.10 | Meeting room G.12 | 926x2040 | RH | FD30 | SC | SW |  | meeting
G06 | Circulation G.10 | Accessible WC | 1026x2040 | RHR | FD30S | SC | SW |  | toilet-single
G07 | Circulation G.10 | Male WC | 926x2040 | LH | FD30S | SC | SW |  | toilet-group
G08 | Circulation G.10 | Female WC | 926x2040 | RH | FD30S | SC | SW |  | toilet-group
G09 | Circulation G.10 | Cleaner | 826x2040 | LHR | FD30S | SC | SW |  | store
G10 | Circulation G.10 | Elec cupboard | 826x2040 | RHR | FD60S | SC | HW |  | electrical
G11 | Circulation G.10 | Comms room | 926x2040 | RHR | FD60S | SC | HW |  | server
G12 | Circulation G.10 | Stair 1 | 1026x2040 | RHR | FD60S | SC | HW |  | stair
G13 | Stair 1 | External | 1026x2100 | RHR | - | STL | STL | panic bar | final-exit
G14 | Circulation G.10 | Kitchen | 1026x2040 | DA | FD30 | SC | SW |  | kitchen
G15 | Kitchen | Bin store | 1026x2040 | LH | FD60S | STL | STL |  | plant
G16 | Bin store | External | 1800x2100 | RHRA | - | STL | STL |  | plant
G17 | Circulation G.10 | Plant room | 1800x2100 | RHRA | FD60S | STL | STL |  | plant
G18 | External | Plant room | 1800x2100 | LHRA | - | STL | STL | louvred | plant
F01 | Stair 1 | Circulation F.10 | 1026x2040 | LH | FD60S | SC | HW |  | stair
F02 | Circulation F.10 | Classroom F.11 | 926x2040 | RHR | FD30S | SC | SW | w/ closer | classroom
F03 | Circulation F.10 | Classroom F.12 | 926x2040 | LHR | FD30S | SC | SW | w/ closer | classroom
F04 | Circulation F.10 | Store F.13 | 826x2040 | LH | FD30 | SC | SW |  | store
F05 | Circulation F.10 | Sports hall | 1800x2100 | RHRA | FD30S | SC | HW | panic | assembly
F06 | Circulation F.10 | Changing female | 926x2040 | LH | FD30 | SC | SW |  | toilet-group
F07 | Circulation F.10 | Changing male | 926x2040 | RH | FD30 | SC | SW |  | toilet-group
F08 | Circulation F.10 | Staff room | 926x2040 | LH | FD30S | SC | SW |  | meeting
F09 | Circulation F.10 | Head teacher | 926x2040 | RH | FD30S | SC | SW |  | office
F10 | Circulation F.10 | Medical room | 926x2040 | RH | FD30S | SC | SW |  | treatment
F11 | Circulation F.10 | Library | 1800x2100 | RHA | FD30S | SC | SW |  | assembly
F12 | Circulation F.10 | Science lab | 1026x2040 | RHR | FD30S | SC | SW |  | treatment
F13 | Science lab | Prep room | 926x2040 | LH | FD30 | SC | SW |  | treatment
F14 | Circulation F.10 | Server | 926x2040 | RHR | FD60S | SC | HW | card reader | server
F15 | Circulation F.10 | Riser | 726x2040 | RHR | FD60S | SC | HW |  | riser
F16 | Circulation F.10 | Circulation F.20 | 1800x2100 | DE | FD60S | SC | HW | hold open | cross-corridor
`;

/** The cells of a list with its headings, and what each door is. */
export function plainCells(list: string): { cells: string[][]; roles: string[] } {
  const [head, ...rows] = list
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()));
  return {
    cells: [head!, ...rows.map((row) => row.slice(0, -1))],
    roles: rows.map((row) => row[row.length - 1]!),
  };
}
