// Writes the demo project's openings as the plain list an architect sends, and the project that is made from
// that list alone: `node scripts/demo-plain.mjs` (after the core is built).
import { readFileSync, writeFileSync } from 'node:fs';
import { projectBasis, readPaste, writeProject } from '@riegel/core';

const { openings } = JSON.parse(readFileSync('demo/larkhollow-playhouse.json', 'utf8'));

const HEAD = ['NO.', 'FROM', 'TO', 'SIZE', 'HAND', 'RATING', 'DOOR', 'FRAME', 'REMARKS'];
const DOORS = {
  'steel-honeycomb-18': 'HM',
  'steel-stiffened-16': 'HM INSUL',
  'timber-particle': 'SCWD',
  'timber-mineral': 'MC',
  'timber-stave': 'STAVE CORE',
  'timber-hollow': 'HC',
  'aluminium-narrow': 'AL/GL',
  'timber-panelled-hardwood': 'PANEL',
};
const FRAMES = { steel: 'HM', timber: 'WD', aluminium: 'AL' };
const RATINGS = { 0: 'NR', 20: '20 MIN', 45: 'C LABEL', 90: 'B LABEL' };
const KINDS = {
  sliding: 'SLIDING',
  pocket: 'POCKET',
  stable: 'DUTCH',
  'unequal-pair': 'UNEQUAL PAIR',
};
/** What the architect had no drawing of yet. */
const LEFT_OUT = new Set(['302', '303', '304', '305']);

/** `3070`, and the size of each leaf where there are two: `PR 3070`. */
function sizeText({ size, kind }) {
  const feet = /^(\d)0(\d0)$/.exec(size ?? '');
  return feet && (kind === 'pair' || kind === 'double-egress')
    ? `PR ${feet[1] / 2}0${feet[2]}`
    : (size ?? '');
}

function handText({ hand, kind }) {
  return { 'double-egress': 'DE', 'double-acting': 'DA' }[kind] ?? hand ?? '';
}

function remarkText({ kind, holdOpen, access, sound, role, egress }) {
  return [
    KINDS[kind],
    holdOpen === true && 'HOLD OPEN',
    access === 'reader' && 'CARD READER',
    access === 'keypad' && 'KEYPAD',
    sound > 0 && `STC ${sound}`,
    egress === true && ['assembly', 'exit-only'].includes(role) && 'PANIC',
  ]
    .filter(Boolean)
    .join(', ');
}

const rows = openings
  .filter(({ mark }) => !LEFT_OUT.has(mark))
  .map((one) => [
    one.mark,
    one.from.toUpperCase(),
    one.to.toUpperCase(),
    sizeText(one),
    handText(one),
    RATINGS[one.rating] ?? '',
    DOORS[one.leafConstruction] ?? '',
    FRAMES[one.frameMaterial] ?? '',
    remarkText(one),
  ]);
const cells = [HEAD, ...rows];
const quoted = (cell) => (/[",]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell);
writeFileSync(
  'demo/lists/larkhollow-plain.csv',
  `${cells.map((row) => row.map(quoted).join(',')).join('\n')}\n`,
);

const { practice } = projectBasis('us-commercial');
const read = readPaste(cells, practice);
writeFileSync(
  'demo/larkhollow-draft.json',
  writeProject({
    name: 'Playhouse draft',
    practice: practice.id,
    note: 'Made from demo/lists/larkhollow-plain.csv alone: what nobody said is assumed, or asked.',
    openings: read.openings,
  }),
);
console.log(`${rows.length} rows, ${read.faults.length} cells not read`);
