import { houseJob } from '../testing/houseJob.js';
import { DOCUMENTS, documentOf, makeDocument, optionsSchema, routeOf } from '../index.js';
import type { DocumentJob } from './document.js';

const job = (): DocumentJob => ({
  ...houseJob([{ mark: '1', kind: 'single', from: 'Hall', to: 'Office' }]),
  wanted: ['0'],
  address: 'https://example.org/site/',
  records: [],
});

/** The first bytes of each kind of file. */
const BEGINS: Readonly<Record<string, string>> = {
  pdf: '%PDF-1.7',
  xlsx: 'PK',
  zip: 'PK',
  csv: '\ufeffSet',
};

describe('the documents', () => {
  it('have ids, files and addresses of their own', () => {
    const all = (of: (one: (typeof DOCUMENTS)[number]) => string) => DOCUMENTS.map(of);
    expect(new Set(all(({ id }) => id)).size).toBe(DOCUMENTS.length);
    const files = DOCUMENTS.flatMap(({ file, variants = [] }) => [
      file,
      ...variants.map((one) => one.file),
    ]);
    expect(new Set(files).size).toBe(files.length);
    expect(new Set(all((one) => `${one.scope === 'project'} ${routeOf(one)}`)).size).toBe(
      DOCUMENTS.length,
    );
    for (const { title } of DOCUMENTS) expect(title).toMatch(/^[A-Z].*[^.]$/);
  });

  it.each(DOCUMENTS.map(({ id }) => [id]))('%s is made with nothing asked of it', async (id) => {
    const ending = documentOf(id)!.file.split('.').pop()!;
    const bytes = await makeDocument(id, job());
    expect(new TextDecoder('utf-8', { ignoreBOM: true }).decode(bytes.slice(0, 12))).toMatch(
      new RegExp(`^${BEGINS[ending]}`),
    );
  });

  it('take only what they have an option for, and refuse what an option cannot be', async () => {
    const { options } = documentOf('take-off')!;
    expect(optionsSchema(options).validate({}).value).toEqual({
      by: 'all',
      spares: 0,
      pairs: false,
    });
    expect(optionsSchema(options).validate({ spares: '5', other: 1 }).value).toMatchObject({
      spares: 5,
    });
    expect(optionsSchema(options).validate({ spares: 51 }).error).toBeDefined();
    await expect(makeDocument('take-off', job(), { by: 'nobody' })).rejects.toThrow(
      'take-off.xlsx',
    );
    await expect(makeDocument('letter', job())).rejects.toThrow('letter');
  });

  it('tell how far they are where they take long', async () => {
    const told: number[] = [];
    await makeDocument('submittal', job(), {}, (done) => told.push(done));
    expect(told.length).toBeGreaterThan(2);
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });
});
