import { crc32 } from 'node:zlib';
import { SaxesParser, type SaxesTagPlain } from 'saxes';
import yauzl from 'yauzl';
import { BOUNDS, ListRefused, type Sheet } from './bounds.js';
import { outOfBounds } from './readText.js';

/** Inflated bytes are counted as they come: what a file declares about itself is not believed. */
interface Budget {
  bytes: number;
}

/** What was given out so far, over all sheets. */
interface Counted {
  cells: number;
  characters: number;
}

/**
 * Reads the cells of an XLSX workbook as text. Bounded in entries, inflated bytes (counted), rows,
 * columns and cells; a document type declaration is refused. Formulas give their last value.
 */
export async function readWorkbook(bytes: Uint8Array): Promise<Sheet[]> {
  const zip = await open(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
  try {
    const entries = await list(zip);
    const budget: Budget = { bytes: 0 };
    const workbook = entries.get('xl/workbook.xml');
    if (!workbook) throw new ListRefused('This is no XLSX workbook. Save the list as CSV or XLSX.');
    const named: { name: string; relation: string }[] = [];
    await parse(zip, workbook, budget, (tag) => {
      if (local(tag.name) === 'sheet' && named.length < BOUNDS.sheets)
        named.push({
          name: String(tag.attributes['name'] ?? 'Sheet').slice(0, 60),
          relation: String(tag.attributes['r:id'] ?? ''),
        });
    });
    const targets = await relations(zip, entries, budget);
    const strings = await sharedStrings(zip, entries, budget);
    const sheets: Sheet[] = [];
    const before: Counted = { cells: 0, characters: 0 };
    for (const [index, { name, relation }] of named.entries()) {
      const path = targets.get(relation) ?? `xl/worksheets/sheet${index + 1}.xml`;
      const entry = entries.get(path);
      if (!entry) continue;
      sheets.push({ name, cells: await readSheet(zip, entry, budget, strings, before) });
    }
    return sheets;
  } finally {
    zip.close();
  }
}

const local = (name: string) => name.replace(/^.*:/, '');

function open(bytes: Buffer): Promise<yauzl.ZipFile> {
  return new Promise((resolve, reject) => {
    yauzl.fromBuffer(bytes, { lazyEntries: true, validateEntrySizes: true }, (error, zip) => {
      if (error || !zip)
        reject(new ListRefused('The workbook is damaged. Save it again and try once more.'));
      else resolve(zip);
    });
  });
}

function list(zip: yauzl.ZipFile): Promise<Map<string, yauzl.Entry>> {
  return new Promise((resolve, reject) => {
    const entries = new Map<string, yauzl.Entry>();
    let declared = 0;
    zip.on('entry', (entry: yauzl.Entry) => {
      declared += entry.uncompressedSize;
      if (entries.size >= BOUNDS.entries || declared > BOUNDS.inflatedBytes)
        return reject(new ListRefused(TOO_LARGE));
      entries.set(entry.fileName, entry);
      zip.readEntry();
    });
    zip.on('end', () => resolve(entries));
    zip.on('error', () => reject(new ListRefused('The workbook is damaged.')));
    zip.readEntry();
  });
}

const TOO_LARGE = 'The workbook unfolds to more than can be taken. Save only the list’s own sheet.';

/** Streams one part through the parser. */
function parse(
  zip: yauzl.ZipFile,
  entry: yauzl.Entry,
  budget: Budget,
  opened: (tag: SaxesTagPlain) => void,
  text?: (text: string) => void,
  closed?: (name: string) => void,
): Promise<void> {
  return new Promise((resolve, reject) => {
    zip.openReadStream(entry, (error, stream) => {
      if (error || !stream) return reject(new ListRefused('The workbook is damaged.'));
      const parser = new SaxesParser();
      const decoder = new TextDecoder('utf-8');
      let failed: Error | undefined;
      let sum = 0;
      const fail = (why: Error) => {
        failed ??= why;
        stream.destroy();
        reject(failed);
      };
      parser.on('doctype', () =>
        fail(new ListRefused('The workbook declares a document type; that is refused.')),
      );
      parser.on('error', () => fail(new ListRefused('The workbook’s contents are damaged.')));
      const guarded =
        <T>(work: ((value: T) => void) | undefined) =>
        (value: T) => {
          if (failed || !work) return;
          try {
            work(value);
          } catch (why) {
            fail(why as Error);
          }
        };
      parser.on('opentag', guarded(opened));
      if (text) parser.on('text', guarded(text));
      if (closed)
        parser.on(
          'closetag',
          guarded((tag: SaxesTagPlain) => closed(local(tag.name))),
        );
      stream.on('data', (chunk: Buffer) => {
        budget.bytes += chunk.length;
        if (budget.bytes > BOUNDS.inflatedBytes) return fail(new ListRefused(TOO_LARGE));
        sum = crc32(chunk, sum);
        if (!failed) parser.write(decoder.decode(chunk, { stream: true }));
      });
      stream.on('end', () => {
        if (!failed && sum !== entry.crc32)
          fail(new ListRefused('The workbook is damaged: its check sum does not agree.'));
        if (!failed) parser.close();
        if (!failed) resolve();
      });
      stream.on('error', () => fail(new ListRefused('The workbook is damaged.')));
    });
  });
}

async function relations(
  zip: yauzl.ZipFile,
  entries: Map<string, yauzl.Entry>,
  budget: Budget,
): Promise<Map<string, string>> {
  const targets = new Map<string, string>();
  const entry = entries.get('xl/_rels/workbook.xml.rels');
  if (!entry) return targets;
  await parse(zip, entry, budget, (tag) => {
    if (local(tag.name) !== 'Relationship') return;
    const target = String(tag.attributes['Target'] ?? '');
    targets.set(
      String(tag.attributes['Id'] ?? ''),
      target.startsWith('/') ? target.slice(1) : `xl/${target}`,
    );
  });
  return targets;
}

async function sharedStrings(
  zip: yauzl.ZipFile,
  entries: Map<string, yauzl.Entry>,
  budget: Budget,
): Promise<string[]> {
  const entry = entries.get('xl/sharedStrings.xml');
  const strings: string[] = [];
  if (!entry) return strings;
  let item = '';
  let inText = false;
  let phonetic = 0;
  await parse(
    zip,
    entry,
    budget,
    (tag) => {
      const name = local(tag.name);
      if (name === 'si') item = '';
      if (name === 'rPh') phonetic++;
      inText = name === 't' && phonetic === 0;
    },
    (text) => {
      if (inText && item.length < BOUNDS.cellCharacters) item += text;
    },
    (name) => {
      if (name === 't') inText = false;
      if (name === 'rPh') phonetic--;
      if (name !== 'si') return;
      if (strings.length >= BOUNDS.cells) throw new ListRefused(TOO_LARGE);
      strings.push(item.slice(0, BOUNDS.cellCharacters));
    },
  );
  return strings;
}

/** `C` is the third column: 2. */
function columnIndex(reference: string): number {
  let index = 0;
  for (const letter of /^[A-Z]*/.exec(reference)![0])
    index = index * 26 + letter.charCodeAt(0) - 64;
  return index - 1;
}

async function readSheet(
  zip: yauzl.ZipFile,
  entry: yauzl.Entry,
  budget: Budget,
  strings: string[],
  counted: Counted,
): Promise<string[][]> {
  const cells: string[][] = [];
  let row = -1;
  let column = -1;
  let type = '';
  let text = '';
  let reading = false;
  await parse(
    zip,
    entry,
    budget,
    (tag) => {
      const name = local(tag.name);
      if (name === 'row') {
        const at = Number(tag.attributes['r'] ?? row + 2) - 1;
        row = Number.isInteger(at) && at > row ? at : row + 1;
        column = -1;
      } else if (name === 'c') {
        const reference = String(tag.attributes['r'] ?? '');
        column = reference ? columnIndex(reference) : column + 1;
        type = String(tag.attributes['t'] ?? 'n');
        text = '';
      } else if (name === 'v' || name === 't') reading = true;
    },
    (part) => {
      if (reading && text.length < BOUNDS.cellCharacters) text += part;
    },
    (name) => {
      if (name === 'v' || name === 't') reading = false;
      if (name !== 'c' || text === '') return;
      const value = cellText(type, text.slice(0, BOUNDS.cellCharacters), strings);
      counted.characters += value.length;
      const fault = outOfBounds(row + 1, column + 1, ++counted.cells, counted.characters);
      if (fault || column < 0 || row < 0)
        throw new ListRefused(fault ?? 'The workbook is damaged.');
      while (cells.length <= row) cells.push([]);
      const line = cells[row]!;
      while (line.length < column) line.push('');
      line[column] = value;
    },
  );
  return cells;
}

function cellText(type: string, text: string, strings: string[]): string {
  switch (type) {
    case 's':
      return strings[Number(text)] ?? '';
    case 'b':
      return text === '1' ? 'yes' : 'no';
    case 'e':
      return '';
    case 'n':
      // 0.1 + 0.2 is stored as 0.30000000000000004.
      return Number.isFinite(Number(text)) ? String(Number(Number(text).toPrecision(12))) : text;
    default:
      return text;
  }
}
