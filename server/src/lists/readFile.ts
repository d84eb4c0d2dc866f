import { BOUNDS, ListRefused, type ReadFile } from './bounds.js';
import { readText } from './readText.js';
import { readWorkbook } from './readWorkbook.js';

/** Reads a door list out of a file, by what the file is, not by its name. Never throws for a bad file. */
export async function readFile(bytes: Uint8Array): Promise<ReadFile> {
  try {
    if (bytes.length === 0) throw new ListRefused('The file is empty.');
    if (bytes.length > BOUNDS.fileBytes)
      throw new ListRefused('The file is larger than 8 MB. Save only the list’s own sheet.');
    if (bytes[0] === 0x50 && bytes[1] === 0x4b) {
      const sheets = (await readWorkbook(bytes)).filter((sheet) => sheet.cells.length > 0);
      if (sheets.length === 0) throw new ListRefused('The workbook has no cells with anything in.');
      return { ok: true, kind: 'workbook', detail: 'XLSX workbook', sheets };
    }
    if (bytes[0] === 0xd0 && bytes[1] === 0xcf)
      throw new ListRefused('This is the old binary workbook format. Save it as XLSX or CSV.');
    const { sheet, detail } = readText(bytes);
    if (sheet.cells.every((row) => row.every((cell) => cell.trim() === '')))
      throw new ListRefused('The file has no cells with anything in.');
    return { ok: true, kind: 'text', detail, sheets: [sheet] };
  } catch (error) {
    if (error instanceof ListRefused) return { ok: false, why: error.message };
    throw error;
  }
}

/** The same with its sheets as JSON text, which crosses between threads as a whole. */
export async function readFileText(
  bytes: Uint8Array,
): Promise<
  | { ok: true; kind: 'text' | 'workbook'; detail: string; sheets: string }
  | { ok: false; why: string }
> {
  const read = await readFile(bytes);
  return read.ok ? { ...read, sheets: JSON.stringify(read.sheets) } : read;
}
