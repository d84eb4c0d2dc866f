// Writes docs/rules.md: every rule with its levels, its sentence and who answers, as core declares them.
//   node scripts/rules.mjs           writes it
//   node scripts/rules.mjs --check   fails where it is not as core has it
import { readFileSync, writeFileSync } from 'node:fs';
import { FIXED_RULES, RULES, SENTENCES, STAGES, TERMS } from '../core/dist/index.js';

const PAGE = new URL('../docs/rules.md', import.meta.url);
const cell = (text) => text.replaceAll('|', '\\|');
const who = (rule) =>
  rule.who === 'source' ? 'by its source' : (TERMS[`answerer.${rule.who}`] ?? rule.who);

const groups = new Map();
for (const entry of Object.entries(RULES)) {
  const group = entry[0].split('.')[0];
  groups.set(group, [...(groups.get(group) ?? []), entry]);
}
const order = [...STAGES.filter((stage) => groups.has(stage)), ...groups.keys()];
const page = `# Every rule

${Object.keys(RULES).length} rules, as they are declared (\`rules.ts\` of each stage and of \`checking\`). Nothing is reported that is not declared, nor at a level that is not; each is tried where it is found, where it just is not, and where what it rests on is unknown (\`rules.test.ts\` beside it). *Fix* tells that Riegel offers a change that makes it go. The source stands with each finding, as its practice has it. Written by \`npm run rules\`.

${[...new Set(order)]
  .map((group) => {
    const rows = groups
      .get(group)
      .toSorted(([a], [b]) => a.localeCompare(b))
      .map(
        ([code, rule]) =>
          `| \`${code}\` | ${rule.levels.join(', ')} | ${cell(SENTENCES[code] ?? '')} | ${who(rule)} | ${FIXED_RULES.includes(code) ? 'yes' : ''} |`,
      );
    const title =
      TERMS[`stage.${group}`] ??
      { checking: 'Across stages and openings', choice: 'Choices', catalogue: 'Products' }[group] ??
      group;
    return `## ${title}\n\n| rule | level | what it says | who answers | fix |\n| --- | --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  })
  .join('\n')}`;

if (process.argv.includes('--check')) {
  if (readFileSync(PAGE, 'utf8') !== page) {
    console.error('docs/rules.md is not as core has the rules: npm run rules');
    process.exit(1);
  }
} else writeFileSync(PAGE, page);
