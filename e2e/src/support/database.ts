import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

/** Stops or starts the database of the application under test. */
export function database(command: 'start' | 'stop'): void {
  const { RIEGEL_E2E_FOLDER: folder, RIEGEL_E2E_DATABASE_PORT: port } = process.env;
  const script = join(__dirname, '../../../bin/database');
  execFileSync(script, [command, folder!, ...(command === 'start' ? [port!] : [])], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
}
