import { readFileSync } from 'node:fs';
import { URL } from 'node:url';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { floors } from './scripts/lint/arrows.mjs';

/** The stages in their order, as the one list has them (`core/src/stageRegistry/list.ts`). */
const STAGES = [
  ...readFileSync(new URL('./core/src/stageRegistry/list.ts', import.meta.url), 'utf8')
    .split('STAGE_LIST')[1]
    .matchAll(/^ {2}(\w+),$/gm),
]
  .map(([, stage]) => stage)
  // What the survey is as a stage is written in `stageContract/`; what the opening is as a whole, in `role/`.
  .filter((stage) => stage !== 'survey')
  .map((stage) => (stage === 'opening' ? 'role' : stage));

/** The one direction: a folder of core may import from those before it, never from those after it. */
const ORDER = [
  'measure',
  'shape',
  'practice',
  'catalogue',
  'machines',
  'model',
  'laws',
  'roles',
  'survey',
  'stageContract',
  ...STAGES,
  'stageRegistry',
  'project',
  'egress',
  'checking',
  'deciding',
  'alternatives',
  'phrasing',
  'scheduling',
  'exchange',
  'drawing',
  'takeoff',
  'questions',
  'sheets',
  'fitting',
  'proving',
  'releasing',
  'models',
  'learning',
  'index.ts',
];

/** The server: a base, resources above it, and what puts them together on top. */
const SERVER = ['base', 'resources', 'wiring', 'main.ts'];
const SERVER_BASE = [
  'config.ts',
  'http',
  'entities',
  'database',
  'openingRows',
  'mail',
  'audit',
  'rights',
  'work',
  'base.module.ts',
];
const SERVER_RESOURCES = [
  'people',
  'sessions',
  'account',
  'documents',
  'events',
  'projects',
  'openings',
  'projectFiles',
  'schedule',
  'site',
  'jobs',
  'printing',
  'lists',
  'photos',
  'releases',
  'notes',
  'installation',
  'metrics',
  'health',
];

/** The web application: what everybody needs, data, parts, the opening, screens, and the application on top. */
const WEB = [
  'base',
  'worker',
  'data',
  'devices',
  'drawing',
  'lock',
  'parts',
  'stage',
  'opening',
  'screens',
  'app',
  'sw.ts',
  'main.tsx',
];

/** One order a tree; a folder that has no place in it is refused. */
const directions = [
  floors('core/src', ORDER, { byIndex: true }),
  floors('server/src', SERVER),
  floors('server/src/base', SERVER_BASE, { within: [{ root: 'server/src', order: SERVER }] }),
  floors('server/src/resources', SERVER_RESOURCES, {
    within: [{ root: 'server/src', order: SERVER }],
  }),
  floors('web/src', WEB, { apart: 'screens' }),
];

const dependsOnNothing = {
  files: ['core/src/**/*.ts'],
  ignores: ['**/*.test.ts', 'core/src/testing/**'],
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [{ regex: '^(?!\\.)', message: 'core depends on nothing.' }] },
    ],
  },
};

const purity = {
  files: ['core/src/**/*.ts'],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-globals': [
      'error',
      'window',
      'document',
      'process',
      'fetch',
      'setTimeout',
      'console',
      'localStorage',
      'performance',
    ],
    'no-restricted-syntax': [
      'error',
      { selector: "NewExpression[callee.name='Date']", message: 'core has no clock.' },
      { selector: "MemberExpression[object.name='Date']", message: 'core has no clock.' },
      {
        selector: "MemberExpression[object.name='Math'][property.name='random']",
        message: 'core has no randomness.',
      },
    ],
  },
};

/** Lengths are whole ticks: what a computation leaves over by noise must not cost a step of a rounding. */
const roundsByMeasure = {
  files: ['core/src/**/*.ts'],
  ignores: [
    '**/*.test.ts',
    'core/src/testing/**',
    'core/src/learning/**',
    'core/src/measure/whole.ts',
  ],
  rules: {
    'no-restricted-properties': [
      'error',
      ...['ceil', 'floor', 'trunc'].map((property) => ({
        object: 'Math',
        property,
        message: 'Round by wholeUp or wholeDown of measure.',
      })),
    ],
  },
};

export default tseslint.config(
  {
    files: ['scripts/**/*.mjs'],
    languageOptions: {
      globals: {
        console: 'readonly',
        process: 'readonly',
        Buffer: 'readonly',
        structuredClone: 'readonly',
        setTimeout: 'readonly',
        setInterval: 'readonly',
        fetch: 'readonly',
        AbortController: 'readonly',
        AbortSignal: 'readonly',
        URL: 'readonly',
        performance: 'readonly',
      },
    },
  },
  { ignores: ['**/dist/**', '**/node_modules/**', '.riegel/**'] },
  js.configs.recommended,
  {
    files: ['web/public/sw.js'],
    languageOptions: {
      globals: { self: 'readonly', caches: 'readonly', fetch: 'readonly', URL: 'readonly' },
    },
  },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.cjs'],
    rules: { '@typescript-eslint/no-require-imports': 'off', 'no-undef': 'off' },
  },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-control-regex': 'off',
      // What a stage brings is declared by interfaces that extend others and add nothing.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'always' }],
    },
  },
  { files: ['web/src/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  // Table and virtual list hand out functions; the compiler this rule speaks for is not used here.
  { files: ['web/src/**/*.tsx'], rules: { 'react-hooks/incompatible-library': 'off' } },
  // Decorated parameters need their classes at run time.
  {
    files: ['server/src/**/*.ts'],
    rules: { '@typescript-eslint/consistent-type-imports': 'off' },
  },
  ...directions,
  dependsOnNothing,
  purity,
  roundsByMeasure,
);
