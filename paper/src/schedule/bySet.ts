import {
  draw,
  headingCells,
  HEADING_COLUMNS,
  HEADING_NAMES,
  unitsOf,
  type DecidedOpening,
  type Heading,
  type HeadingColumn,
  type Line,
  type Schedule,
} from '@riegel/core';
import { drawInto } from '../pdf/drawing.js';
import type { Progress } from '../progress.js';
import type { ScheduleJob } from './schedulePdf.js';
import type { MarkIndex } from './indexPages.js';
import { MARGIN, type Column, type Sheet } from '../pdf/sheet.js';

/** Widths of the heading columns, in parts of the table's. */
const SHARES: Record<HeadingColumn, number> = {
  mark: 8,
  from: 13,
  to: 13,
  role: 12,
  kind: 10,
  size: 15,
  thickness: 9,
  leaf: 14,
  frame: 9,
  hand: 8,
  rating: 7,
  clearWidth: 9,
};

const LINES: Column[] = [
  { title: 'qty', share: 5, align: 'right' },
  { title: 'unit', share: 6 },
  { title: 'description', share: 46 },
  { title: 'size', share: 15 },
  { title: 'finish', share: 12 },
  { title: 'stage', share: 10 },
  { title: 'remarks', share: 18 },
];

/** A small elevation beside the lines of a set. */
const PICTURE = { width: 92, height: 116 };

const headingColumns = (columns: readonly HeadingColumn[] = HEADING_COLUMNS) =>
  columns.map((name) => ({
    title: HEADING_NAMES[name].toLowerCase(),
    share: SHARES[name],
  }));

const lineCells = (line: Line): string[] => [
  String(line.quantity),
  line.unit,
  line.description,
  line.size,
  line.finish,
  line.stage,
  line.remarks,
];

/** Every set with its openings, what each takes, and one of them drawn; then what has no set. */
export function setPages(
  sheet: Sheet,
  schedule: Schedule,
  decided: ReadonlyMap<string, DecidedOpening>,
  { settings, changed = [] }: Pick<ScheduleJob, 'settings' | 'changed'>,
  index: MarkIndex,
  told?: Progress,
): void {
  const { columns } = settings;
  const barred = new Set(changed);
  sheet.doc.addPage();
  const outline = sheet.part('Sets');
  const heads = headingColumns(columns);
  for (const [at, set] of schedule.sets.entries()) {
    told?.((at + 1) / (schedule.sets.length + 2));
    const count = set.headings.length;
    const openings = sheet.measure(
      heads,
      set.headings.map((one) => headingCells(one, columns)),
    );
    openings.rows.forEach((row, at) => {
      row.bar = barred.has(set.openings[at]!);
    });
    const lines = sheet.measure(LINES, set.lines.map(lineCells), sheet.width - PICTURE.width - 12);
    const below = Math.max(lines.height, PICTURE.height) + 16;
    const whole = 26 + (set.apart ? 14 : 0) + openings.height + below;
    // A set stays together where a page holds it; where not, its heading stays with its first lines.
    sheet.room(whole <= sheet.body ? whole : Math.min(openings.height + 70, sheet.body));
    outline.addItem(`Set ${set.number}${set.name ? `: ${set.name}` : ''}`);
    sheet.heading(
      `Set ${set.number}${set.name ? ` – ${set.name}` : ''}`,
      `${count} opening${count === 1 ? '' : 's'}`,
      `set-${set.number}`,
    );
    index.note(`set-${set.number}`);
    if (set.apart) sheet.paragraph(`Kept apart: ${set.apart}`, { size: 8.3, faint: true });
    sheet.draw(openings);
    sheet.room(Math.min(below, sheet.body));
    const { y } = sheet.doc;
    const first = decided.get(set.openings[0]!);
    const page = sheet.page;
    if (first) picture(sheet, first, y);
    sheet.doc.y = y;
    sheet.paragraph('Each opening takes', { size: 7.5, faint: true });
    sheet.draw(lines);
    if (sheet.page === page) sheet.doc.y = Math.max(sheet.doc.y, y + PICTURE.height + 4);
    sheet.doc.y += 6;
  }
  undecidedPages(sheet, schedule, heads, columns, index);
}

function picture(sheet: Sheet, decided: DecidedOpening, y: number): void {
  const model = draw(decided, 'elevation-outside');
  const bare = {
    ...model,
    elements: model.elements.filter(({ kind }) => kind !== 'dimension' && kind !== 'text'),
  };
  if (bare.elements.length === 0) return;
  const { mark } = decided.facts;
  sheet.mark(
    'Figure',
    () => {
      drawInto(sheet.doc, bare, unitsOf(decided), {
        x: MARGIN + sheet.width - PICTURE.width,
        y: y + 2,
        width: PICTURE.width,
        height: PICTURE.height - 14,
      });
      sheet.at(mark, MARGIN + sheet.width - PICTURE.width, y + PICTURE.height - 10, {
        size: 7.5,
        width: PICTURE.width,
        align: 'center',
      });
    },
    `Elevation of ${mark}`,
  );
  sheet.doc.x = MARGIN;
}

function undecidedPages(
  sheet: Sheet,
  { undecided, without }: Schedule,
  heads: Column[],
  columns: readonly HeadingColumn[] | undefined,
  index: MarkIndex,
): void {
  const list = (title: string, aside: string, name: string, headings: Heading[]) => {
    if (headings.length === 0) return;
    sheet.part(title);
    sheet.heading(title, aside, name);
    index.note(name);
    sheet.table(
      heads,
      headings.map((one) => headingCells(one, columns)),
    );
  };
  list(
    'Undecided',
    'something open may change what they take',
    'undecided',
    undecided.map(({ heading }) => heading),
  );
  for (const { heading, lines, open } of undecided) {
    sheet.paragraph(`${heading.mark}: ${open.join(' ')}`, { size: 8.5 });
    if (lines.length > 0)
      sheet.paragraph(
        `So far: ${lines.map((line) => `${line.quantity} ${line.description}`).join('; ')}`,
        { size: 8, faint: true },
      );
  }
  list('Without hardware', '', 'without', without);
}
