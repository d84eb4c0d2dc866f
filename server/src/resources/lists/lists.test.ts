import fc from 'fast-check';
import { ZipFile } from 'yazl';
import {
  type OpeningFacts,
  bareBasis,
  compareList,
  guessList,
  lastList,
  listCells,
  PRACTICES,
  readListRows,
} from '@riegel/core';
import { csvText, guardCell, unguard } from '@riegel/paper';
import { readFile } from './readFile.js';
import { writeWorkbook } from './writeWorkbook.js';
import { start, type Client, type Harness } from '../../testing/harness.js';

const bytes = (text: string) => new Uint8Array(Buffer.from(text, 'utf8'));

/** A workbook of hand-written parts. */
function workbook(parts: Record<string, string | Buffer>): Promise<Uint8Array> {
  const zip = new ZipFile();
  for (const [name, text] of Object.entries(parts)) zip.addBuffer(Buffer.from(text), name);
  zip.end();
  return new Promise((resolve) => {
    const chunks: Buffer[] = [];
    zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk));
    zip.outputStream.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
  });
}

const BOOK = `<workbook xmlns:r="r"><sheets><sheet name="Doors" r:id="rId1"/></sheets></workbook>`;
const RELS = `<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>`;
const book = (sheet: string, more: Record<string, string> = {}) =>
  workbook({
    'xl/workbook.xml': BOOK,
    'xl/_rels/workbook.xml.rels': RELS,
    'xl/worksheets/sheet1.xml': `<worksheet><sheetData>${sheet}</sheetData></worksheet>`,
    ...more,
  });

describe('reading a text file', () => {
  it.each([
    ['UTF-8', Buffer.from('Mark;To\n1;Büro', 'utf8'), 'UTF-8, parted by semicolons'],
    ['UTF-8 with a mark', Buffer.from('\uFEFFMark,To\n1,Büro', 'utf8'), 'UTF-8, parted by commas'],
    ['UTF-16', Buffer.from('\uFEFFMark\tTo\n1\tBüro', 'utf16le'), 'UTF-16, parted by tabs'],
    ['Windows-1252', Buffer.from('Mark,To\n1,Büro', 'latin1'), 'Windows-1252, parted by commas'],
  ])('in %s', async (_, file, detail) => {
    expect(await readFile(new Uint8Array(file))).toMatchObject({
      ok: true,
      detail,
      sheets: [
        {
          cells: [
            ['Mark', 'To'],
            ['1', 'Büro'],
          ],
        },
      ],
    });
  });

  it('keeps decimal commas together between semicolons', async () => {
    const read = await readFile(bytes('Mark;Width;Thickness\n1;985,5;40,5\n2;860,0;39,5\n'));
    expect(read.ok && read.sheets[0]!.cells[1]).toEqual(['1', '985,5', '40,5']);
  });
});

