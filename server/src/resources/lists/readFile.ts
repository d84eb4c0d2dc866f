import { isStep, modelCells, readModelDoors, type ModelFault } from '@riegel/core';
import { BOUNDS, ListRefused, type ReadFile } from './bounds.js';
import { readText } from './readText.js';
import { readWorkbook } from './readWorkbook.js';

/** Reads a door list out of a file, by what the file is, not by its name. Never throws for a bad file. */
export async function readFile(bytes: Uint8Array): Promise<ReadFile> {
  try {
    if (bytes.length === 0) throw new ListRefused('The file is empty.');
    const model = readModel(bytes);
    if (model) return model;
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

const MODEL_FAULTS: Record<ModelFault, string> = {
  cut: 'The model is cut off: it has no end. Export or copy it again.',
  schema: 'This is no IFC4 or IFC2x3 model.',
  none: 'The model has no doors.',
};

/** The letters of a model: its own escapes are for what is not plain. */
const decode = (bytes: Uint8Array) =>
  Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength).toString('latin1');

/** The doors of a building model as a list; undefined where the file is none. */
function readModel(bytes: Uint8Array): ReadFile | undefined {
  if (!isStep(decode(bytes.subarray(0, 400)))) return undefined;
  if (bytes.length > BOUNDS.modelBytes)
    throw new ListRefused(
      'The model is larger than 64 MB. Export its doors, rooms and storeys only.',
    );
  const model = readModelDoors(decode(bytes));
  if (typeof model === 'string') throw new ListRefused(MODEL_FAULTS[model]);
  if (model.doors.length > BOUNDS.rows)
    throw new ListRefused(`The model has more than ${BOUNDS.rows} doors. Export them by storey.`);
  return {
    ok: true,
    kind: 'model',
    detail: `${model.schema} building model, ${model.doors.length} doors`,
    sheets: [{ name: 'Doors', cells: modelCells(model.doors) }],
  };
}

/** The same with its sheets as JSON text, which crosses between threads as a whole. */
export async function readFileText(
  bytes: Uint8Array,
): Promise<
  | { ok: true; kind: 'text' | 'workbook' | 'model'; detail: string; sheets: string }
  | { ok: false; why: string }
> {
  const read = await readFile(bytes);
  return read.ok ? { ...read, sheets: JSON.stringify(read.sheets) } : read;
}
