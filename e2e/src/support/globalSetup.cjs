const { spawn } = require('node:child_process');
const { join } = require('node:path');
const { freePort, root, startApplication } = require('./application.cjs');

/** Starts what the journeys share; one that takes something away from it starts its own. */
module.exports = async () => {
  const tapePort = String(await freePort());
  const tapeUrl = `http://127.0.0.1:${tapePort}`;
  globalThis.riegelTape = spawn(process.execPath, [join(root, 'tape/dist/main.js')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, RIEGEL_TAPE_PORT: tapePort, RIEGEL_TAPE_SEED: '1' },
  });
  globalThis.riegelApplication = await startApplication({ RIEGEL_TAPE_URL: tapeUrl });
  Object.assign(process.env, {
    RIEGEL_E2E_TAPE: tapeUrl,
    RIEGEL_E2E_URL: globalThis.riegelApplication.url,
    RIEGEL_E2E_FOLDER: globalThis.riegelApplication.folder,
  });
};