describe('reading a workbook', () => {
  it('takes shared, inline and rich strings, numbers, yes and no, and leaves gaps where they are', async () => {
    const file = await book(
      `<row r="2"><c r="A2" t="s"><v>0</v></c><c r="C2"><v>0.30000000000000004</v></c><c r="D2" t="b"><v>1</v></c><c r="E2" t="inlineStr"><is><t>in</t><t>line</t></is></c><c r="F2" t="str"><f>A1</f><v>out</v></c></row>`,
      {
        'xl/sharedStrings.xml': `<sst><si><r><t>Mar</t></r><r><t>k</t></r><rPh><t>no</t></rPh></si></sst>`,
      },
    );
    expect(await readFile(file)).toMatchObject({
      ok: true,
      kind: 'workbook',
      sheets: [{ name: 'Doors', cells: [[], ['Mark', '', '0.3', 'yes', 'inline', 'out']] }],
    });
  });

  const refused = async (file: Promise<Uint8Array> | Uint8Array) => {
    const read = await readFile(await file);
    return read.ok ? 'taken' : read.why;
  };

  it.each([
    ['a cell far to the right', () => book('<row r="1"><c r="XFD1"><v>1</v></c></row>'), /columns/],
    ['a row far down', () => book('<row r="1048576"><c r="A1048576"><v>1</v></c></row>'), /rows/],
    [
      'a document type',
      () =>
        workbook({
          'xl/workbook.xml': `<!DOCTYPE x [<!ENTITY a "aaaa">]>${BOOK}`,
          'xl/_rels/workbook.xml.rels': RELS,
        }),
      /document type/,
    ],
    ['broken markup', () => book('<row><c></row>'), /damaged/],
    ['a zip of something else', () => workbook({ 'word/document.xml': '<x/>' }), /no XLSX/],
    ['an empty workbook', () => book(''), /no cells/],
    [
      'far too many parts',
      () =>
        workbook(Object.fromEntries(Array.from({ length: 2100 }, (_, at) => [`x/${at}.xml`, 'x']))),
      /unfolds/,
    ],
    [
      'a bomb of blanks',
      () => book(`${' '.repeat(130_000_000)}<row r="1"><c r="A1"><v>1</v></c></row>`),
      /unfolds/,
    ],
  ])('refuses %s', async (_, make, why) => {
    expect(await refused(make())).toMatch(why);
  });

  it('believes what it counts, not what the file says of itself', async () => {
    const file = await book(`<row r="1"><c r="A1"><v>${'1'.repeat(3_000_000)}</v></c></row>`);
    // The declared size in the central directory, made small.
    const buffer = Buffer.from(file);
    for (
      let at = buffer.indexOf('PK\u0001\u0002');
      at >= 0;
      at = buffer.indexOf('PK\u0001\u0002', at + 4)
    ) {
      if (buffer.readUInt32LE(at + 24) > 1_000_000) buffer.writeUInt32LE(100, at + 24);
    }
    expect(await refused(new Uint8Array(buffer))).toMatch(/damaged|unfolds/);
  });

  it('refuses other things that are no list', async () => {
    expect(await refused(new Uint8Array())).toMatch(/empty/);
    expect(await refused(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]))).toMatch(/old binary/);
    expect(await refused(new Uint8Array([0x89, 0x50, 0, 0, 0, 1]))).toMatch(/binary/);
    expect(await refused(bytes(`${'a,'.repeat(300)}\n`))).toMatch(/columns/);
    expect(await refused(bytes('a\n'.repeat(20_001)))).toMatch(/rows/);
    expect(await refused((await book('<row/>')).subarray(0, 80))).toMatch(/damaged/);
  });

  it('survives any damage to a good file', async () => {
    const good = await book('<row r="1"><c r="A1"><v>1</v></c><c r="B1"><v>2</v></c></row>');
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat({ max: good.length - 1 }), fc.nat({ max: 255 })), {
          minLength: 1,
          maxLength: 8,
        }),
        async (hits) => {
          const file = good.slice();
          for (const [at, value] of hits) file[at] = value;
          expect(typeof (await readFile(file)).ok).toBe('boolean');
        },
      ),
      { numRuns: 120 },
    );
  });
});

describe('a list written and read again', () => {
  const openings: OpeningFacts[] = [
    { mark: '=cmd', kind: 'pair', from: '@risk', to: "'-quoted", note: 'a, "b"; c' },
    { mark: '-1', kind: 'single', frameWidth: 100_001, leafMass: 12_345, rating: 30, salt: true },
  ];
  const basis = bareBasis(PRACTICES.british);
  const cells = listCells(openings, basis);
  const back = async (file: Uint8Array) => {
    const read = await readFile(file);
    if (!read.ok) throw new Error(read.why);
    const [sheet] = read.sheets;
    return readListRows(
      sheet!.cells,
      guessList(sheet!.cells, basis.practice).mapping,
      basis.practice,
    );
  };

  it('is the same, as CSV and as XLSX', async () => {
    const csv = csvText(cells);
    expect(csv).not.toMatch(/^[=@-]/m);
    for (const rows of [
      await back(bytes(csv)),
      await back(new Uint8Array(await writeWorkbook(cells))),
    ]) {
      expect(rows.map((row) => row.patch)).toEqual(openings);
    }
  });

  it('a guarded cell is never a formula, and comes back as it was', () => {
    fc.assert(
      fc.property(
        fc.string(),
        fc.constantFrom('', '=', '+', '-', '@', "'=", ' =', '＝'),
        (text, sign) => {
          const cell = `${sign}${text}`;
          expect(guardCell(cell)).not.toMatch(/^\s*[=+\-@＝＋－＠]/);
          expect(unguard(guardCell(cell))).toBe(cell);
        },
      ),
    );
  });
});

