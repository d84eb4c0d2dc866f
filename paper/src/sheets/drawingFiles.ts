import { dxf, prepSheets, unitsOf, writeSvg, type DecidedOpening } from '@riegel/core';
import type { Progress } from '../progress.js';
import { openingsOf, type ScheduleJob } from '../schedule/schedulePdf.js';
import { wantedOf } from './sheetsPdf.js';
import { zipOf } from './zip.js';

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
export function drawingsZip(
  job: ScheduleJob & { wanted: string[] },
  told?: Progress,
): Promise<Uint8Array> {
  const openings = wantedOf(openingsOf(job), job.wanted);
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
