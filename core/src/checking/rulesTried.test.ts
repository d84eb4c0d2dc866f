import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SENTENCES } from '../phrasing/index.js';
import { RULES } from './allRules.js';

const SOURCES = join(__dirname, '..');
const files = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' });
const textOf = (test: (name: string) => boolean) =>
  files
    .filter(test)
    .map((name) => readFileSync(join(SOURCES, name), 'utf8'))
    .join('\n');

/** Found over several openings, of products that are gone, or between solids: tried in tests of their own. */
const SEVERAL =
  /^(checking\.across\.|checking\.way\.narrow$|catalogue\.|choice\.|handing\.contradiction|checking\.(?:beyond|blockingUnknown|joint|noBlocking|overlap|skin|thin|under|void)$|securing\.shortBolt$)/;

describe('every rule', () => {
  const codes = Object.keys(RULES);

  it('has a sentence and a level', () => {
    for (const code of codes) {
      expect([code, SENTENCES[code as never]]).toEqual([code, expect.any(String)]);
      expect([code, RULES[code]!.levels.length]).not.toEqual([code, 0]);
    }
  });

  it('is tried where found, where just not, and where unknown', () => {
    const rows = textOf((name) => name.endsWith('rules.test.ts'));
    const tests = textOf(
      (name) => name.endsWith('.test.ts') && !name.endsWith('rulesTried.test.ts'),
    );
    expect(codes.length).toBeGreaterThan(200);
    const untold = codes.filter((one) => !rows.includes(`'${one}'`)).sort();
    expect(untold.filter((one) => !SEVERAL.test(one))).toEqual([]);
    expect(untold.filter((one) => !tests.includes(one))).toEqual([]);
  });
});
