/**
 * Mutation tests of core, one source file at a time: npm run mutate -- core/src/preparing/holeRow.ts
 * Which tests count: those of the file's own folder, and any further folder given after `--with`.
 * A mutant that survives is a change of the rule that no test notices.
 */
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, relative, resolve } from 'node:path';
import { Stryker } from '@stryker-mutator/core';

const root = resolve(import.meta.dirname, '..');
const words = process.argv.slice(2);
const at = words.indexOf('--with');
const files = at < 0 ? words : words.slice(0, at);
const further = at < 0 ? [] : words.slice(at + 1);
if (files.length === 0) {
  console.error('Usage: npm run mutate -- FILE.ts[:FROM-TO] … [--with FOLDER …]');
  process.exit(2);
}
process.chdir(root);
const scratch = '.riegel/mutate';
mkdirSync(scratch, { recursive: true });

for (const file of files) {
  const [path] = file.split(':');
  if (!existsSync(path)) {
    console.error(`There is no file ${path}.`);
    process.exit(2);
  }
  const folders = [dirname(path), ...further].map((one) => `<rootDir>/${one}/**/*.test.ts`);
  const config = `${scratch}/jest.config.cjs`;
  writeFileSync(
    config,
    `const { projects } = require('../../jest.config.cjs');
const core = projects.find((one) => one.displayName === 'core');
module.exports = { ...core, rootDir: '${'../..'}', testMatch: ${JSON.stringify(folders)}, testTimeout: 60000 };
`,
  );
  const name = relative('core/src', path).replace(/\W+/g, '-');
  const results = await new Stryker({
    testRunner: 'jest',
    jest: { projectType: 'custom', configFile: config, enableFindRelatedTests: false },
    mutate: [file],
    coverageAnalysis: 'perTest',
    ignoreStatic: true,
    concurrency: 2,
    incremental: true,
    incrementalFile: `${scratch}/${name}.json`,
    tempDirName: `${scratch}/sandbox`,
    reporters: ['clear-text', 'progress'],
    clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
    ignorePatterns: ['dist', 'web', 'server', 'e2e', 'bench', 'docs'],
    allowConsoleColors: false,
    checkers: [],
    plugins: ['@stryker-mutator/jest-runner'],
  }).runMutationTest();
  const survived = results.filter((one) => ['Survived', 'NoCoverage'].includes(one.status));
  console.log(`${path}: ${results.length} mutants, ${survived.length} survived.`);
}
