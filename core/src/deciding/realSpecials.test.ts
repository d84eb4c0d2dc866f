import { inches, mm } from '../measure/index.js';
import { reads, type RealOpening } from '../testing/realOpenings.js';

/*
 * Doors that are no leaf of wood or steel on hinges with a lock in it: glass, cold rooms, two leaves in
 * one frame. What is expected follows makers' usual practice and the handbook's roles.
 */

const glass = {
  kind: 'single',
  leafConstruction: 'glass',
  frameMaterial: 'aluminium',
  hingeSide: 'left',
  swing: 'in',
  frequency: 'medium',
  rating: 0,
  slab: 'free',
} as const;
const metricGlass = { ...glass, glassThickness: mm(10), leafWidth: mm(900), leafHeight: mm(2100) };

const CONTINENTAL: RealOpening[] = [
  {
    name: 'office behind glass',
    facts: { mark: 'G1', ...metricGlass, from: 'Flur', to: 'Büro 3' },
    source:
      'a lock box clamped onto the glass, handle and key; the glass maker drills before toughening',
    role: 'office',
    kind: 'patch lock on glass',
    lock: 'dead bolt, thumbturn inside',
    hinges: '1 Centre-hung pivot set',
    securing: [
      '1 Patch lock for glass, with its keep, dead bolt, thumbturn inside',
      '2 Keys, as the keying asks',
    ],
    findings: ['check securing.glass'],
  },
  {
    name: 'shower behind glass',
    facts: { mark: 'G2', ...metricGlass, from: 'Flur', to: 'Bad' },
    source: 'bathroom lock box: a turn inside, released outside',
    role: 'bathroom of a dwelling',
    kind: 'patch lock on glass',
    lock: 'bathroom, bolt and emergency release',
    hinges: '1 Centre-hung pivot set',
    securing: ['1 Patch lock for glass, with its keep, bathroom, bolt and emergency release'],
    findings: ['check securing.glass'],
  },
];

const US: RealOpening[] = [
  {
    name: 'meeting room behind glass',
    facts: {
      mark: 'G3',
      ...glass,
      leafWidth: inches(36),
      leafHeight: inches(96),
      from: 'Corridor',
      to: 'Conference 2',
    },
    source: 'nobody locks it: pulls back to back, a closer in the floor shuts it',
    role: 'meeting room',
    kind: 'no lock',
    lock: 'none',
    hinges: '1 Center-hung pivot set',
    securing: ['1 Pull handles back to back, through the glass'],
    findings: [],
  },
  {
    name: 'walk-in cooler',
    facts: {
      mark: 'C1',
      kind: 'single',
      from: 'Kitchen',
      to: 'Walk-in cooler',
      leafConstruction: 'timber-stave',
      leafThickness: inches(4),
      frameWidth: inches(36.25),
      frameHeight: inches(84.5),
      frameMaterial: 'steel',
      hingeSide: 'left',
      swing: 'out',
      frequency: 'high',
      rating: 0,
    },
    source:
      'rising surface hinges; a surface latch whose push rod inside always works (handbook, Roles)',
    role: 'cold room',
    kind: 'cold-room latch',
    lock: 'cold room, release inside always',
    hinges: '3 Rising surface hinge for cold rooms',
    securing: [
      '1 Cold-room latch with inside release and its keep, cold room, release inside always',
      '2 Keys, as the keying asks',
    ],
    findings: [],
  },
  {
    name: 'between two guest rooms',
    facts: {
      mark: 'H1',
      kind: 'single',
      from: 'Guest room 12',
      to: 'Guest room 14',
      leafConstruction: 'timber-mineral',
      leafThickness: inches(1.75),
      frameWidth: inches(36.25),
      frameHeight: inches(84.25),
      frameMaterial: 'steel',
      jambDepth: inches(5.75),
      hingeSide: 'left',
      swing: 'in',
      frequency: 'low',
      rating: 20,
      closer: 'none',
    },
    source:
      'a leaf for each room, each with latch and bolt by its own turn, blank between; NFPA 101 excepts its closer',
    role: 'communicating door',
    kind: 'mortise lock',
    lock: 'communicating, blank on the other side',
    hinges: '6 Butt hinge',
    securing: [
      '2 Mortise lock, communicating, blank on the other side, ANSI/BHMA A156.13, grade 1',
      '2 Lever handle inside, blank outside',
    ],
    findings: ['check checking.ratedNoCloserWhere'],
  },
  {
    name: 'kitchen to dining room',
    facts: {
      mark: 'K1',
      kind: 'double-acting-pair',
      from: 'Kitchen',
      to: 'Dining room',
      frameMaterial: 'steel',
      frameWidth: inches(72),
      frameHeight: inches(84),
      leafConstruction: 'timber-stave',
      frequency: 'high',
      rating: 0,
      slab: 'free',
    },
    source: 'in and out with full hands: pushed from both sides, impact plates, never locked',
    role: 'kitchen service door',
    kind: 'no lock',
    lock: 'none',
    hinges: '2 Center-hung pivot set',
    securing: ['4 Push plate'],
    findings: [],
  },
];

describe('doors that are no leaf on butts with a lock in it', () => {
  it.each(CONTINENTAL)('$name: $source', (opening) => {
    expect(reads(opening, 'continental')).toEqual(opening);
  });
  it.each(US)('$name: $source', (opening) => {
    expect(reads(opening, 'us-commercial')).toEqual(opening);
  });
  it('tells of a frame too shallow for two leaves, and whose hand the other has', () => {
    const shallow = { ...US[2]!.facts, jambDepth: inches(4) };
    const codes = reads({ ...US[2]!, facts: shallow }, 'us-commercial').findings;
    expect(codes).toContain('stop checking.twoLeaves');
    const single = { ...shallow, twoLeaves: false };
    const one = reads({ ...US[2]!, facts: single }, 'us-commercial');
    expect(one.findings).not.toContain('stop checking.twoLeaves');
    expect(one.hinges).toBe('3 Butt hinge');
  });
});
