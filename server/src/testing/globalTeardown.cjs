const { execFileSync } = require('node:child_process');
const { rmSync } = require('node:fs');

module.exports = async () => {
  execFileSync(process.env.RIEGEL_TEST_SCRIPT, ['stop', process.env.RIEGEL_TEST_FOLDER]);
  rmSync(process.env.RIEGEL_TEST_FOLDER, { recursive: true, force: true });
};
