import { readFileSync } from 'node:fs';
import { run } from './run.js';

const outcome = run(process.argv.slice(2), (path) => readFileSync(path === '-' ? 0 : path, 'utf8'));
if (outcome.err) process.stderr.write(outcome.err);
process.stdout.write(outcome.out, () => process.exit(outcome.code));
