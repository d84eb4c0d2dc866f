// Backups of a Riegel database: made, checked, restored. Called by bin/backup and bin/restore.
//   backup FILE             writes a consistent copy while Riegel runs
//   check FILE              says what is in it; fails when it is damaged
//   restore FILE [replace]  fills the database; only an empty one, unless told to replace what is there
//   compare FILE            fails unless the database holds row for row what the file holds
// The database is RIEGEL_DATABASE_URL. A file is one line of JSON, then the dump, gzipped.
import { spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { createReadStream, createWriteStream, readdirSync } from 'node:fs';
import { open, rename, rm } from 'node:fs/promises';
import process from 'node:process';
import { PassThrough, Transform, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { URL } from 'node:url';
import { createGunzip, createGzip } from 'node:zlib';

const FORMAT = 'riegel-backup';
const VERSION = 1;
const MOST_HEADER = 64 * 1024;

/** Something a person can act on, in a sentence. */
class Refused extends Error {}

const url = new URL(process.env.RIEGEL_DATABASE_URL ?? 'mysql://nowhere');
const database = decodeURIComponent(url.pathname.slice(1));
const connection = [
  '--no-defaults',
  `--host=${url.hostname}`,
  `--port=${url.port || 3306}`,
  `--user=${decodeURIComponent(url.username)}`,
  '--default-character-set=utf8mb4',
  '--max-allowed-packet=64M',
];
const environment = { ...process.env, MYSQL_PWD: decodeURIComponent(url.password) };

/** Runs a program of the database's; its words are the error's. */
function program(name, args) {
  const child = spawn(name, [...connection, ...args], {
    env: environment,
    stdio: ['pipe', 'pipe', 'pipe'],
  });
  let words = '';
  child.stderr.on('data', (text) => (words += text));
  child.stdin.on('error', () => undefined);
  const ended = new Promise((resolve, reject) => {
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0
        ? resolve()
        : reject(new Refused(`${name}: ${words.trim() || `ended with ${code}`}`)),
    );
  });
  ended.catch(() => undefined);
  return { child, ended };
}

async function ask(sql) {
  const { child, ended } = program('mariadb', [
    '--batch',
    '--skip-column-names',
    '-e',
    sql,
    database,
  ]);
  let text = '';
  child.stdout.on('data', (part) => (text += part));
  await ended;
  return text.trim();
}

/** Everything, as of one moment, in the order of the keys: the same rows always give the same text. */
const dump = () =>
  program('mariadb-dump', [
    '--single-transaction',
    '--quick',
    '--order-by-primary',
    '--hex-blob',
    '--no-tablespaces',
    '--skip-comments',
    '--skip-dump-date',
    '--skip-triggers',
    database,
  ]);

/** Passes bytes on and keeps their sum and number. */
function summing() {
  const hash = createHash('sha256');
  const stream = new Transform({
    transform(chunk, _, done) {
      hash.update(chunk);
      stream.bytes += chunk.length;
      done(null, chunk);
    },
  });
  stream.bytes = 0;
  stream.sum = () => hash.digest('hex');
  return stream;
}

const nowhere = () => new Writable({ write: (_chunk, _encoding, done) => done() });

async function backup(file) {
  if ((await ask("SHOW TABLES LIKE 'migration'")) === '')
    throw new Refused('there is no Riegel in this database.');
  const migrations = (await ask('SELECT name FROM migration ORDER BY id')).split('\n');
  const part = `${file}.part-${process.pid}`;
  const whole = `${file}.new-${process.pid}`;
  try {
    const [plain, packed] = [summing(), summing()];
    const { child, ended } = dump();
    await Promise.all([
      pipeline(
        child.stdout,
        plain,
        createGzip({ level: 6 }),
        packed,
        createWriteStream(part, { mode: 0o600 }),
      ),
      ended,
    ]);
    const header = {
      format: FORMAT,
      version: VERSION,
      made: new Date().toISOString(),
      migrations,
      bytes: packed.bytes,
      sha256: packed.sum(),
      sqlBytes: plain.bytes,
      sqlSha256: plain.sum(),
    };
    const out = createWriteStream(whole, { mode: 0o600 });
    out.write(`${JSON.stringify(header)}\n`);
    await pipeline(createReadStream(part), out);
    const handle = await open(whole, 'r');
    await handle.sync();
    await handle.close();
    await rename(whole, file);
    return header;
  } finally {
    await Promise.all([part, whole].map((name) => rm(name, { force: true })));
  }
}

/** The header of a file and where its dump begins. */
async function headerOf(file) {
  const handle = await open(file, 'r').catch(() => {
    throw new Refused(`there is no file ${file}.`);
  });
  try {
    const { buffer, bytesRead } = await handle.read({
      buffer: Buffer.alloc(MOST_HEADER),
      position: 0,
    });
    const end = buffer.subarray(0, bytesRead).indexOf(10);
    let header;
    try {
      header = JSON.parse(buffer.subarray(0, end).toString('utf8'));
    } catch {
      header = undefined;
    }
    if (end < 0 || header?.format !== FORMAT) throw new Refused('this is no backup of Riegel.');
    if (header.version !== VERSION)
      throw new Refused('this backup is of a later Riegel; use that one.');
    return { header, from: end + 1, size: (await handle.stat()).size };
  } finally {
    await handle.close();
  }
}

/** Reads a file to its end and compares every sum; nothing else is touched. */
async function check(file) {
  const { header, from, size } = await headerOf(file);
  if (size - from !== header.bytes) throw new Refused('the file is not whole.');
  const [packed, plain] = [summing(), summing()];
  await pipeline(
    createReadStream(file, { start: from }),
    packed,
    createGunzip(),
    plain,
    nowhere(),
  ).catch(() => {
    throw new Refused('the file is damaged.');
  });
  if (
    packed.sum() !== header.sha256 ||
    plain.bytes !== header.sqlBytes ||
    plain.sum() !== header.sqlSha256
  )
    throw new Refused('the file is damaged: its check sum does not agree.');
  return { header, from };
}

async function compare(header) {
  const plain = summing();
  const { child, ended } = dump();
  await Promise.all([pipeline(child.stdout, plain, nowhere()), ended]);
  if (plain.sum() !== header.sqlSha256)
    throw new Refused('the database does not hold what the file holds.');
}

/** The number of the newest change of the tables that this Riegel knows. */
function newestKnown() {
  const folder = new URL('../server/src/base/database/migrations/', import.meta.url);
  return Math.max(...readdirSync(folder).map((name) => Number(/^\d+/.exec(name)?.[0] ?? 0)));
}

async function restore(file, replace) {
  const { header, from } = await check(file);
  const newest = Math.max(
    ...header.migrations.map((name) => Number(/(\d{4})0{9}$/.exec(name)?.[1] ?? 0)),
  );
  if (newest > newestKnown())
    throw new Refused(
      'this backup is of a later Riegel, whose tables this one does not know; use that one.',
    );
  const others = await ask(
    'SELECT COUNT(*) FROM information_schema.processlist WHERE db = DATABASE() AND id <> CONNECTION_ID()',
  );
  if (Number(others) > 0)
    throw new Refused('Riegel, or somebody, is still connected to this database. Stop it first.');
  const tables = (await ask('SHOW TABLES')).split('\n').filter(Boolean);
  if (tables.length > 0 && !replace)
    throw new Refused(
      'the database is not empty. Say --replace to put the backup in place of what is there; it is kept in a file first.',
    );
  if (tables.length > 0)
    await ask(
      `SET FOREIGN_KEY_CHECKS = 0; DROP TABLE ${tables.map((name) => `\`${name}\``).join(', ')};`,
    );
  const { child, ended } = program('mariadb', [database]);
  await Promise.all([
    pipeline(
      createReadStream(file, { start: from }),
      createGunzip(),
      new PassThrough(),
      child.stdin,
    ),
    ended,
  ]);
  await compare(header);
  // Numbers of the feed may stand for other events now, and who was signed in then is not now.
  await ask(
    `UPDATE installation SET value = '${randomBytes(6).toString('hex')}' WHERE name = 'epoch'; DELETE FROM session;`,
  );
  return header;
}

const [command, file, option] = process.argv.slice(2);
const megabytes = (bytes) => `${(bytes / 1e6).toFixed(1)} MB`;
try {
  if (command === 'backup') {
    const { bytes, sqlBytes } = await backup(file);
    console.log(`${file}: ${megabytes(bytes)}, ${megabytes(sqlBytes)} unpacked`);
  } else if (command === 'check') {
    const { header } = await check(file);
    console.log(`${file}: whole, made ${header.made}`);
  } else if (command === 'compare') {
    await compare((await check(file)).header);
    console.log('every row is as in the file');
  } else if (command === 'restore') {
    const { made } = await restore(file, option === 'replace');
    console.log(`restored as of ${made}; every row was compared`);
  } else throw new Refused('say backup, check, compare or restore.');
} catch (error) {
  if (!(error instanceof Refused)) throw error;
  console.error(`Riegel: ${error.message}`);
  process.exit(1);
}
