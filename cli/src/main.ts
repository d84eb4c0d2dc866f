import { readFileSync, writeFileSync } from 'node:fs';
import { run } from './run.js';

const outcome = await run(process.argv.slice(2), {
  read: (path) => readFileSync(path === '-' ? 0 : path, 'utf8'),
  write: (path, content) => writeFileSync(path, content),
  today: () => new Date().toISOString().slice(0, 10),
});
if (outcome.err) process.stderr.write(outcome.err);
process.stdout.write(outcome.out, () => process.exit(outcome.code));
