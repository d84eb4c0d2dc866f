import { ZipFile } from 'yazl';
import {
  decideOpening,
  dxf,
  prepSheets,
  unitsOf,
  writeSvg,
  type DecidedOpening,
} from '@riegel/core';
import { unfold, type StoredScheduleJob } from '../schedule/makeSchedule.js';
import { basisOf, openingsOf } from '../schedule/pdf/schedulePdf.js';
import { sheetsPdf, wantedOf } from './sheetsPdf.js';
import { stickPdf } from './stickPdf.js';

/** Which openings, and where a code that is scanned leads. */
export interface StoredSheetsJob extends StoredScheduleJob {
  wanted: string[];
  address: string;
}

/** The sheets of some openings as PDF. */
export async function makeSheetsPdf({
  wanted,
  address,
  ...job
}: StoredSheetsJob): Promise<Uint8Array> {
  return new Uint8Array(await sheetsPdf({ ...unfold(job), wanted, address }));
}

/** The story sticks of one opening. */
export async function makeStickPdf({
  wanted,
  tiled,
  ...job
}: StoredSheetsJob & { tiled: boolean }): Promise<Uint8Array> {
  const unfolded = unfold(job);
  const facts = unfolded.openings.find(({ id }) => id === wanted[0])?.facts;
  const decided = decideOpening(facts ?? { mark: '', kind: 'single' }, basisOf(unfolded));
  return new Uint8Array(await stickPdf(decided, tiled, `${decided.facts.mark}: story stick`));
}

/** A name that every disk takes. */
const safe = (text: string) => text.replace(/[^\w.-]+/g, '-').replace(/^-+|-+$/g, '') || 'opening';

/** The drawings of one opening: each sheet as DXF in true units and as SVG. */
export function drawingFiles(decided: DecidedOpening): { name: string; text: string }[] {
  const units = unitsOf(decided);
  return prepSheets(decided).flatMap(({ title, drawing, ordinates }) => {
    const name = safe(title);
    const { elements, textHeight } = drawing;
    return [
      { name: `${name}.dxf`, text: dxf({ elements, ordinates, textHeight }, units.system) },
      { name: `${name}.svg`, text: writeSvg(drawing, units, title) },
    ];
  });
}

/** The drawings of some openings as one ZIP. */
export async function makeDrawingsZip({
  wanted,
  address: _,
  ...job
}: StoredSheetsJob): Promise<Uint8Array> {
  const unfolded = unfold(job);
  const zip = new ZipFile();
  const names = new Set<string>();
  for (const { decided } of wantedOf(openingsOf(unfolded), wanted))
    for (const { name, text } of drawingFiles(decided)) {
      const unique = names.has(name) ? name.replace(/(\.\w+)$/, `-${names.size}$1`) : name;
      names.add(unique);
      // A time of their own would make the same drawings another file every day.
      zip.addBuffer(Buffer.from(text), unique, { mtime: new Date(`${job.date}T12:00:00Z`) });
    }
  if (names.size === 0)
    zip.addBuffer(
      Buffer.from('Nothing is set out yet: sizes or hands are open.\n'),
      'nothing-yet.txt',
      {
        mtime: new Date(`${job.date}T12:00:00Z`),
      },
    );
  zip.end();
  const chunks: Buffer[] = [];
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer);
  return new Uint8Array(Buffer.concat(chunks));
}
