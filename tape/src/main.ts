import { seeded, TapeDevice } from './device.js';
import { ForceGauge } from './gauge.js';
import { ClosingRecorder } from './recorder.js';
import { serveTape } from './server.js';

const port = Number(process.env['RIEGEL_TAPE_PORT'] ?? 4380);
const seed = Number(process.env['RIEGEL_TAPE_SEED'] ?? Date.now());

serveTape(
  new TapeDevice(seeded(seed)),
  new ClosingRecorder(seeded(seed + 1)),
  new ForceGauge(seeded(seed + 2)),
).listen(port, '127.0.0.1', () => {
  process.stdout.write(`The simulated tape is at http://localhost:${port}\n`);
  process.stdout.write(`The simulated closing recorder is at http://localhost:${port}/recorder\n`);
  process.stdout.write(`The simulated force gauge is at http://localhost:${port}/gauge\n`);
});
