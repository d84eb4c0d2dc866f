// Decides the same openings by two states of the core and tells what differs.
//   node scripts/compare-decisions.mjs [BASE] [--count N] [--seed S]
// BASE is a commit (default: HEAD). Its core is built in a worktree of its own; the working tree's is
// built in place. The openings are those of the demo projects and N generated ones, written down by the
// core of BASE, so that they are facts as that version stored them. What differs on purpose is named in
// scripts/compare-known.mjs, with its reason.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, symlinkSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { KNOWN, normalised, RENAMED } from './compare-known.mjs';

const root = join(import.meta.dirname, '..');
const args = process.argv.slice(2);
const option = (name, usual) => {
  const at = args.indexOf(name);
  return at < 0 ? usual : Number(args.splice(at, 2)[1]);
};
const count = option('--count', 3000);
let seed = option('--seed', 7);
const baseCommit = args[0] ?? 'HEAD';

const run = (command, parameters, cwd = root) =>
  execFileSync(command, parameters, { cwd, stdio: ['ignore', 'pipe', 'inherit'] });

const commit = run('git', ['rev-parse', baseCommit]).toString().trim();
const base = join(tmpdir(), 'riegel-compare', commit);
if (!existsSync(join(base, 'core/dist/index.js'))) {
  mkdirSync(join(tmpdir(), 'riegel-compare'), { recursive: true });
  if (!existsSync(base)) run('git', ['worktree', 'add', '--detach', base, commit]);
  if (!existsSync(join(base, 'node_modules')))
    symlinkSync(join(root, 'node_modules'), join(base, 'node_modules'));
  run('npm', ['run', '-s', 'build', '-w', '@riegel/core'], base);
}
run('npm', ['run', '-s', 'build', '-w', '@riegel/core']);
const load = (folder) => import(pathToFileURL(join(folder, 'core/dist/index.js')).href);
const [before, after] = [await load(base), await load(root)];

/** Whole numbers below `most`, the same for every seed. */
function below(most) {
  seed = (Math.imul(seed, 1_103_515_245) + 12_345) >>> 0;
  return Math.floor((seed / 2 ** 32) * most);
}
const one = (list) => list[below(list.length)];
const chance = (share) => below(1000) < share * 1000;

const INCH = 8128;
const AROUND = {
  frameWidth: [30, 48],
  frameHeight: [78, 96],
  leafWidth: [28, 48],
  leafHeight: [76, 95],
  leafThickness: [1.25, 2.5],
  wallWidth: [36, 54],
  wallHeight: [80, 100],
  inactiveWidth: [12, 30],
  lowerLeafHeight: [30, 50],
  backset: [1, 5],
  lockHeight: [30, 50],
  strikeAt: [30, 50],
  trimProjection: [0, 4],
  stileWidth: [2, 7],
  clearWanted: [28, 36],
  kickPlate: [6, 16],
};
const RATINGS = [0, 0, 20, 30, 45, 60, 90];

function valueOf(field) {
  if (field.mayBeUnknown && chance(0.06)) return 'unknown';
  const [least, most] = AROUND[field.name] ?? [0, 5];
  switch (field.type) {
    case 'text':
      return one(['Corridor', 'Office', 'Street', 'WC']);
    case 'length':
      if (chance(0.03)) return below(200 * INCH);
      return least * INCH + below((most - least) * 64 + 1) * 127;
    case 'mass':
      return 5000 + below(200_000);
    case 'count':
      return below(Math.min(field.most ?? 2000, 600) + 1);
    case 'minutes':
      return one(RATINGS);
    case 'yes-no':
      return chance(0.5);
    case 'choice':
      return one(field.options);
  }
}

const ALWAYS = [
  'frameWidth',
  'frameHeight',
  'leafConstruction',
  'frameMaterial',
  'hingeSide',
  'swing',
];

function readings() {
  const kinds = before.readingKinds(3);
  return kinds
    .filter(() => chance(0.5))
    .map((kind, index) => ({
      id: `r${index}`,
      name: kind.name,
      ...(chance(0.05)
        ? { skipped: 'no way to get there' }
        : {
            value:
              kind.type === 'choice'
                ? one(kind.options)
                : kind.type === 'text'
                  ? 'as seen'
                  : kind.type === 'count'
                    ? 1 + below(4)
                    : kind.type === 'lean'
                      ? below(2000) - 1000
                      : /width/i.test(kind.name)
                        ? 33 * INCH + below(4 * INCH)
                        : /height/i.test(kind.name)
                          ? 80 * INCH + below(4 * INCH)
                          : below(12 * INCH),
          }),
      how: 'tape',
      by: 'A surveyor',
      at: `2026-01-01T00:00:${String(index).padStart(2, '0')}Z`,
    }));
}