describe('importing into a project', () => {
  let harness: Harness;
  let owner: Client;
  let url: string;
  beforeAll(async () => {
    harness = await start();
    owner = await harness.person();
    const { body } = await owner.agent
      .post('/api/projects')
      .send({ name: 'Lists', practice: 'us-commercial' });
    url = `/api/projects/${(body as { id: string }).id}`;
  });
  afterAll(() => harness.close());
  const openings = async () =>
    ((await owner.agent.get(`${url}/openings`)).body as { openings: { facts: OpeningFacts }[] })
      .openings;

  it('reads a file sent as bytes, refuses a bad one in a sentence, and takes no form', async () => {
    const send = (file: Buffer) =>
      owner.agent
        .post(`${url}/lists/read`)
        .set('Content-Type', 'application/octet-stream')
        .send(file);
    const { body } = await send(Buffer.from('Mark,To\n1,Bar\n')).expect(200);
    expect(body).toMatchObject({
      sheets: [
        {
          cells: [
            ['Mark', 'To'],
            ['1', 'Bar'],
          ],
        },
      ],
    });
    const bad = await send(Buffer.from([0xd0, 0xcf, 1])).expect(422);
    expect(JSON.stringify(bad.body)).toContain('old binary workbook');
    await send(Buffer.alloc(9_000_000)).expect(422);
    await send(Buffer.alloc(65_000_000)).expect(413);
    await owner.agent.post(`${url}/lists/read`).type('form').send('a=1').expect(415);
    const reader = await harness.person();
    await reader.agent
      .post(`${url}/lists/read`)
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from('a'))
      .expect(404);
  });

  it('writes all rows and the memory of the list as one event, undone in one step', async () => {
    const rows = readListRows(
      [
        ['Mark', 'To'],
        ['1', 'Bar'],
        ['2', 'Store'],
      ],
      {
        headerRow: 0,
        columns: ['mark', 'to'],
        words: {},
        system: 'inch',
        decimalComma: false,
      },
      PRACTICES['us-commercial'],
    );
    const compared = compareList(rows, [], ['mark', 'to']);
    await owner.agent
      .post(`${url}/openings/bulk`)
      .send({
        kind: 'import',
        changes: compared.rows.map((row) => ({ op: 'create', facts: row.facts })),
        documents: [{ name: 'lists', version: 0, body: { last: lastList(rows) } }],
      })
      .expect(200);
    expect((await openings()).length).toBe(2);
    const lists = (await owner.agent.get(`${url}/documents/lists`)).body as { version: number };
    expect(lists).toMatchObject({ version: 1, body: { last: { '1': { to: 'Bar' } } } });
    await owner.agent.post(`${url}/undo`).expect(200);
    expect(await openings()).toEqual([]);
    expect((await owner.agent.get(`${url}/documents/lists`)).body).toMatchObject({ body: null });
    await owner.agent.post(`${url}/redo`).expect(200);
    expect((await openings()).length).toBe(2);
  });

  it('refuses a stale document, with nothing of the event done', async () => {
    const before = await openings();
    const { body } = await owner.agent
      .post(`${url}/openings/bulk`)
      .send({
        changes: [{ op: 'create', facts: { mark: '9', kind: 'single' } }],
        documents: [{ name: 'building', version: 7, body: { storeys: [], rooms: [] } }],
      })
      .expect(409);
    expect(body).toMatchObject({ document: { name: 'building', version: 0 } });
    expect(await openings()).toEqual(before);
    const wrong = await owner.agent
      .post(`${url}/openings/bulk`)
      .send({ changes: [], documents: [{ name: 'building', version: 0, body: { rooms: [{}] } }] })
      .expect(422);
    expect(JSON.stringify(wrong.body)).toContain('a name of its own');
    await owner.agent.post(`${url}/openings/bulk`).send({ changes: [] }).expect(422);
  });

  it('updates many at once and keeps their order', async () => {
    const many = Array.from({ length: 60 }, (_, at) => ({ mark: `m${at}`, kind: 'single' }));
    const made = (
      await owner.agent
        .post(`${url}/openings/bulk`)
        .send({ changes: many.map((facts) => ({ op: 'create', facts })) })
        .expect(200)
    ).body as { openings: { id: string; version: number; facts: OpeningFacts }[] };
    await owner.agent
      .post(`${url}/openings/bulk`)
      .send({
        changes: made.openings.map(({ id, version, facts }) => ({
          op: 'update',
          id,
          version,
          facts: { ...facts, to: 'Store' },
        })),
      })
      .expect(200);
    const after = (await openings()).filter((one) => one.facts.mark.startsWith('m'));
    expect(after.map((one) => one.facts.mark)).toEqual(many.map((one) => one.mark));
    expect(after.every((one) => one.facts.to === 'Store')).toBe(true);
    expect((await owner.agent.get(`${url}/openings.csv`)).text).toContain('m59');
  });
});
