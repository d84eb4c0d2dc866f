import { seeded, TapeDevice } from './device.js';
import { serveTape } from './server.js';

const port = Number(process.env['RIEGEL_TAPE_PORT'] ?? 4380);
const seed = Number(process.env['RIEGEL_TAPE_SEED'] ?? Date.now());

serveTape(new TapeDevice(seeded(seed))).listen(port, '127.0.0.1', () => {
  process.stdout.write(`The simulated tape is at http://localhost:${port}\n`);
});
