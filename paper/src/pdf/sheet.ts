import PDFDocument from 'pdfkit';
import { face, printable, registerFaces, type Face } from './typefaces.js';

export const MARGIN = 40;
export const INK = '#1f1b14';
export const FAINT = '#6b6455';
const RULE = '#b9b09c';

/** Sizes of paper in points, lying. */
const PAPER_SIZES = {
  A4: 'A4',
  A3: 'A3',
  Letter: 'LETTER',
  Tabloid: 'TABLOID',
} as const;
type PaperName = keyof typeof PAPER_SIZES;

/** A column of a table: width in parts of the table's. */
export interface Column {
  title: string;
  share: number;
  align?: 'left' | 'right';
}

/** A table laid out: its rows with their heights, ready to be drawn. */
export interface MeasuredTable {
  columns: Column[];
  widths: number[];
  rows: { cells: string[]; height: number; to?: string | undefined; bar?: boolean }[];
  height: number;
}

interface Options {
  title: string;
  paper: PaperName;
  layout?: 'landscape' | 'portrait';
  footer: string;
}

const SIZE = { head: 7.2, cell: 8.3 };
const GAP = 6;
const HEAD = 13;

/** A row is no taller than this share of a page: what is longer goes on in rows below. */
const TALLEST_ROW = 0.6;

/** A row in so many rows, each cell’s words spread over them evenly. */
function parted(cells: readonly string[], count: number): string[][] {
  const words = cells.map((cell) => cell.split(' '));
  // Cells that are short stand in the first row alone.
  const long = Math.max(...words.map(({ length }) => length)) / count;
  return Array.from({ length: count }, (_, part) =>
    words.map((list) => {
      if (list.length <= long) return part === 0 ? list.join(' ') : '';
      const share = Math.ceil(list.length / count);
      return list.slice(part * share, (part + 1) * share).join(' ');
    }),
  );
}

/**
 * A flow of text, tables and figures over pages: tagged, with an outline, its faces embedded. Parts are put into
 * the structure as they are written.
 */
export class Sheet {
  readonly doc: PDFKit.PDFDocument;
  readonly width: number;
  private readonly root: PDFKit.PDFStructureElement;
  private section: PDFKit.PDFStructureElement;

  constructor(private readonly options: Options) {
    this.doc = new PDFDocument({
      size: PAPER_SIZES[options.paper],
      layout: options.layout ?? 'landscape',
      margins: { top: MARGIN, bottom: MARGIN + 16, left: MARGIN, right: MARGIN },
      bufferPages: true,
      font: null as unknown as string,
      tagged: true,
      pdfVersion: '1.7',
      lang: 'en',
      displayTitle: true,
      info: { Title: options.title, Producer: 'Riegel', Creator: 'Riegel' },
    } as PDFKit.PDFDocumentOptions);
    registerFaces(this.doc);
    this.width = this.doc.page.width - 2 * MARGIN;
    this.doc.font('plain').fontSize(9).fillColor(INK);
    this.root = this.doc.struct('Document');
    this.doc.addStructure(this.root);
    this.section = this.doc.struct('Sect');
    this.root.add(this.section);
  }

  /** Where the text of a page ends, and how much of one there is. */
  get bottom(): number {
    return this.doc.page.height - this.doc.page.margins.bottom;
  }
  get body(): number {
    return this.bottom - MARGIN;
  }

  /** The page that is being written, from 0. */
  get page(): number {
    const { start, count } = this.doc.bufferedPageRange();
    return start + count - 1;
  }

  /** Starts a new page unless that much height is left, or a whole page would not do either. */
  room(height: number): void {
    if (this.doc.y + height > this.bottom && this.doc.y > MARGIN + 1) this.doc.addPage();
  }

  /** Begins a part of the document, told in the outline. */
  part(name: string): PDFKit.PDFOutline {
    this.section.end();
    this.section = this.doc.struct('Sect');
    this.root.add(this.section);
    return this.doc.outline.addItem(name);
  }

  /** Writes something as one element of the structure. */
  mark(tag: string, write: () => void, alt?: string): void {
    this.section.add(this.doc.struct(tag, alt ? { alt } : {}, write));
  }

  /** Writes what is no content: rules, footers. */
  decorate(write: () => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' });
    write();
    this.doc.endMarkedContent();
  }

