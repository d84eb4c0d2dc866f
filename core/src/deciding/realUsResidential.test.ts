import { reads, type RealOpening } from '../testing/realOpenings.js';
import { inches } from '../measure/index.js';

const rs = {
  frameMaterial: 'timber',
  frameWidth: inches(30.5),
  frameHeight: inches(80.75),
  leafConstruction: 'timber-hollow',
  leafThickness: inches(1.375),
  hingeSide: 'left',
  swing: 'in',
  rating: 0,
  frequency: 'low',
} as const;
const ent = {
  ...rs,
  frameWidth: inches(36.5),
  leafConstruction: 'timber-panelled-hardwood',
  leafThickness: inches(1.75),
  exterior: true,
} as const;

const OPENINGS: RealOpening[] = [
  {
    name: 'front',
    facts: { mark: 'R1', kind: 'single', ...ent, from: 'Porch', to: 'Hall' },
    source: 'bored lever and dead bolt above; hinges 4 × 4; IRC R311.2',
    role: 'house entrance',
    kind: 'tubular lock',
    lock: 'office or entry, turn button stays',
    hinges: '3 Butt hinge',
    securing: [
      '1 Tubular lock, office or entry, turn button stays, ANSI/BHMA A156.2, grade 2',
      '2 Keys, as the keying asks',
      '1 Dead bolt, bored, thumbturn',
      '4 Strike screws into the stud',
    ],
    findings: [],
  },
  {
    name: 'closet',
    facts: { mark: 'R2', kind: 'single', ...rs, from: 'Bedroom 1', to: 'Closet', secured: false },
    source: 'closet of a dwelling: passage',
    role: 'closet, cupboard of a dwelling',
    kind: 'tubular lock',
    lock: 'passage',
    hinges: '3 Butt hinge',
    securing: ['1 Tubular lock, passage, ANSI/BHMA A156.2, grade 2'],
    findings: [],
  },
  {
    name: 'half bath',
    facts: { mark: 'R3', kind: 'single', ...rs, from: 'Hallway', to: 'Powder room' },
    source: 'privacy, F76',
    role: 'bathroom of a dwelling',
    kind: 'tubular lock',
    lock: 'privacy, with emergency release',
    hinges: '3 Butt hinge',
    securing: ['1 Tubular lock, privacy, with emergency release, ANSI/BHMA A156.2, grade 2'],
    findings: [],
  },
  {
    name: 'pantry bifold',
    facts: {
      mark: 'R4',
      ...rs,
      kind: 'bi-fold',
      from: 'Kitchen',
      to: 'Pantry',
      slideTo: 'left',
      frameWidth: inches(48),
    },
    source: 'folding leaves are pulled open',
    role: 'closet, cupboard of a dwelling',
    kind: 'no lock',
    lock: 'none',
    hinges:
      '1 Sliding track; 1 Folding-door pivots; 3 Folding-door hinge; 1 Track hanger; 1 Floor guide',
    securing: [],
    findings: [],
  },
  {
    name: 'patio',
    facts: { mark: 'R5', kind: 'single', ...ent, from: 'Deck', to: 'Living room' },
    source: 'patio, F77: nobody is locked out',
    role: 'balcony, terrace',
    kind: 'tubular lock',
    lock: 'patio or privacy, button inside',
    hinges: '3 Butt hinge',
    securing: [
      '1 Tubular lock, patio or privacy, button inside, ANSI/BHMA A156.2, grade 2',
      '2 Strike screws into the stud',
    ],
    findings: [],
  },
  {
    name: 'garage',
    facts: {
      mark: 'R6',
      kind: 'single',
      ...ent,
      from: 'Garage',
      to: 'Mud room',
      rating: 20,
      exterior: false,
      leafConstruction: 'timber-particle',
    },
    source: 'lever and dead bolt; closes by itself',
    role: 'garage to house',
    kind: 'tubular lock',
    lock: 'office or entry, turn button stays',
    hinges: '3 Butt hinge',
    securing: [
      '1 Tubular lock, office or entry, turn button stays, ANSI/BHMA A156.2, grade 2',
      '2 Keys, as the keying asks',
      '1 Dead bolt, bored, thumbturn',
      '4 Strike screws into the stud',
    ],
    findings: [],
  },
  {
    name: 'basement',
    facts: { mark: 'R7', kind: 'single', ...rs, from: 'Kitchen', to: 'Cellar stair' },
    source: 'a room door of the house',
    role: 'bedroom, living room',
    kind: 'tubular lock',
    lock: 'passage',
    hinges: '3 Butt hinge',
    securing: ['1 Tubular lock, passage, ANSI/BHMA A156.2, grade 2'],
    findings: [],
  },
  {
    name: 'double keyed',
    facts: {
      mark: 'R8',
      kind: 'single',
      ...ent,
      from: 'Street',
      to: 'Hall',
      lockKind: 'deadbolt',
      choices: { 'securing.function': { value: 'deadbolt-double', reason: 'glass beside' } },
    },
    source: 'IRC R311.2: no key from inside',
    role: 'house entrance',
    kind: 'bored dead bolt',
    lock: 'dead bolt, key on both sides',
    hinges: '3 Butt hinge',
    securing: [
      '1 Dead bolt, bored, key on both sides, ANSI/BHMA A156.36, grade 2',
      '2 Keys, as the keying asks',
      '2 Strike screws into the stud',
    ],
    findings: ['stop securing.traps'],
  },
];

describe('openings that people meet: us-residential', () => {
  it.each(OPENINGS)('$name: $source', (opening) => {
    expect(reads(opening, 'us-residential')).toEqual(opening);
  });
});
