import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import PDFDocument from 'pdfkit';

const MARGIN = 40;
const INK = '#1f1b14';
const FAINT = '#6b6455';
const RULE = '#b9b09c';

/** A column of a table: width in parts of the page's. */
export interface Column {
  title: string;
  share: number;
  align?: 'left' | 'right';
}

function fontFolder(): string {
  return join(
    dirname(createRequire(import.meta.url).resolve('dejavu-fonts-ttf/package.json')),
    'ttf',
  );
}

/** A flow of text and tables over pages; the fonts are embedded whole, with every fraction glyph. */
export class Sheet {
  readonly doc: PDFKit.PDFDocument;
  private readonly width: number;

  constructor(
    title: string,
    size: 'LETTER' | 'A4',
    private readonly footer: string,
  ) {
    this.doc = new PDFDocument({
      size,
      layout: 'landscape',
      margins: { top: MARGIN, bottom: MARGIN + 16, left: MARGIN, right: MARGIN },
      bufferPages: true,
      font: null as unknown as string,
      info: { Title: title, Producer: 'Riegel', Creator: 'Riegel' },
    });
    const fonts = fontFolder();
    this.doc.registerFont('plain', join(fonts, 'DejaVuSansCondensed.ttf'));
    this.doc.registerFont('bold', join(fonts, 'DejaVuSansCondensed-Bold.ttf'));
    this.width = this.doc.page.width - 2 * MARGIN;
    this.doc.font('plain').fontSize(9).fillColor(INK);
  }

  private get bottom(): number {
    return this.doc.page.height - this.doc.page.margins.bottom;
  }

  /** Starts a new page unless that much height is left. */
  room(height: number): void {
    if (this.doc.y + height > this.bottom) this.doc.addPage();
  }

  title(text: string): void {
    this.doc
      .font('bold')
      .fontSize(20)
      .fillColor(INK)
      .text(text, MARGIN, this.doc.y, { width: this.width });
    this.doc.moveDown(0.3).font('plain').fontSize(9);
  }

  heading(text: string, aside = ''): void {
    this.room(60);
    this.doc.y += 4;
    const { y } = this.doc;
    this.doc
      .font('bold')
      .fontSize(12)
      .fillColor(INK)
      .text(text, MARGIN, y, { continued: false, width: this.width });
    if (aside)
      this.doc
        .font('plain')
        .fontSize(9)
        .fillColor(FAINT)
        .text(aside, MARGIN, y + 3, { width: this.width, align: 'right' });
    this.doc.y = y + 18;
    this.rule(1);
    this.doc.y += 3;
    this.doc.font('plain').fontSize(9).fillColor(INK);
  }

  rule(weight = 0.5): void {
    this.doc
      .moveTo(MARGIN, this.doc.y)
      .lineTo(MARGIN + this.width, this.doc.y)
      .lineWidth(weight)
      .strokeColor(RULE)
      .stroke();
  }

  paragraph(text: string, options: { size?: number; faint?: boolean } = {}): void {
    this.doc
      .font('plain')
      .fontSize(options.size ?? 9)
      .fillColor(options.faint ? FAINT : INK);
    const height = this.doc.heightOfString(text, { width: this.width });
    this.room(Math.min(height, 100));
    this.doc.text(text, MARGIN, this.doc.y, { width: this.width });
    this.doc.moveDown(0.35).fillColor(INK);
  }

  /** A table whose head stands again on every page it reaches. */
  table(columns: Column[], rows: string[][], options: { bold?: boolean } = {}): void {
    const whole = columns.reduce((sum, column) => sum + column.share, 0);
    const widths = columns.map((column) => (column.share / whole) * this.width);
    const head = () => {
      this.doc.font('bold').fontSize(7.5).fillColor(FAINT);
      this.row(
        columns,
        widths,
        columns.map((column) => column.title),
      );
      this.rule();
      this.doc.y += 2;
    };
    this.room(44);
    head();
    for (const cells of rows) {
      this.doc
        .font(options.bold ? 'bold' : 'plain')
        .fontSize(8.5)
        .fillColor(INK);
      const height = Math.max(
        ...cells.map((cell, index) =>
          this.doc.heightOfString(cell || ' ', { width: widths[index]! - 6 }),
        ),
      );
      if (this.doc.y + height > this.bottom) {
        this.doc.addPage();
        head();
        this.doc
          .font(options.bold ? 'bold' : 'plain')
          .fontSize(8.5)
          .fillColor(INK);
      }
      this.row(columns, widths, cells, height);
    }
    this.doc.y += 6;
  }

  private row(columns: Column[], widths: number[], cells: string[], known?: number): void {
    const { y } = this.doc;
    const height =
      known ??
      Math.max(
        ...cells.map((cell, index) =>
          this.doc.heightOfString(cell || ' ', { width: widths[index]! - 6 }),
        ),
      );
    let x = MARGIN;
    cells.forEach((cell, index) => {
      const width = widths[index]! - 6;
      if (cell) this.doc.text(cell, x, y, { width, align: columns[index]!.align ?? 'left' });
      x += widths[index]!;
    });
    this.doc.y = y + height + 2;
  }

  /** Writes the footers and gives the whole file. */
  finish(): Promise<Buffer> {
    const { start, count } = this.doc.bufferedPageRange();
    for (let page = start; page < start + count; page++) {
      this.doc.switchToPage(page);
      this.doc.page.margins.bottom = 0;
      this.doc.font('plain').fontSize(7.5).fillColor(FAINT);
      const y = this.doc.page.height - MARGIN;
      this.doc.text(this.footer, MARGIN, y, { width: this.width * 0.8, lineBreak: false });
      this.doc.text(`page ${page - start + 1} of ${count}`, MARGIN, y, {
        width: this.width,
        align: 'right',
        lineBreak: false,
      });
    }
    return new Promise((resolve, reject) => {
      const chunks: Buffer[] = [];
      this.doc.on('data', (chunk: Buffer) => chunks.push(chunk));
      this.doc.on('end', () => resolve(Buffer.concat(chunks)));
      this.doc.on('error', reject);
      this.doc.end();
    });
  }
}
