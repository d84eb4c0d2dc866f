module.exports = async () => {
  globalThis.riegelTape.kill('SIGTERM');
  await globalThis.riegelApplication.stop();
};
