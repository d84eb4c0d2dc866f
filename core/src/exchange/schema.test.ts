import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { anyFacts } from '../testing/arbitrary.js';
import { projectFileSchema, writeProject } from './index.js';

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