function generated(index, basis) {
  const facts = { mark: String(index), kind: one(before.OPENING_KINDS) };
  const density = one([0.1, 0.3, 0.6]);
  for (const field of before.FIELDS) {
    if (field.name === 'mark' || field.name === 'kind' || field.name === 'practice') continue;
    if (ALWAYS.includes(field.name) ? chance(0.85) : chance(density))
      facts[field.name] = valueOf(field);
  }
  if (before.meetsInMiddle(facts.kind) && typeof facts.frameWidth === 'number')
    facts.frameWidth *= 2;
  if (chance(0.2)) facts.practice = one(before.PRACTICE_IDS);
  if (chance(0.25)) facts.readings = readings();
  if (chance(0.15))
    facts.observations = [
      {
        stood: one(['outside', 'inside', 'knuckle-side', 'other-side']),
        hinges: one(['left', 'right']),
      },
      { stood: 'in-frame', swingsTo: one(['left', 'right']), opensOutward: chance(0.5) },
    ].filter(() => chance(0.7));
  if (chance(0.15))
    facts.written = [
      {
        stage: one(before.SET_STAGES),
        quantity: 1 + below(4),
        unit: 'each',
        description: 'As written',
      },
    ];
  if (chance(0.08)) facts.none = { [one(before.SET_STAGES)]: 'none wanted' };
  if (chance(0.1)) facts.how = { frameWidth: 'measured', leafWidth: 'measured' };
  if (chance(0.1)) facts.hingePositions = { leaf: [5 * INCH, 40 * INCH, 70 * INCH] };
  if (chance(0.5)) {
    // What else could have been taken of what was decided, and now and then what never could.
    const { decisions } = before.decideOpening(facts, basis);
    const choices = {};
    for (const decision of decisions)
      if (decision.alternatives.length > 0 && chance(0.25))
        choices[decision.key] = { value: one(decision.alternatives).value, reason: 'as agreed' };
    if (chance(0.05)) choices['hanging.count'] = { value: one([-1, 40, 'many']), reason: 'a slip' };
    if (chance(0.05)) choices['hanging.colour'] = { value: 'red', reason: 'a slip' };
    if (chance(0.2)) {
      const product = one([...basis.products.values()]);
      const slot = one(before.PRODUCT_SLOTS);
      choices[slot] = { value: chance(0.1) ? 'gone' : product.id, reason: 'in stock' };
    }
    if (Object.keys(choices).length > 0) facts.choices = choices;
  }
  return facts;
}

/** Sections held against each other; a section with fields none of which is named is taken whole. */
const SECTIONS = ['decisions', 'items', 'findings', 'cautions', 'progress', 'solids', 'clashes'];
const sectionOf = (decided, name) => decided[name] ?? decided[RENAMED[name]];

/** Sorted keys; of a sentence's parameters only those that its words name. */
const canonical = (value) =>
  JSON.stringify(value, (_, inner) => {
    if (!inner || typeof inner !== 'object' || Array.isArray(inner)) return inner;
    const words = inner.params && (before.SENTENCES[inner.code] ?? after.SENTENCES[inner.code]);
    const entries = Object.entries(
      words === undefined
        ? inner
        : {
            ...inner,
            params: Object.fromEntries(
              Object.entries(inner.params).filter(([name]) => words.includes(`{${name}}`)),
            ),
          },
    );
    return Object.fromEntries(entries.sort(([a], [b]) => (a < b ? -1 : 1)));
  });

const differences = new Map();
let compared = 0;
let alike = 0;

function compare(where, facts, basisBefore, basisAfter) {
  compared += 1;
  const was = before.decideOpening(facts, basisBefore);
  const is = after.decideOpening(structuredClone(facts), basisAfter);
  let same = true;
  for (const section of SECTIONS) {
    const sides = [
      normalised(section, sectionOf(was, section), 'before'),
      normalised(section, sectionOf(is, section), 'after'),
    ];
    const [old, now] = sides.map((list) => list.map(canonical));
    const gone = old.filter((text) => !now.includes(text));
    const come = now.filter((text) => !old.includes(text));
    const moved = gone.length + come.length === 0 && old.join() !== now.join();
    for (const [sign, texts] of [
      ['-', gone],
      ['+', come],
      ['~', moved ? ['another order'] : []],
    ])
      for (const text of texts) {
        const code = /"(?:key|code|thing|term|stage)":"([^"]+)"/.exec(text)?.[1] ?? '';
        const name = `${section} ${sign} ${code}`;
        const known = KNOWN.find((entry) => entry.matches({ section, sign, code, text, facts }));
        const kind = known ? `known: ${known.why}` : name;
        const entry = differences.get(kind) ?? {
          known: known !== undefined,
          count: 0,
          examples: [],
        };
        entry.count += 1;
        if (entry.examples.length < 2)
          entry.examples.push(`${where}: ${sign} ${text.slice(0, 700)}`);
        differences.set(kind, entry);
        same = false;
      }
  }
  if (same) alike += 1;
}

for (const file of readdirSync(join(root, 'demo')).filter((name) => name.endsWith('.json'))) {
  const text = readFileSync(join(base, 'demo', file), 'utf8');
  const read = [before, after].map((core) => core.readProject(text));
  if (!read[0].ok) continue;
  if (!read[1].ok)
    throw new Error(`${file} cannot be read any more: ${JSON.stringify(read[1].faults)}`);
  const bases = [before, after].map((core, side) => {
    const { practice, practices, building, products, locks } = read[side].project;
    return core.projectBasis(practice, practices, building, products, locks);
  });
  for (const facts of read[0].project.openings) compare(`${file} ${facts.mark}`, facts, ...bases);
}
for (const practice of before.PRACTICE_IDS) {
  const rooms = {
    storeys: [],
    rooms: [
      { name: 'Office', use: 'work' },
      { name: 'WC', use: 'sanitary' },
      { name: 'Street', use: 'outdoors' },
    ],
  };
  const bases = [before, after].map((core) => core.projectBasis(practice, [], rooms));
  for (let index = 0; index < count / before.PRACTICE_IDS.length; index++)
    compare(`${practice} ${index}`, generated(index, bases[0]), ...bases);
}

const unexplained = [...differences].filter(([, entry]) => !entry.known);
for (const [kind, entry] of [...differences].sort(
  (a, b) => Number(a[1].known) - Number(b[1].known) || b[1].count - a[1].count,
)) {
  console.log(`${String(entry.count).padStart(6)}  ${kind}`);
  if (!entry.known) for (const example of entry.examples) console.log(`        ${example}`);
}
console.log(
  `${compared} openings, ${alike} alike in everything, ${unexplained.length} kinds of difference without a reason`,
);
process.exitCode = unexplained.length > 0 ? 1 : 0;
