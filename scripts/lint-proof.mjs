// Proves that the lint rules of core hold: each of these must be refused, and the last accepted.
import { ESLint } from 'eslint';

const eslint = new ESLint();
const cases = [
  [
    'core/src/sizing/x.ts',
    "import { decideHanging } from '../hanging/index.js';\nexport const x = decideHanging;\n",
    'no-restricted-imports',
  ],
  [
    'core/src/hanging/x.ts',
    "import { solveChain } from '../sizing/chain.js';\nexport const x = solveChain;\n",
    'no-restricted-imports',
  ],
  [
    'core/src/hanging/x.ts',
    "import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n",
    'no-restricted-imports',
  ],
  ['core/src/deciding/x.ts', 'export const x = () => Date.now();\n', 'no-restricted-syntax'],
  ['core/src/deciding/x.ts', 'export const x = () => Math.random();\n', 'no-restricted-syntax'],
  ['core/src/deciding/x.ts', 'export const x = () => window.name;\n', 'no-restricted-globals'],
  [
    'core/src/hanging/x.ts',
    "import { solveChain } from '../sizing/index.js';\nexport const x = solveChain;\n",
    undefined,
  ],
];
cases.push([
  'web/src/screens/people/X.tsx',
  "import { KeyTable } from '../keying/KeyTable.js';\nexport const x = KeyTable;\n",
  'no-restricted-imports',
]);
let wrong = 0;
for (const [filePath, code, rule] of cases) {
  const [{ messages }] = await eslint.lintText(code, { filePath });
  const rules = messages.map((message) => message.ruleId);
  const right = rule ? rules.includes(rule) : rules.length === 0;
  if (!right) {
    wrong++;
    console.error(
      `${filePath}: expected ${rule ?? 'nothing'}, got ${rules.join(', ') || 'nothing'} for\n${code}`,
    );
  }
}
process.exit(wrong ? 1 : 0);
