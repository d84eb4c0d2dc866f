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
import type { Progress } from '../work/jobs.js';
import { zipOf } from './zip.js';

/** Which openings, and where a code that is scanned leads. */
export interface StoredSheetsJob extends StoredScheduleJob {
  wanted: string[];
  address: string;
}

/** The sheets of some openings as PDF. */
export async function makeSheetsPdf(
  { wanted, address, ...job }: StoredSheetsJob,
  told?: Progress,
): Promise<Uint8Array> {
  return new Uint8Array(await sheetsPdf({ ...unfold(job), wanted, address }, told));
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
export async function makeDrawingsZip(
  { wanted, address: _, ...job }: StoredSheetsJob,
  told?: Progress,
): Promise<Uint8Array> {
  const openings = wantedOf(openingsOf(unfold(job)), wanted);
  const files = openings.flatMap(({ decided }, at) => {
    told?.(at / (openings.length + 1));
    return drawingFiles(decided).map(({ name, text }) => ({ name, bytes: text }));
  });
  return zipOf(
    files.length > 0
      ? files
      : [{ name: 'nothing-yet.txt', bytes: 'Nothing is set out yet: sizes or hands are open.\n' }],
    job.date,
  );
}
