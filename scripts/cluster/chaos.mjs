// Takes parts of the cluster away at random points, and brings them back.
import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { promisify } from 'node:util';

const run = promisify(execFile);
const root = join(import.meta.dirname, '../..');

/** What was done, when, in seconds from the start. */
export const log = [];
const begun = Date.now();
export const seconds = () => ((Date.now() - begun) / 1000).toFixed(1);

export async function cluster(...args) {
  try {
    const { stdout } = await run(join(root, 'bin/cluster'), args, { maxBuffer: 1e7 });
    return stdout;
  } catch (error) {
    throw new Error(`bin/cluster ${args.join(' ')}: ${error.stderr || error.message}`, {
      cause: error,
    });
  }
}

async function did(what, ...args) {
  log.push(`${seconds().padStart(6)} s  ${what}`);
  console.log(log.at(-1));
  await cluster(...args);
}

const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Two of three nodes always stand: one at a time is taken away, and is back in step before the next. */
export const ROUNDS = [
  ['the database db1 is killed', ['kill', 'db1'], ['start', 'db1']],
  ['the server web1 is killed', ['kill', 'web1'], ['start', 'web1']],
  ['the database db2 is stopped orderly', ['stop', 'db2'], ['start', 'db2']],
  ['the server web2 is stopped orderly', ['stop', 'web2'], ['start', 'web2']],
  ['the database db2 is frozen', ['freeze', 'db2'], ['thaw', 'db2']],
  ['the database db3 is killed', ['kill', 'db3'], ['start', 'db3']],
  ['both servers are killed', ['kill', 'web1', 'web2'], ['start', 'web1', 'web2']],
  ['the database db1 is frozen', ['freeze', 'db1'], ['thaw', 'db1']],
  ['the database db1 is stopped orderly', ['stop', 'db1'], ['start', 'db1']],
];

/** Each part named is done to by itself. */
const each = async (what, [command, ...nodes]) => {
  for (const [at, node] of nodes.entries()) {
    if (at === 0) await did(what, command, node);
    else await cluster(command, node);
  }
};

export async function chaos(random) {
  for (const [what, away, back] of ROUNDS) {
    await pause(1500 + random() * 2500);
    await each(what, away);
    await pause(2000 + random() * 3500);
    await each(
      `  ${back[0] === 'thaw' ? 'goes on' : 'comes back'}: ${back.slice(1).join(', ')}`,
      back,
    );
    if (back[0] === 'thaw') await pause(4000);
  }
  await pause(1500);
}

/** All is ended at once, as a power cut does, and started again. */
export async function powerCut() {
  log.push(`${seconds().padStart(6)} s  everything is killed at once`);
  console.log(log.at(-1));
  await Promise.all(
    ['db1', 'db2', 'db3', 'web1', 'web2', 'proxy'].map((node) => cluster('kill', node)),
  );
  await pause(500);
  await did('  started again', 'start');
}

/** All is stopped in order and started again. */
export async function orderly() {
  await did('everything is stopped in order', 'stop');
  await did('  started again', 'start');
}
