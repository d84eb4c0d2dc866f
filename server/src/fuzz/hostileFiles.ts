import { crc32, deflateRawSync, deflateSync } from 'node:zlib';

/** A ZIP archive by hand, so that it can lie about what it holds. */
export function archive(
  entries: { name: string; body: Buffer; claims?: { size?: number; crc?: number } }[],
): Buffer {
  const parts: Buffer[] = [];
  const index: Buffer[] = [];
  let at = 0;
  for (const { name, body, claims } of entries) {
    const packed = deflateRawSync(body, { level: 9 });
    const title = Buffer.from(name);
    const head = Buffer.alloc(30);
    head.writeUInt32LE(0x04034b50, 0);
    head.writeUInt16LE(20, 4);
    head.writeUInt16LE(8, 8);
    head.writeUInt32LE(claims?.crc ?? crc32(body), 14);
    head.writeUInt32LE(packed.length, 18);
    head.writeUInt32LE(claims?.size ?? body.length, 22);
    head.writeUInt16LE(title.length, 26);
    const entry = Buffer.alloc(46);
    entry.writeUInt32LE(0x02014b50, 0);
    entry.writeUInt16LE(20, 4);
    entry.writeUInt16LE(20, 6);
    head.copy(entry, 10, 8, 28);
    entry.writeUInt16LE(title.length, 28);
    entry.writeUInt32LE(at, 42);
    parts.push(head, title, packed);
    index.push(entry, title);
    at += head.length + title.length + packed.length;
  }
  const directory = Buffer.concat(index);
  const end = Buffer.alloc(22);
  end.writeUInt32LE(0x06054b50, 0);
  end.writeUInt16LE(entries.length, 8);
  end.writeUInt16LE(entries.length, 10);
  end.writeUInt32LE(directory.length, 12);
  end.writeUInt32LE(at, 16);
  return Buffer.concat([...parts, directory, end]);
}

const BOOK = `<workbook xmlns:r="r"><sheets><sheet name="Doors" r:id="rId1"/></sheets></workbook>`;
const RELS = `<Relationships><Relationship Id="rId1" Target="worksheets/sheet1.xml"/></Relationships>`;
const sheetXml = (rows: string) => `<worksheet><sheetData>${rows}</sheetData></worksheet>`;

/** A workbook with one sheet and whatever else. */
export function workbook(rows: string, more: Record<string, string | Buffer> = {}): Buffer {
  return archive(
    Object.entries({
      'xl/workbook.xml': BOOK,
      'xl/_rels/workbook.xml.rels': RELS,
      'xl/worksheets/sheet1.xml': sheetXml(rows),
      ...more,
    }).map(([name, body]) => ({ name, body: Buffer.from(body) })),
  );
}

/** Lists that no list reader should choke on. */
export const HOSTILE_LISTS: Record<string, () => Buffer> = {
  'a small workbook whose cells all name one long text': () =>
    workbook(
      Array.from(
        { length: 1000 },
        (_, row) => `<row>${`<c t="s"><v>0</v></c>`.repeat(256)}<!--${row}--></row>`,
      ).join(''),
      { 'xl/sharedStrings.xml': `<sst><si><t>${'x'.repeat(5000)}</t></si></sst>` },
    ),
  'an archive that unfolds to gigabytes': () =>
    workbook('', { 'xl/sharedStrings.xml': Buffer.alloc(300_000_000, ' ') }),
  'an archive that lies about its sizes': () =>
    archive([
      { name: 'xl/workbook.xml', body: Buffer.from(BOOK) },
      {
        name: 'xl/worksheets/sheet1.xml',
        body: Buffer.alloc(200_000_000, '<'),
        claims: { size: 10 },
      },
    ]),
  'a wrong check sum': () =>
    archive([
      { name: 'xl/workbook.xml', body: Buffer.from(BOOK) },
      { name: 'xl/_rels/workbook.xml.rels', body: Buffer.from(RELS) },
      {
        name: 'xl/worksheets/sheet1.xml',
        body: Buffer.from(sheetXml('<row><c t="str"><v>a</v></c></row>')),
        claims: { crc: 1 },
      },
    ]),
  'entities that multiply': () =>
    workbook('', {
      'xl/worksheets/sheet1.xml': `<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;">]>${sheetXml('<row><c><v>&b;</v></c></row>')}`,
    }),
  'elements a hundred thousand deep': () => workbook('<a>'.repeat(100_000)),
  'a cell at the end of the world': () =>
    workbook('<row r="1048576"><c r="XFD1048576"><v>1</v></c></row>'),
  'names that climb out': () => archive([{ name: '../../../etc/passwd', body: Buffer.from('x') }]),
  'five thousand entries': () =>
    archive(Array.from({ length: 5000 }, (_, n) => ({ name: `xl/e${n}`, body: Buffer.alloc(1) }))),
  'one line of seven megabytes': () => Buffer.alloc(7_000_000, 'a'),
  'seven megabytes of quotes': () => Buffer.alloc(7_000_000, '"'),
  'a million columns': () => Buffer.from(`Mark${','.repeat(1_000_000)}\n1\n`),
  'nothing but line breaks': () => Buffer.alloc(7_000_000, '\n'),
  'text of no encoding': () => Buffer.from(Array.from({ length: 5000 }, (_, n) => (n * 37) % 256)),
  nothing: () => Buffer.alloc(0),
  'half a workbook': () => workbook('<row/>').subarray(0, 300),
};

