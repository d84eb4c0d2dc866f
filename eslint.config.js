import { readFileSync } from 'node:fs';
import { URL } from 'node:url';
import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The stages in their order, as the one list has them (`core/src/stages/list.ts`). */
const STAGES = [
  ...readFileSync(new URL('./core/src/stages/list.ts', import.meta.url), 'utf8')
    .split('STAGE_LIST')[1]
    .matchAll(/^ {2}(\w+),$/gm),
]
  .map(([, stage]) => stage)
  // What the survey is as a stage is written in `stage/`; what the opening is as a whole, in `role/`.
  .filter((stage) => stage !== 'survey')
  .map((stage) => (stage === 'opening' ? 'role' : stage));

/** The one direction: a folder of core may import from those before it, never from those after it. */
const ORDER = [
  'measure',
  'shape',
  'practice',
  'catalogue',
  'opening',
  'survey',
  'stage',
  ...STAGES,
  'stages',
  'project',
  'checking',
  'deciding',
  'alternatives',
  'phrasing',
  'scheduling',
  'exchange',
  'drawing',
  'takeoff',
  'sheets',
  'fitting',
  'proving',
  'releasing',
  'models',
  'learning',
];

const directions = ORDER.map((folder, index) => ({
  files: [`core/src/${folder}/**/*.ts`],
  ignores: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...(index + 1 < ORDER.length
            ? [
                {
                  group: ORDER.slice(index + 1).map((later) => `../${later}/*`),
                  message: `${folder} may not read a later folder (docs/architecture.md).`,
                },
              ]
            : []),
          {
            regex: '^\\.\\./[a-zA-Z]+/(?!index\\.js$)',
            message: 'Import another folder by its index.',
          },
          { regex: '^(?!\\.)', message: 'core depends on nothing.' },
        ],
      },
    ],
  },
}));

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

/** A screen reads what is shared, never another screen: what two of them need has a place of its own. */
const screens = {
  files: ['web/src/screens/*/**/*.{ts,tsx}'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            regex: '^(?:\\.\\./)+screens/|^\\.\\./(?!\\.\\./)[a-zA-Z]+/',
            message: 'One screen may not read another (docs/architecture.md).',
          },
        ],
      },
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
  purity,
  screens,
);
