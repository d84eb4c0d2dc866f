// Writes the messy door lists in demo/lists from the demo project: `node scripts/demo-lists.mjs`.
import { Buffer } from 'node:buffer';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import writeExcelFile from 'write-excel-file/node';

const project = JSON.parse(readFileSync('demo/larkhollow-playhouse.json', 'utf8'));

const HEAD = [
  'Door No.',
  'Room from',
  'Room to',
  'Door type',
  'Size (W x H)',
  'Handing',
  'Fire label',
  'Frame',
  'Leaf matl.',
  'Hdwe grp',
];

/** The same size as different hands write it. */
function sizeText(size, at) {
  const feet = /^(\d)(\d)(\d)(\d)$/.exec(size);
  if (!feet) return size;
  const [, a, b, c, d] = feet;
  return [
    size,
    `${a}'-${b}" x ${c}'-${d}"`,
    `${a * 12 + +b} x ${c * 12 + +d}`,
    `${a}-${b} x ${c}-${d}`,
  ][at % 4];
}

const RATINGS = {
  0: ['NR', '-', ''],
  20: ['20 min', '20', '1/3 HR'],
  45: ['3/4 HR', '45 MIN', '45'],
  90: ['1 1/2 HR', '90', '90 min.'],
};
const FRAMES = {
  steel: ['HM', 'Steel', 'H.M.'],
  timber: ['WD', 'Wood', 'Timber'],
  aluminium: ['Alum', 'AL', 'aluminum'],
};
const LEAVES = {
  'aluminium-narrow': 'AL/GL',
  'timber-mineral': 'WD min. core',
  'steel-honeycomb-18': 'HM 18',
  'steel-stiffened-16': 'HM 16 stiff.',
  'timber-particle': 'SC WD',
  'timber-stave': 'WD stave',
  'timber-panelled-hardwood': 'panelled',
  'timber-hollow': 'HC WD',
};
const HANDS = {
  LH: ['LH', 'L.H.', 'left hand'],
  RH: ['RH', 'R.H.', 'right hand'],
  LHR: ['LHR', 'LHRB', 'left hand reverse'],
  RHR: ['RHR', 'RHRB', 'right hand reverse'],
};
const KINDS = {
  single: ['sgl', 'single', 'S'],
  pair: ['double', 'pair', 'DBL'],
  'unequal-pair': ['leaf and a half'],
};

const pick = (list, at) => list[at % list.length];

function row(opening, at) {
  const hand = opening.hand ?? '';
  return [
    opening.mark,
    opening.from,
    opening.to,
    pick(KINDS[opening.kind] ?? [opening.kind], at),
    opening.size ? sizeText(opening.size, at) : '',
    pick(HANDS[hand] ?? [hand], at),
    pick(RATINGS[opening.rating] ?? ['tbc'], at),
    pick(FRAMES[opening.frameMaterial] ?? [''], at),
    LEAVES[opening.leafConstruction] ?? '',
    `HW-${String((at % 9) + 1).padStart(2, '0')}`,
  ];
}

function sheet(openings, issue) {
  const rows = [
    ['DOOR SCHEDULE'],
    [`Playhouse, issue ${issue}`, '', '', '', 'all dimensions nominal – verify on site'],
    [],
    HEAD,
  ];
  let storey;
  openings.forEach((opening, at) => {
    if (opening.storey !== storey) {
      storey = opening.storey;
      if (storey) rows.push([`${storey.toUpperCase()} FLOOR`]);
    }
    if (at > 0 && at % 28 === 0) rows.push([], HEAD);
    rows.push(row(opening, at));
  });
  return rows;
}

const added = (mark, from, to, rest) => ({
  kind: 'single',
  mark,
  from,
  to,
  size: '3070',
  hand: 'LH',
  rating: 0,
  frameMaterial: 'steel',
  leafConstruction: 'timber-particle',
  storey: 'First',
  ...rest,
});

const listed = project.openings.filter((opening) => opening.storey && opening.kind !== 'sliding');
const first = [
  ...listed,
  added('290', 'Corridor 2', 'Green room', { hand: 'RH', rating: 20 }),
  added('291', 'Green room', 'Pantry', { size: '2868' }),
  added('291', 'Green room', 'Pantry, again', { size: '2868' }),
  added('', 'Corridor 2', 'Riser', { size: '2468' }),
  added('292', 'Corridor 2', 'Wardrobe', { hand: 'right', size: '3-0 x 7-10' }),
];

/** What the architect changed in the second issue: sizes, ratings, rooms, a door gone, two new ones. */
const second = first
  .filter((opening, at) => opening.mark !== '291' && opening.mark !== '' && at !== 12)
  .map((opening, at) => {
    if (at % 17 === 4) return { ...opening, rating: 90 };
    if (at % 19 === 6 && opening.size === '3070') return { ...opening, size: '3670' };
    if (at % 23 === 9) return { ...opening, to: `${opening.to} (revised)` };
    return opening;
  })
  .concat([
    added('293', 'Corridor 2', 'Rack room', { hand: 'LHR', rating: 45 }),
    added('294', 'Rack room', 'Riser', { size: '2070', hand: 'RHR' }),
  ]);

const FORMULA = /^[=+\-@]/;
const csvCell = (text) => {
  const safe = FORMULA.test(text) && text !== '-' ? `'${text}` : text;
  return /[",\n]/.test(safe) ? `"${safe.replace(/"/g, '""')}"` : safe;
};
const csv = (rows) =>
  Buffer.from(rows.map((cells) => cells.map(csvCell).join(',')).join('\r\n') + '\r\n', 'latin1');
const latin = (rows) => rows.map((cells) => cells.map((text) => text.replaceAll('–', '-')));

mkdirSync('demo/lists', { recursive: true });
writeFileSync('demo/lists/larkhollow-doors-issue-1.csv', csv(latin(sheet(first, 1))));
writeFileSync('demo/lists/larkhollow-doors-issue-2.csv', csv(latin(sheet(second, 2))));
await writeExcelFile([
  {
    sheet: 'Cover',
    data: [[{ value: 'Playhouse, door schedule' }], [{ value: 'Issue 1, for pricing' }]],
  },
  {
    sheet: 'Doors',
    data: sheet(first, 1).map((cells) =>
      cells.map((value) =>
        /^\d+$/.test(value)
          ? { value: Number(value), type: Number }
          : value
            ? { value, type: String }
            : null,
      ),
    ),
  },
]).toFile('demo/lists/larkhollow-doors-issue-1.xlsx');
