// Writes the survey of the demo house into demo/tamsin-terrace.json: `node scripts/demo-survey.mjs`.
import { readFileSync, writeFileSync } from 'node:fs';
import prettier from 'prettier';

const FILE = 'demo/tamsin-terrace.json';
const TICKS = 320;

/**
 * Each opening as it stands, in mm: hinge jamb upright, the foot and the head of the lock jamb, how far
 * the jambs bow, and what was found. Hinges are top edges below the frame's head.
 */
const HOUSE = {
  G1: {
    width: 844,
    under: 18,
    height: 2010,
    foot: [3, -2],
    head: [-4, 5],
    bow: 1,
    hinge: 102,
    strays: [0, 0.5, -0.5],
    leaf: 44,
    states: ['sound', 'warped', 'worn', 'sound'],
    lock: 1000,
    strike: 996,
    closer: 'none',
  },
  G2: {
    width: 768,
    height: 1992,
    foot: [5, 4],
    head: [-4, -5],
    bow: 2.5,
    hinge: 100,
    strays: [-0.5, 0, 0.5],
    leaf: 35,
    states: ['sound', 'split', 'worn', 'sound'],
    rise: 6,
    lock: 985,
    strike: 985,
    closer: 'none',
  },
  G3: {
    width: 770,
    height: 1990,
    foot: [-2, 9],
    head: [6, 8],
    bow: 0,
    hinge: 100,
    strays: [0, 1, 0.5],
    leaf: 35,
    states: ['stripped screws', 'sound', 'sound', 'worn'],
    lock: 990,
    strike: 1002,
    closer: 'none',
  },
  G4: {
    width: 768,
    height: 1994,
    foot: [1, 1],
    head: [2, 1],
    bow: 0,
    hinge: 100,
    strays: [0, 0, 0],
    leaf: 44,
    states: ['sound', 'warped', 'sound', 'sound'],
    lock: 1000,
    strike: 1000,
    closer: 'pull side',
    label: 'FD30, plug in the hinge edge, painted over in part',
  },
  G5: {
    width: 838,
    under: 18,
    height: 2005,
    foot: [0, -3],
    head: [1, 1],
    bow: 0,
    hinge: 102,
    strays: [0, 0.5, 0],
    leaf: 44,
    states: ['sound', 'rusted', 'seized', 'seized'],
    lock: 1010,
    strike: 1010,
    closer: 'none',
  },
  G6: {
    width: 618,
    height: 1650,
    foot: [4, 0],
    head: [-4, -8],
    bow: -1.5,
    hinge: 76,
    hinges: [140, 1330],
    leaf: 35,
    states: ['sound', 'sound', 'sound', 'sound'],
    lock: 860,
    strike: 860,
    closer: 'none',
  },
  F1: {
    width: 768,
    under: 20,
    height: 1993,
    foot: [-3, -6],
    head: [-8, -16],
    bow: 0,
    hinge: 100,
    strays: [2, 2, 2.5],
    leaf: 35,
    states: ['sound', 'split', 'sound', 'sound'],
    later: 12,
    lock: 990,
    strike: 990,
    closer: 'none',
  },
  // Hung once by somebody from elsewhere: 7 in down, 11 in up, 3 1/2 in hinges.
  F2: {
    width: 717,
    height: 1990,
    foot: [2, 3],
    head: [-2, 1],
    bow: 0,
    hinge: 89,
    down: 177.8,
    up: 279.4,
    strays: [0.2, -0.3, 0.2],
    leaf: 35,
    states: ['sound', 'split', 'sound', 'sound'],
    lock: 915,
    strike: 915,
    closer: 'none',
  },
  F3: {
    width: 692,
    under: 18,
    height: 1991,
    foot: [6, 1],
    head: [3, -2],
    bow: 0.5,
    hinge: 100,
    strays: [-0.5, 0.5, 0],
    leaf: 35,
    states: ['loose', 'sound', 'worn', 'broken'],
    later: 8,
    lock: 1000,
    strike: 1000,
    closer: 'none',
  },
};

const PEOPLE = ['Tobias Lund', 'Ines Okafor'];
const distance = (a, b) => Math.hypot(a[0] - b[0], a[1] - b[1]);
const half = (mm) => Math.round(mm * 2) / 2;

/** 150 mm down and 225 mm up on the leaf that goes in, the third centred; strayed by what is given. */
function hingesOf(one) {
  if (one.hinges) return one.hinges;
  const under = one.under ?? (one.rise ? one.rise + 3 : 8);
  const leaf = one.height - 3 - under;
  const down = one.down ?? 150;
  const last = leaf - (one.up ?? 225) - one.hinge;
  return [down, (down + last) / 2, last].map((at, index) => at + 3 + one.strays[index]);
}

