import {
  devicesDrawing,
  devicesOf,
  formatLength,
  narrativeOf,
  passagesDrawing,
  phraseText,
  termText,
  unitsOf,
  wiringOf,
  type DecidedOpening,
  type ProjectBasis,
  type ScheduledOpening,
  type WireRun,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import { MARGIN, type Sheet } from '../pdf/sheet.js';
import type { ScheduleJob } from '../schedule/schedulePdf.js';
import { sheetOf } from './sheetOf.js';

const ELEVATION = 170;
/** Width of the picture of who gets through, points. */
const PASSAGES = 420;

/** The elevation from both sides with what is electric, and what each number is. */
function devicesOnElevation(sheet: Sheet, decided: DecidedOpening): void {
  const devices = devicesOf(decided);
  const sides = (['outside', 'inside'] as const).flatMap((from) => {
    const model = devicesDrawing(decided, from);
    return model ? [{ from, model }] : [];
  });
  if (sides.length === 0) return;
  sheet.room(ELEVATION + 30);
  const { doc } = sheet;
  const { y } = doc;
  const width = sheet.width / 2 - 6;
  sides.forEach(({ from, model }, at) =>
    sheet.mark(
      'Figure',
      () =>
        drawInto(doc, model, unitsOf(decided), {
          x: MARGIN + at * (width + 12),
          y,
          width,
          height: ELEVATION,
        }),
      `Devices, from ${from}`,
    ),
  );
  doc.x = MARGIN;
  doc.y = y + ELEVATION + 4;
  const units = unitsOf(decided);
  const told = devices.map(({ number, term, face, height }) =>
    [
      `${number} ${termText(term, units.language)}`,
      face,
      height === undefined
        ? undefined
        : `${formatLength(Math.round(height), units)} above the floor`,
    ]
      .filter(Boolean)
      .join(', '),
  );
  sheet.paragraph(told.join('; '), { size: 9 });
}

/** Who gets through, when and how, as the page of the opening shows it. */
function passagesInto(sheet: Sheet, decided: DecidedOpening): void {
  const model = passagesDrawing(decided);
  if (!model) return;
  const { left, right, top, bottom } = model.extents;
  const width = Math.min(sheet.width, PASSAGES);
  const height = (width * (top - bottom)) / (right - left);
  sheet.room(height + 12);
  const { doc } = sheet;
  const { y } = doc;
  sheet.mark(
    'Figure',
    () => drawInto(doc, model, unitsOf(decided), { x: MARGIN, y, width, height }),
    'Who gets through',
  );
  doc.x = MARGIN;
  doc.y = y + height + 6;
}

/** A run of cable in a line: what hangs on it, where, how it gets there, with what. */
function runText(
  { load, count, at, through, conductors, wire, hold, inrush }: WireRun,
  word: (code: string) => string,
): string {
  const amperes =
    hold === inrush ? `${hold} A` : `${hold} A held, ${inrush} A as it is switched on`;
  return [
    `${count} × ${word(`load.${load}`)}, ${word(`wireAt.${at}`)}`,
    through && word(`wirePath.${through}`),
    `${conductors} conductors${wire ? `, ${wire}` : ''}`,
    amperes,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** What every powered opening does: normally, to enter, to leave, without power, in an alarm. */
export function wiringPdf(
  job: ScheduleJob,
  basis: ProjectBasis,
  openings: readonly ScheduledOpening[],
): Promise<Buffer> {
  const sheet = sheetOf(job, basis, 'wiring and operation');
  let told = 0;
  for (const { decided, mark } of openings) {
    const sentences = narrativeOf(decided.facts, decided.results, decided.practice);
    if (sentences.length === 0) continue;
    told += 1;
    const { from, to } = decided.facts;
    sheet.heading(mark, [from, to].filter(Boolean).join(' – '));
    for (const said of sentences) sheet.paragraph(phraseText(said, unitsOf(decided)));
    passagesInto(sheet, decided);
    devicesOnElevation(sheet, decided);
    const { language } = unitsOf(decided);
    for (const run of wiringOf(decided.results.powering, decided.practice))
      sheet.paragraph(
        runText(run, (code) => termText(code, language)),
        { size: 9 },
      );
    const items = decided.items.filter(({ stage }) => stage === 'powering');
    if (items.length > 0)
      sheet.paragraph(
        items
          .map((item) => `${item.quantity} ${item.written ?? termText(item.term ?? '')}`)
          .join('; '),
        { size: 8.5, faint: true },
      );
  }
  if (told === 0) sheet.paragraph('No opening has power.');
  sheet.paragraph('Low voltage by a competent person, mains only by a licensed one.', {
    size: 8.5,
    faint: true,
  });
  return sheet.finish();
}
