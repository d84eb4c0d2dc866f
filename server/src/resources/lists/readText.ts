import Papa from 'papaparse';
import { unguard } from '@riegel/paper';
import { BOUNDS, ListRefused, type Sheet } from './bounds.js';

/**
 * Decodes a text file: its byte-order mark (UTF-8, UTF-16), else strict UTF-8, else Windows-1252.
 * Refuses what is no text.
 */
function decodeText(bytes: Uint8Array): { text: string; encoding: string } {
  const [a, b, c] = bytes;
  const as = (encoding: string, from = 0, fatal = false) =>
    new TextDecoder(encoding, { fatal, ignoreBOM: true }).decode(bytes.subarray(from));
  let text: string;
  let encoding: string;
  if (a === 0xef && b === 0xbb && c === 0xbf) [text, encoding] = [as('utf-8', 3), 'UTF-8'];
  else if (a === 0xff && b === 0xfe) [text, encoding] = [as('utf-16le', 2), 'UTF-16'];
  else if (a === 0xfe && b === 0xff) [text, encoding] = [as('utf-16be', 2), 'UTF-16'];
  else {
    try {
      [text, encoding] = [as('utf-8', 0, true), 'UTF-8'];
    } catch {
      [text, encoding] = [as('windows-1252'), 'Windows-1252'];
    }
  }
  if (text.includes('\u0000'))
    throw new ListRefused('This is no list: it holds binary data. Save it as CSV or XLSX.');
  return { text, encoding };
}

const DELIMITERS = [',', '\t', ';', '|'];
const DELIMITER_NAMES: Record<string, string> = {
  ',': 'commas',
  '\t': 'tabs',
  ';': 'semicolons',
  '|': 'bars',
};

/** Reads a CSV or TSV file, whatever its encoding and delimiter. */
export function readText(bytes: Uint8Array): { sheet: Sheet; detail: string } {
  const { text, encoding } = decodeText(bytes);
  const cells: string[][] = [];
  let count = 0;
  let characters = 0;
  const parsed = Papa.parse<string[]>(text.replace(/\r\n?/g, '\n').replace(/\n+$/, ''), {
    delimitersToGuess: DELIMITERS,
    step: ({ data }, parser) => {
      count += data.length;
      for (const cell of data) characters += cell.length;
      const fault = outOfBounds(cells.length + 1, data.length, count, characters);
      if (fault) {
        parser.abort();
        throw new ListRefused(fault);
      }
      cells.push(data.map((cell) => unguard(cell.slice(0, BOUNDS.cellCharacters))));
    },
  });
  const delimiter = parsed.meta?.delimiter ?? (text.includes('\t') ? '\t' : ',');
  return {
    sheet: { name: 'List', cells },
    detail: `${encoding}, parted by ${DELIMITER_NAMES[delimiter] ?? 'commas'}`,
  };
}

/** The sentence for a list that is larger than can be taken, or nothing. */
export function outOfBounds(
  rows: number,
  columns: number,
  cells: number,
  characters = 0,
): string | undefined {
  if (rows > BOUNDS.rows) return `The list has more than ${BOUNDS.rows} rows. Import it in parts.`;
  if (columns > BOUNDS.columns)
    return `A row has more than ${BOUNDS.columns} columns. Delete what stands far to the right.`;
  if (characters > BOUNDS.characters)
    return 'The list holds too much text. Leave out what does not describe doors, or import it in parts.';
  return cells > BOUNDS.cells ? 'The list has too many cells. Import it in parts.' : undefined;
}
