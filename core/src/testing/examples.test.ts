import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as core from '../index.js';

const SOURCES = join(__dirname, '..');
const EXAMPLE = /^ \* @example (.+?) \/\/ (.+)$/gm;

/** Every example of a docstring that says what comes of it. */
const EXAMPLES = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
  .flatMap((name) =>
    [...readFileSync(join(SOURCES, name), 'utf8').matchAll(EXAMPLE)].map(
      ([, expression, result]): [string, string, string] => [name, expression!, result!],
    ),
  );

const names = Object.keys(core);

/** Evaluates an expression over everything that core exports. */
const evaluate = (expression: string): unknown =>
  (new Function(...names, `return (${expression});`) as (...given: unknown[]) => unknown)(
    ...names.map((name) => core[name as keyof typeof core]),
  );

it('finds the examples', () => {
  expect(EXAMPLES.length).toBeGreaterThan(15);
});

it.each(EXAMPLES)('%s: %s', (_, expression, result) => {
  expect(evaluate(expression)).toEqual(evaluate(result));
});