  /** A text at a place, on one line. */
  at(
    text: string,
    x: number,
    y: number,
    options: {
      size?: number;
      face?: Face;
      colour?: string;
      width?: number;
      align?: 'left' | 'right' | 'center';
    } = {},
  ): void {
    const shown = printable(text);
    face(
      this.doc.fontSize(options.size ?? 9).fillColor(options.colour ?? INK),
      options.face ?? 'plain',
      shown,
    );
    this.doc.text(shown, x, y, {
      lineBreak: false,
      ...(options.width
        ? { width: options.width, align: options.align ?? 'left', ellipsis: true, height: 1 }
        : {}),
    });
  }

  title(text: string): void {
    const shown = printable(text);
    this.mark('H1', () => {
      face(this.doc.fontSize(22).fillColor(INK), 'title', shown);
      this.doc.text(shown, MARGIN, this.doc.y, { width: this.width });
    });
    this.doc.moveDown(0.3);
    this.doc.font('plain').fontSize(9);
  }

  /** A heading with a rule under it; `aside` stands at the right. `name` makes it a place to go to. */
  heading(text: string, aside = '', name?: string): void {
    this.room(70);
    this.doc.y += 5;
    const { y } = this.doc;
    if (name) this.doc.addNamedDestination(name, 'XYZ', MARGIN, y - 4, null);
    const [shown, beside] = [printable(text), printable(aside)];
    this.mark('H2', () => {
      face(this.doc.fontSize(12.5).fillColor(INK), 'title', shown);
      this.doc.text(shown, MARGIN, y, { width: this.width * 0.75, lineBreak: false });
    });
    if (aside)
      this.mark('P', () => {
        face(this.doc.fontSize(9).fillColor(FAINT), 'plain', beside);
        this.doc.text(beside, MARGIN, y + 3, {
          width: this.width,
          align: 'right',
          lineBreak: false,
        });
      });
    this.doc.y = y + 18;
    this.rule(1.2, INK);
    this.doc.y += 4;
    this.doc.x = MARGIN;
    this.doc.font('plain').fontSize(9).fillColor(INK);
  }

  rule(weight = 0.5, colour = RULE, x = MARGIN, width = this.width): void {
    this.decorate(() =>
      this.doc
        .moveTo(x, this.doc.y)
        .lineTo(x + width, this.doc.y)
        .lineWidth(weight)
        .strokeColor(colour)
        .stroke(),
    );
  }

  paragraph(text: string, options: { size?: number; faint?: boolean; face?: Face } = {}): void {
    const shown = printable(text);
    this.doc.fontSize(options.size ?? 9).fillColor(options.faint ? FAINT : INK);
    face(this.doc, options.face ?? 'plain', shown);
    const height = this.doc.heightOfString(shown, { width: this.width });
    this.room(Math.min(height, 100));
    this.mark('P', () => this.doc.text(shown, MARGIN, this.doc.y, { width: this.width }));
    this.doc.moveDown(0.35).fillColor(INK);
  }

  /** Lays a table out: the heights of its rows, and of all together with the head. */
  measure(
    columns: Column[],
    rows: string[][],
    width = this.width,
    links: (string | undefined)[] = [],
  ): MeasuredTable {
    const whole = columns.reduce((sum, column) => sum + column.share, 0);
    const widths = columns.map((column) => (column.share / whole) * width);
    this.doc.fontSize(SIZE.cell);
    const heightOf = (cells: readonly string[]) =>
      Math.max(
        ...cells.map((cell, index) => {
          face(this.doc, 'plain', cell);
          return this.doc.heightOfString(cell || ' ', { width: widths[index]! - GAP });
        }),
      );
    const most = this.body * TALLEST_ROW;
    const measured = rows.flatMap((row, at) => {
      const cells = row.map(printable);
      const height = heightOf(cells);
      const parts = height > most ? parted(cells, Math.ceil(height / most)) : [cells];
      return parts.map((part) => ({
        cells: part,
        height: (parts.length > 1 ? heightOf(part) : height) + 2.5,
        to: links[at],
      }));
    });
    const height = measured.reduce((sum, row) => sum + row.height, 0) + HEAD;
    return { columns, widths, rows: measured, height };
  }

