const swc = {
  jsc: {
    parser: { syntax: 'typescript', tsx: true, decorators: true },
    transform: {
      legacyDecorator: true,
      decoratorMetadata: true,
      useDefineForClassFields: false,
      react: { runtime: 'automatic' },
    },
    target: 'es2022',
    keepClassNames: true,
  },
  module: { type: 'commonjs' },
  sourceMaps: 'inline',
};

/** Packages that ship ES modules only and must be compiled for Jest's CommonJS mode. */
const esm = [
  '@nestjs',
  'file-type',
  'strtok3',
  'token-types',
  '@tokenizer',
  'uint8array-extras',
  '@borewit',
  'load-esm',
  'piscina',
  '@scure',
  '@noble',
];

const project = (name, extra = {}) => ({
  displayName: name,
  rootDir: __dirname,
  testEnvironment: 'node',
  testMatch: [`<rootDir>/${name}/src/**/*.test.{ts,tsx}`],
  transform: { '\\.(ts|tsx|js|mjs)$': ['@swc/jest', swc] },
  transformIgnorePatterns: [`/node_modules/(?!(?:.*/node_modules/)?(${esm.join('|')})/)`],
  testEnvironmentOptions: { customExportConditions: ['source', 'node', 'node-addons'] },
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': ['$1.js', '$1'] },
  ...extra,
});

module.exports = {
  // A busy machine is no fault of the code.
  testTimeout: 60_000,
  projects: [
    project('core'),
    project('paper'),
    project('cli'),
    project('tape'),
    project('web'),
    project('server', {
      globalSetup: '<rootDir>/server/src/testing/globalSetup.cjs',
      globalTeardown: '<rootDir>/server/src/testing/globalTeardown.cjs',
    }),
    project('e2e', {
      globalSetup: '<rootDir>/e2e/src/support/globalSetup.cjs',
      globalTeardown: '<rootDir>/e2e/src/support/globalTeardown.cjs',
    }),
  ],
};
