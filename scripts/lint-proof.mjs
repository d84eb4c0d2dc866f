// Proves that the lint rules hold: each of these must be refused, or accepted, as it says.
import { ESLint } from 'eslint';

const eslint = new ESLint();
const cases = [
  [
    'core/src/sizing/x.ts',
    "import { decideHanging } from '../hanging/index.js';\nexport const x = decideHanging;\n",
    'arrows/direction',
  ],
  [
    'core/src/hanging/x.ts',
    "import { solveChain } from '../sizing/chain.js';\nexport const x = solveChain;\n",
    'arrows/direction',
  ],
  [
    'core/src/hanging/x.ts',
    "import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n",
    'no-restricted-imports',
  ],
  ['core/src/deciding/x.ts', 'export const x = () => Date.now();\n', 'no-restricted-syntax'],
  ['core/src/deciding/x.ts', 'export const x = () => Math.random();\n', 'no-restricted-syntax'],
  ['core/src/sizing/x.ts', 'export const x = Math.ceil(2.5);\n', 'no-restricted-properties'],
  ['core/src/deciding/x.ts', 'export const x = () => window.name;\n', 'no-restricted-globals'],
  [
    'core/src/hanging/x.ts',
    "import { solveChain } from '../sizing/index.js';\nexport const x = solveChain;\n",
    undefined,
  ],
];
const refused = (filePath, from) =>
  cases.push([filePath, `import { x } from '${from}';\nexport const y = x;\n`, 'arrows/direction']);
const accepted = (filePath, from) =>
  cases.push([filePath, `import { x } from '${from}';\nexport const y = x;\n`, undefined]);
refused('core/src/checking/x.ts', '../questions/index.js');
refused('core/src/model/x.ts', '../egress/index.js');
refused('core/src/newFolder/x.ts', '../measure/index.js');
refused('server/src/base/x.ts', '../resources/people/people.service.js');
refused('server/src/base/http/x.ts', '../../wiring/app.js');
refused('server/src/base/entities/x.ts', '../rights/access.js');
refused('server/src/resources/people/x.ts', '../projects/projects.service.js');
refused('server/src/resources/site/x.ts', '../../wiring/app.module.js');
accepted('server/src/resources/projects/x.ts', '../people/people.service.js');
accepted('server/src/wiring/x.ts', '../resources/site/site.module.js');
refused('web/src/base/x.ts', '../data/project.js');
refused('web/src/parts/x.ts', '../screens/people/PeopleScreen.js');
refused('web/src/opening/x.ts', '../app/router.js');
refused('web/src/screens/people/X.tsx', '../keying/KeyTable.js');
accepted('web/src/screens/people/X.tsx', '../../parts/Modal.js');
accepted('web/src/app/x.ts', '../screens/people/PeopleScreen.js');
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
