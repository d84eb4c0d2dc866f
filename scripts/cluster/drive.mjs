// bin/test cluster: people work through the balancer while parts of the cluster go and come back.
//   node scripts/cluster/drive.mjs [SEED]      prints what was taken away, when, and what held
import { randomUUID } from 'node:crypto';
import { chaos, cluster, log, orderly, powerCut, seconds } from './chaos.mjs';
import { Client, Ear, shown } from './client.mjs';

const seed = Number(process.argv[2] ?? Date.now() % 100_000);
const port = Number(process.env.RIEGEL_CLUSTER_PORT ?? 4320);
const address = `http://127.0.0.1:${port}`;

/** Numbers from a seed (mulberry32), so that a run can be had again. */
function seeded(state) {
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

let passed = 0;
let failed = 0;
function check(what, holds, more = '') {
  if (holds) passed++;
  else failed++;
  console.log(`${holds ? '✓' : '✕'} ${what}${more ? `: ${more}` : ''}`);
}

console.log(`seed ${seed}`);
console.log(await cluster('--fresh'));
const random = seeded(seed);
const people = ['Ines Okafor', 'Tobias Lund'].map((name) => new Client(address, name));
const [ines, tobias] = people;
for (const one of people) await one.signIn();
const { body: projects } = await ines.ask('GET', '/projects');
const project = projects.projects.find(({ name }) => name === 'Larkhollow Playhouse');
const base = `/projects/${project.id}`;
const plain = (mark, more = {}) => ({
  version: 2,
  mark,
  kind: 'single',
  frameMaterial: 'steel',
  ...more,
});

// Openings that each worker has to itself, so that what must stand at the end is known.
const WORKERS = 4;
const OWN = 3;
const { body: made } = await ines.ask('POST', `${base}/openings/bulk`, {
  changes: Array.from({ length: WORKERS * OWN }, (_, at) => ({
    op: 'create',
    id: randomUUID(),
    facts: plain(`W${at}`),
  })),
});
let working = true;
const counts = { edits: 0, bulks: 0, records: 0, jobs: 0, schedules: 0 };
/** What was acknowledged last of each opening, and what was asked for besides. */
const wanted = new Map();

async function edit(client, opening) {
  const width = 250_000 + Math.floor(random() * 100_000);
  const facts = { ...opening.facts, frameWidth: width };
  const { status, body } = await client.ask(
    'PUT',
    `${base}/openings/${opening.id}`,
    { version: opening.version, facts },
    [409],
  );
  if (status === 200) Object.assign(opening, { version: body.version, facts: body.facts });
  else if (status === 409) {
    // The answer was lost and the write was not: then it stands as it was sent.
    const { body: now } = await client.ask('GET', `${base}/openings/${opening.id}`);
    if (now.facts.frameWidth !== width)
      shown.push(`${opening.facts.mark}: a write that nobody made stands in place of ${width}`);
    Object.assign(opening, { version: now.version, facts: now.facts });
  } else return;
  counts.edits++;
  wanted.set(opening.id, width);
}

async function editor(at) {
  const client = people[at % 2];
  const own = made.openings.slice(at * OWN, at * OWN + OWN).map((one) => ({ ...one }));
  while (working) await edit(client, own[Math.floor(random() * OWN)]);
}

/** Bulk writes of several openings, the ids given by the sender: asked again they are there once. */
const bulks = [];
const IN_BULK = 12;
async function bulker() {
  for (let number = 0; working; number++) {
    const ids = Array.from({ length: IN_BULK }, () => randomUUID());
    const { status } = await tobias.ask(
      'POST',
      `${base}/openings/bulk`,
      {
        // Every other one as an import of a list does it.
        ...(number % 2 === 0 ? {} : { kind: 'import' }),
        changes: ids.map((id, at) => ({ op: 'create', id, facts: plain(`B${number}.${at}`) })),
      },
      [409, 422],
    );
    // Refused the second time: its ids are there, so the first was kept.
    bulks.push({ ids, acknowledged: status === 200 });
    counts.bulks++;
    await new Promise((resolve) => setTimeout(resolve, 400));
  }
}

const recorded = [];
async function recorder() {
  for (let number = 0; working; number++) {
    const record = {
      id: randomUUID(),
      openingId: made.openings[number % made.openings.length].id,
      kind: 'step',
      step: `s${number}`,
      done: true,
      at: new Date().toISOString(),
      by: 'Ines Okafor',
    };
    const { status } = await ines.ask('POST', `${base}/site`, { records: [record] });
    if (status === 200) recorded.push(record.id);
    counts.records++;
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
}

const jobs = [];
async function jobber() {
  while (working) {
    const id = randomUUID();
    const { status } = await ines.ask(
      'POST',
      `${base}/jobs`,
      {
        id,
        kind: 'sheets',
        name: `Sheets ${jobs.length}`,
        openings: made.openings.slice(0, 2).map(({ id }) => id),
      },
      [409, 422, 429],
    );
    if (status === 202) jobs.push(id);
    counts.jobs++;
    await new Promise((resolve) => setTimeout(resolve, 9000));
  }
}

/** Set numbers as they were seen: a set's never changes, no number stands twice. */
const numberOf = new Map();
const twice = [];
async function scheduler() {
  while (working) {
    for (const client of people) {
      const { status, body } = await client.ask('GET', `${base}/schedule`);
      if (status !== 200) continue;
      counts.schedules++;
      const seen = new Set();
      for (const { number, lines, apart } of body.sets ?? []) {
        const key = JSON.stringify([lines, apart]);
        if (seen.has(number)) twice.push(`number ${number} stands twice`);
        seen.add(number);
        const before = numberOf.get(key);
        if (before !== undefined && before !== number)
          twice.push(`${key} was ${before}, is ${number}`);
        numberOf.set(key, number);
      }
    }
    await new Promise((resolve) => setTimeout(resolve, 2500));
  }
}

const ears = [new Ear(ines, project.id), new Ear(tobias, project.id)];
await new Promise((resolve) => setTimeout(resolve, 1500));
const workers = [
  ...Array.from({ length: WORKERS }, (_, at) => editor(at)),
  bulker(),
  recorder(),
  jobber(),
  scheduler(),
];
await chaos(random);
await powerCut();
await new Promise((resolve) => setTimeout(resolve, 3000));
await orderly();
await new Promise((resolve) => setTimeout(resolve, 3000));
working = false;
await Promise.all(workers);
console.log(`${seconds()} s  work ended: ${JSON.stringify(counts)}`);

// What stands now, read through each server.
await cluster('start');
const { body: all } = await ines.ask('GET', `${base}/openings`);
const standing = new Map(all.openings.map((one) => [one.id, one]));
const lost = [...wanted].filter(([id, width]) => standing.get(id)?.facts.frameWidth !== width);
check(
  `${counts.edits} acknowledged edits, none lost`,
  lost.length === 0,
  lost.map(([id]) => id).join(' '),
);
const half = bulks.filter(({ ids, acknowledged }) => {
  const there = ids.filter((id) => standing.has(id)).length;
  return there !== 0 && there !== IN_BULK ? true : acknowledged && there === 0;
});
check(`${bulks.length} bulk writes and imports, each whole or not there`, half.length === 0);

const got = new Set();
for (let seq = 0, more = true; more;) {
  const { body } = await ines.ask('GET', `${base}/site?since=${seq}`);
  for (const { id } of body.records) {
    if (got.has(id)) shown.push(`the record ${id} stands twice`);
    got.add(id);
  }
  ({ seq, more } = body);
}
check(
  `${recorded.length} records of the site, none lost`,
  recorded.every((id) => got.has(id)),
);

for (const [at, ear] of ears.entries()) {
  const newest = await newestSeq();
  for (let wait = 0; wait < 100 && ear.heard.at(-1) < newest; wait++)
    await new Promise((resolve) => setTimeout(resolve, 200));
  const gaps = ear.heard.filter((seq, index) => index > 0 && seq !== ear.heard[index - 1] + 1);
  check(
    `stream ${at + 1}: ${ear.heard.length} events over ${ear.connections} connections, none missed, none twice, in order`,
    gaps.length === 0 && ear.heard.at(-1) === newest && ear.resets === 0,
    gaps.length > 0 ? `breaks at ${gaps.slice(0, 5)}` : '',
  );
  await ear.end();
}
async function newestSeq() {
  const { body } = await ines.ask('GET', `${base}/openings`);
  return Number(body.place.slice(body.place.lastIndexOf('-') + 1));
}

for (let wait = 0; wait < 300; wait++) {
  const { body } = await ines.ask('GET', `${base}/jobs`);
  if (!body.jobs.some(({ state }) => state === 'waiting' || state === 'running')) break;
  await new Promise((resolve) => setTimeout(resolve, 500));
}
const { body: ended } = await ines.ask('GET', `${base}/jobs`);
const mine = ended.jobs.filter(({ id }) => jobs.includes(id));
check(
  `${jobs.length} jobs, each done once`,
  jobs.length > 0 && mine.length === jobs.length && mine.every(({ state }) => state === 'done'),
  mine
    .filter(({ state }) => state !== 'done')
    .map(({ state, why }) => `${state} ${why}`)
    .join('; '),
);
check(
  `${counts.schedules} schedules, no set number given twice or changed`,
  twice.length === 0,
  twice.slice(0, 3).join('; '),
);
for (const one of people) {
  const { body } = await one.ask('GET', '/session');
  check(`${one.name} is still signed in`, body.person?.name === one.name);
}
check(
  'nothing was shown that nobody should see',
  shown.length === 0,
  shown.slice(0, 6).join(' | '),
);
const gaps = people.flatMap((one) => one.gaps);
console.log(
  `longest wait for an answer ${(gaps.reduce((most, one) => Math.max(most, one), 0) / 1000).toFixed(1)} s; ${gaps.length} answers came only when asked again`,
);
console.log(`taken away: ${log.length} steps\n${log.join('\n')}`);
await cluster('stop');
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
