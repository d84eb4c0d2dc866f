import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const SOURCES = join(__dirname, '..');
const files = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' }).filter((name) =>
  name.endsWith('.ts'),
);
const textOf = (name: string) => readFileSync(join(SOURCES, name), 'utf8');
const code = /'([a-z]+(?:\.[a-zA-Z]+)+)'/g;

const SEVERAL =
  /^(checking\.across\.|checking\.way\.narrow$|catalogue\.gone$|venting\.|handing\.contradictionList$)/;

/** The codes that findings are reported under, by how they are reported in the sources. */
function reported(source: string): string[] {
  const calls = [
    ...source.matchAll(/record\.report\(\s*([\s\S]{0,260}?)[{[]/g),
    ...source.matchAll(/\btell\(\s*([\s\S]{0,200}?)\[/g),
    ...source.matchAll(/code: ('checking\.[a-zA-Z.]+')/g),
    ...source.matchAll(/'(?:check|note|stop)', ('checking\.[a-zA-Z.]+')/g),
  ];
  return calls.flatMap(([, call]) => [...call!.matchAll(code)].map(([, one]) => one!));
}

describe('every rule', () => {
  it('is tried where found, where just not, and where unknown', () => {
    const rules = new Set(
      files.filter((name) => !name.endsWith('.test.ts')).flatMap((name) => reported(textOf(name))),
    );
    const of = (test: (name: string) => boolean) => files.filter(test).map(textOf).join('\n');
    const rows = of((name) => name.endsWith('rules.test.ts'));
    const tests = of((name) => name.endsWith('.test.ts') && !name.endsWith('rulesTried.test.ts'));
    expect(rules.size).toBeGreaterThan(150);
    const untold = [...rules].filter((one) => !rows.includes(`'${one}'`)).sort();
    // Found over several openings, or of products that are gone: tried in tests of their own.
    expect(untold.filter((one) => !SEVERAL.test(one))).toEqual([]);
    expect(untold.filter((one) => !tests.includes(one))).toEqual([]);
  });
});