function png(width: number, height: number, data: Buffer): Buffer {
  const chunk = (type: string, body: Buffer) => {
    const whole = Buffer.concat([Buffer.from(type), body]);
    const out = Buffer.alloc(whole.length + 8);
    out.writeUInt32BE(body.length, 0);
    whole.copy(out, 4);
    out.writeUInt32BE(crc32(whole), whole.length + 4);
    return out;
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', data),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

/** Pictures that no decoder should be given, or that it should give up. */
export const HOSTILE_PICTURES: Record<string, () => Buffer> = {
  'an icon whose parts have no length': () => {
    const bytes = Buffer.alloc(32);
    bytes.write('icns', 0);
    bytes.writeUInt32BE(32, 4);
    bytes.write('ic08', 8);
    return bytes;
  },
  'a JPEG XL box of no size': () =>
    Buffer.concat([Buffer.from([0, 0, 0, 12]), Buffer.from('JXL \r\n'), Buffer.alloc(340)]),
  'a picture of a gigapixel in a few kilobytes': () =>
    png(32_000, 32_000, deflateSync(Buffer.alloc(10_000_000))),
  'a picture that says 60 megapixels and holds zeros': () =>
    png(7700, 7700, deflateSync(Buffer.alloc(59_297_700))),
  'a picture whose data is none': () => png(100, 100, Buffer.from('not deflated')),
  'four megabytes of empty segments': () =>
    Buffer.concat([
      Buffer.from([0xff, 0xd8]),
      Buffer.alloc(3_900_000, Buffer.from([0xff, 0xe1, 0, 2])),
    ]),
  'a drawing with script': () =>
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>'),
  'a document that is also a picture': () => Buffer.from('%PDF-1.7 \xff\xd8\xff'),
  'a RIFF of nothing': () => Buffer.from('RIFF\xff\xff\xff\xffWEBPVP8 ', 'latin1'),
};

/** Request bodies that no reader of JSON should choke on, for a route that takes openings. */
export const HOSTILE_BODIES: Record<string, () => string> = {
  'lists ten thousand deep': () =>
    `{"changes":[{"op":"create","facts":{"mark":"1","kind":"single","readings":${'['.repeat(10_000)}${']'.repeat(10_000)}}}]}`,
  'objects a hundred thousand deep': () => `${'{"a":'.repeat(100_000)}1${'}'.repeat(100_000)}`,
  'half a character': () =>
    '{"changes":[{"op":"create","facts":{"mark":"\\ud800","kind":"single","note":"\\udfff"}}]}',
  'a prototype': () =>
    '{"changes":[{"op":"create","facts":{"mark":"1","kind":"single","__proto__":{"secured":true}}}]}',
  'a version that is an object': () =>
    '{"changes":[{"op":"update","id":"00000000-0000-4000-8000-000000000000","version":{"toString":1},"facts":{"mark":"1","kind":"single"}}]}',
  'numbers beyond all': () =>
    '{"changes":[{"op":"create","facts":{"mark":"1","kind":"single","frameWidth":1e400,"leafMass":-1e308}}]}',
  'twenty thousand nothings': () => `{"changes":[${'null,'.repeat(19_999)}null]}`,
  'two hundred thousand unknown names': () =>
    `{${Array.from({ length: 200_000 }, (_, n) => `"k${n}":0`).join(',')}}`,
  'a name of a megabyte': () => `{"${'k'.repeat(1_000_000)}":0,"changes":[]}`,
  'a mark of a megabyte': () =>
    `{"changes":[{"op":"create","facts":{"mark":"${'1'.repeat(1_000_000)}","kind":"single"}}]}`,
  'no JSON': () => '{"changes": [',
  nothing: () => '',
};