  /** A table whose head stands again on every page it reaches; what may not part from its head stays with it. */
  table(columns: Column[], rows: string[][], links: (string | undefined)[] = []): void {
    this.draw(this.measure(columns, rows, this.width, links));
  }

  draw({ columns, widths, rows }: MeasuredTable, x = MARGIN): void {
    const first = rows[0]?.height ?? 0;
    this.room(HEAD + first + (rows[1]?.height ?? 0));
    const table = this.doc.struct('Table');
    this.section.add(table);
    const whole = widths.reduce((sum, width) => sum + width, 0);
    const titles = columns.map(({ title }) => title);
    const head = (again: boolean) => {
      if (!titles.some(Boolean)) return;
      const write = () =>
        this.cells(undefined, columns, widths, titles, x, 'bold', SIZE.head, FAINT);
      // Repeated heads are no content: they would be read out on every page.
      if (again) this.decorate(write);
      else {
        const row = this.doc.struct('TR');
        table.add(row);
        this.cells(row, columns, widths, titles, x, 'bold', SIZE.head, FAINT, 'TH');
        row.end();
      }
      this.doc.y += 10.5;
      this.rule(0.6, RULE, x, whole);
      this.doc.y += 2.5;
    };
    head(false);
    for (const { cells, height, to, bar } of rows) {
      // A row taller than what is left of a page starts the next; taller than a page it is cut by none.
      if (this.doc.y + height > this.bottom) {
        this.doc.addPage();
        head(true);
      }
      const row = this.doc.struct('TR');
      table.add(row);
      this.cells(row, columns, widths, cells, x, 'plain', SIZE.cell, INK);
      row.end();
      if (bar) this.bar(x - 5, height);
      if (to) this.doc.goTo(x, this.doc.y - 1, whole, height, to);
      this.doc.y += height;
    }
    table.end();
    this.doc.y += 5;
    this.doc.x = MARGIN;
  }

  /** A bar beside a row: it is another than before. */
  private bar(x: number, height: number): void {
    const { y } = this.doc;
    this.decorate(() =>
      this.doc
        .moveTo(x, y - 1)
        .lineTo(x, y + height - 3)
        .lineWidth(2)
        .strokeColor(INK)
        .stroke(),
    );
    this.doc.y = y;
  }

  private cells(
    row: PDFKit.PDFStructureElement | undefined,
    columns: Column[],
    widths: number[],
    cells: string[],
    from: number,
    name: Face,
    size: number,
    colour: string,
    tag = 'TD',
  ): void {
    const { y } = this.doc;
    let x = from;
    cells.forEach((cell, index) => {
      const width = widths[index]! - GAP;
      const write = () => {
        face(this.doc.fontSize(size).fillColor(colour), name, cell);
        if (cell) this.doc.text(cell, x, y, { width, align: columns[index]!.align ?? 'left' });
      };
      if (row) row.add(this.doc.struct(tag, {}, write));
      else write();
      x += widths[index]!;
    });
    this.doc.y = y;
  }

  /** Writes the footers and gives the whole file. */
  finish(): Promise<Buffer> {
    this.section.end();
    const { start, count } = this.doc.bufferedPageRange();
    for (let page = start; page < start + count; page++) {
      this.doc.switchToPage(page);
      this.doc.page.margins.bottom = 0;
      const y = this.doc.page.height - MARGIN;
      const footer = printable(this.options.footer);
      this.doc.markContent('Artifact', { type: 'Pagination' });
      face(this.doc.fontSize(7.5).fillColor(FAINT), 'plain', footer);
      this.doc.text(footer, MARGIN, y, { width: this.width * 0.8, lineBreak: false });
      this.doc.font('plain').text(`page ${page - start + 1} of ${count}`, MARGIN, y, {
        width: this.width,
        align: 'right',
        lineBreak: false,
      });
      this.doc.endMarkedContent();
    }
    this.root.end();
    return new Promise((resolve, reject) => {
      const chunks: Buffer[] = [];
      this.doc.on('data', (chunk: Buffer) => chunks.push(chunk));
      this.doc.on('end', () => resolve(Buffer.concat(chunks)));
      this.doc.on('error', reject);
      this.doc.end();
    });
  }
}
