import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { FACTS_VERSION } from '../model/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import { LOCK_SPECS } from '../catalogue/index.js';
import { normalizeFacts } from '../stageRegistry/index.js';
import { factsSchema, projectFileSchema, writeProject } from './index.js';

const root = join(__dirname, '../../..');
const validate = new Ajv2020({ allowUnionTypes: true, strict: true }).compile(projectFileSchema());

describe('the schema of the project file', () => {
  it('stands in docs as it follows from the fields', () => {
    const published: unknown = JSON.parse(
      readFileSync(join(root, 'docs/project-file.schema.json'), 'utf8'),
    );
    expect(published).toEqual(JSON.parse(JSON.stringify(projectFileSchema())));
  });

  it.each([
    'larkhollow-playhouse',
    'wendelmoor-mill-studios',
    'tamsin-terrace',
    'larkhollow-draft',
    'wattlebrook-primary',
    'quellmoor-7',
  ])('takes the demo project %s', (name) => {
    validate(JSON.parse(readFileSync(join(root, `demo/${name}.json`), 'utf8')));
    expect(validate.errors).toBeNull();
  });

  it('takes whatever Riegel writes', () => {
    fc.assert(
      fc.property(fc.array(anyFacts, { maxLength: 3 }), (openings) => {
        const file: unknown = JSON.parse(
          writeProject({
            name: 'A',
            practice: 'british',
            practices: [{ id: 'own-a', name: 'A', base: 'british', changes: {} }],
            building: { storeys: ['0'], rooms: [{ name: 'Hall', use: 'corridor' }] },
            openings,
          }),
        );
        validate(file);
        expect(validate.errors).toBeNull();
      }),
      { numRuns: 50 },
    );
  });

  it('takes every function of a lock that a project may call its own', () => {
    const locks = LOCK_SPECS.map((one) => ({ ...one, id: `own-${one.id}`, name: one.id }));
    validate(
      JSON.parse(writeProject({ name: 'A', practice: 'british', locks, openings: [] })) as object,
    );
    expect(validate.errors).toBeNull();
  });

  it('refuses what the reader refuses: unknown keys, practices without a source, rooms without a name', () => {
    for (const wrong of [
      { openings: [{ mark: '1', colour: 'red' }] },
      { openings: [{ kind: 'single' }] },
      { openings: [], building: { storeys: [], rooms: [{}] } },
      {
        openings: [],
        practices: [{ id: 'own-a', name: 'A', base: 'british', changes: { rebate: { value: 1 } } }],
      },
      { openings: [{ mark: '1', readings: [{ id: 'a', name: 'elsewhere' }] }] },
    ]) {
      expect(validate(wrong)).toBe(false);
    }
  });
});

describe('the schema of facts as they are kept', () => {
  const kept = new Ajv2020({ strict: false }).compile(factsSchema());
  const whole = (facts: object): unknown => JSON.parse(JSON.stringify(facts));

  it('takes any facts, and names every one there is', () => {
    fc.assert(
      fc.property(anyFacts, (facts) => {
        kept(whole({ ...facts, version: FACTS_VERSION }));
        expect(kept.errors).toBeNull();
      }),
      { numRuns: 200 },
    );
    const { properties } = factsSchema() as { properties: object };
    expect(Object.keys(properties).sort()).toEqual(
      Object.keys(normalizeFacts({ mark: '1', kind: 'single' })).sort(),
    );
  });

  it.each<[string, object]>([
    ['an older version', { version: 1 }],
    ['a length as people write it', { leafWidth: '35 3/4' }],
    ['half a tick', { leafWidth: 0.5 }],
    ['a word that is none of those there are', { kind: 'tent' }],
    ['a fact that there is not', { colour: 'red' }],
    ['no mark', { mark: undefined }],
  ])('refuses %s', (_, wrong) => {
    const facts = { version: FACTS_VERSION, mark: '1', kind: 'single' };
    expect(kept(whole(facts))).toBe(true);
    expect(kept(whole({ ...facts, ...wrong }))).toBe(false);
  });
});