function valuesOf(one) {
  const hinges = hingesOf(one);
  const hb = [0, 0];
  const ht = [0, one.height];
  const lb = [one.width + one.foot[0], one.foot[1]];
  const lt = [one.width + one.head[0], one.height + one.head[1]];
  const top = distance(ht, lt);
  const bottom = distance(hb, lb);
  const least = Math.min(top, bottom);
  const [frame, leaf, hinge, lock] = one.states;
  const lengths = {
    widthTop: top,
    widthMiddle: (top + bottom) / 2 - one.bow,
    widthBottom: bottom,
    diagonalFromHingeTop: distance(ht, lb),
    heightHinge: distance(hb, ht),
    diagonalFromLockTop: distance(lt, hb),
    heightLock: distance(lb, lt),
    wallThickness: 118,
    floorRise: one.rise ?? 0,
    coveringNow: one.later ? 0 : 4,
    coveringLater: one.later ?? 4,
    lockHeight: one.lock,
    backset: 57,
    lockCase: 152,
    strikeHeight: one.strike,
    strikeLength: 135,
    leafWidth: least - 6,
    leafHeight: one.height - 14,
    leafThickness: one.leaf,
    headGapNow: 3,
    ...Object.fromEntries(hinges.map((at, index) => [`hinge${index + 1}`, at])),
    hingeHeight: one.hinge,
    hingeWidth: 76,
    hingeSetBack: 6,
  };
  return {
    ...Object.fromEntries(Object.entries(lengths).map(([name, mm]) => [name, half(mm) * TICKS])),
    hingeCount: hinges.length,
    hingeDatum: 'frame-head',
    hingePoint: 'top-edge',
    hingeCorner: 'square',
    hingeScrews: `${one.hinge > 90 ? 4 : 3} a leaf, in a zigzag`,
    closerPlace: one.closer,
    label: one.label,
    frameState: frame,
    leafState: leaf,
    hingeState: hinge,
    lockState: lock,
  };
}

const LENGTH =
  /^(width|height|diagonal|leaf(Width|Height|Thickness)|hinge\d|lockHeight|strikeHeight|headGap)/;
const SKIPPED = { plumbHinge: 'both diagonals were taken', plumbLock: 'both diagonals were taken' };

const project = JSON.parse(readFileSync(FILE, 'utf8'));
project.openings.forEach((opening, index) => {
  const one = HOUSE[opening.mark];
  const by = PEOPLE[index % 2];
  let minute = 0;
  const stamp = () => {
    const at = new Date(Date.UTC(2026, 10, 3, 8 + index, 0) + minute++ * 60_000);
    return at.toISOString().replace('.000', '');
  };
  const values = { ...valuesOf(one) };
  const readings = [];
  for (const [name, value] of Object.entries(values)) {
    const id = `${opening.mark}-${name}`;
    const how = LENGTH.test(name) ? 'digital' : 'tape';
    if (value === undefined)
      readings.push({ id, name, skipped: 'not there', how: 'tape', by, at: stamp() });
    else readings.push({ id, name, value, how, by, at: stamp() });
  }
  for (const [name, skipped] of Object.entries(SKIPPED))
    readings.push({ id: `${opening.mark}-${name}`, name, skipped, how: 'tape', by, at: stamp() });
  for (const measured of ['frameWidth', 'frameHeight', 'how', 'leafThickness', 'floorRise'])
    delete opening[measured];
  opening.storey = opening.mark.startsWith('G') ? 'Ground' : 'First';
  opening.readings = readings;
  if (opening.mark === 'G4') opening.listedTrim = '3 mm';
  if (opening.mark === 'G5')
    Object.assign(opening, { leafConstruction: 'steel-honeycomb-16', frameMaterial: 'steel' });
});
project.building = {
  storeys: ['Ground', 'First'],
  rooms: [
    { name: 'Street', use: 'outdoors' },
    { name: 'Garden', use: 'outdoors' },
    { name: 'Hall', storey: 'Ground', use: 'corridor' },
    { name: 'Front room', storey: 'Ground', use: 'living' },
    { name: 'Back room', storey: 'Ground', use: 'living' },
    { name: 'Kitchen', storey: 'Ground', use: 'living' },
    { name: 'Cupboard under stairs', storey: 'Ground', use: 'store' },
    { name: 'Landing', storey: 'First', use: 'stair' },
    { name: 'Bedroom 1', storey: 'First', use: 'sleeping' },
    { name: 'Bedroom 2', storey: 'First', use: 'sleeping' },
    { name: 'Bathroom', storey: 'First', use: 'sanitary' },
  ],
};
const { openings, ...head } = project;
const text = JSON.stringify({ ...head, openings });
writeFileSync(FILE, await prettier.format(text, { parser: 'json', printWidth: 100 }));
