import PDFDocument from 'pdfkit';
import {
  formatLength,
  storySticks,
  termText,
  toMm,
  type DecidedOpening,
  type StoryStick,
  type System,
} from '@riegel/core';
import { face, printable, registerFaces } from '../pdf/typefaces.js';

const POINT = 72 / 25.4;

/** Ticks as points of true size. */
const true1 = (ticks: number) => toMm(ticks) * POINT;

const HALF = 26 * POINT;
const LEFT = 34 * POINT;
const MARGIN = 14 * POINT;
const OVERLAP = 10 * POINT;
const PROOF = { inch: 4 * 72, metric: 100 * POINT } as const;
const PAGES = { inch: [612, 792], metric: [595.28, 841.89] } as const;

type Doc = PDFKit.PDFDocument;

/**
 * The story sticks of an opening in true size: one long page each, or tiles of ordinary paper with join marks and a
 * proof line on every page. Viewers are told not to scale.
 */
export function stickPdf(decided: DecidedOpening, tiled: boolean, title: string): Promise<Buffer> {
  const { system } = decided.practice;
  const doc = new PDFDocument({
    autoFirstPage: false,
    font: null as unknown as string,
    pdfVersion: '1.7',
    lang: 'en',
    displayTitle: true,
    info: { Title: title, Producer: 'Riegel', Creator: 'Riegel' },
  } as PDFKit.PDFDocumentOptions);
  registerFaces(doc);
  unscaled(doc);
  const sticks = storySticks(decided);
  const named = sticks.map((stick) => ({
    stick,
    name: [
      decided.facts.mark,
      stick.leaf === 'leaf' ? '' : termText(`leaf.${stick.leaf}`),
      `${stick.edge} side`,
    ]
      .filter(Boolean)
      .join(', '),
  }));
  for (const { stick, name } of named) {
    const long = true1(stick.length);
    if (!tiled) {
      doc.addPage({ size: [LEFT + 2 * HALF + 2 * MARGIN, long + 4 * MARGIN], margin: 0 });
      drawStick(doc, stick, name, system, 2.6 * MARGIN);
      proof(doc, system, MARGIN, long + 3.4 * MARGIN);
      continue;
    }
    const [width, height] = PAGES[system];
    const room = height - 4 * MARGIN;
    const step = room - OVERLAP;
    const tiles = Math.max(1, Math.ceil((long - OVERLAP) / step));
    for (let tile = 0; tile < tiles; tile++) {
      doc.addPage({ size: [width, height], margin: 0 });
      const top = 2 * MARGIN;
      doc.save();
      // The heads of the halves stand above the first tile.
      const above = tile === 0 ? MARGIN : 0;
      doc.rect(0, top - above, width, room + above).clip();
      drawStick(doc, stick, name, system, top - tile * step);
      doc.restore();
      joins(doc, { tile, tiles, top, room, name });
      proof(doc, system, LEFT, height - MARGIN);
    }
  }
  if (sticks.length === 0) {
    doc.addPage({ size: [...PAGES[system]], margin: 40 });
    write(
      doc,
      'Nothing to set out yet: the size of the opening or its hardware is open.',
      40,
      40,
      11,
    );
  }
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = [];
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
    doc.end();
  });
}

/** What pdfkit keeps of the file's root. */
interface Rooted {
  _root: { data: Record<string, unknown> };
  ref(data: object): { end(): void };
}

function unscaled(doc: Doc): void {
  const rooted = doc as unknown as Rooted;
  const preferences = rooted.ref({ PrintScaling: 'None', DisplayDocTitle: true });
  rooted._root.data['ViewerPreferences'] = preferences;
  preferences.end();
}

function write(doc: Doc, text: string, x: number, y: number, size: number, bold = false): void {
  const shown = printable(text);
  face(doc.fontSize(size).fillColor('#1f1b14'), bold ? 'bold' : 'plain', shown);
  doc.text(shown, x, y, { lineBreak: false });
}

/** The strip with its halves and marks, its upper end (the underside of the frame's head) at a height. */
function drawStick(doc: Doc, stick: StoryStick, name: string, system: System, top: number): void {
  const x = LEFT;
  const at = (down: number) => top + true1(down);
  doc.lineWidth(0.5).strokeColor('#1f1b14');
  doc.rect(x, at(0), 2 * HALF, true1(stick.length)).stroke();
  doc
    .moveTo(x + HALF, at(0))
    .lineTo(x + HALF, at(stick.length))
    .stroke();
  write(doc, name, x, at(0) - 22, 11, true);
  write(doc, 'leaf', x + 4, at(0) - 9, 7.5);
  write(doc, 'jamb; upper end to the underside of the head', x + HALF + 4, at(0) - 9, 7.5);
  // The leaf is shorter than the frame: what is no leaf is hatched by its ends.
  for (const down of [stick.leafTop, stick.leafBottom]) {
    doc
      .lineWidth(0.9)
      .moveTo(x, at(down))
      .lineTo(x + HALF, at(down))
      .stroke();
    const word = down === stick.leafTop ? 'top of the leaf' : 'bottom of the leaf';
    write(doc, word, x + 2 * HALF + 5, at(down) - 3.5, 7);
  }
  let free = -Infinity;
  for (const { down, half, thing, end } of stick.marks) {
    const [from, to] = half === 'leaf' ? [x, x + HALF] : [x + HALF, x + 2 * HALF];
    doc.lineWidth(0.4).moveTo(from, at(down)).lineTo(to, at(down)).stroke();
    // A cross on the side that is cut away.
    const into = end === 'top' ? 5 : -5;
    doc
      .moveTo(from + 8, at(down) + into - 2)
      .lineTo(from + 12, at(down) + into + 2)
      .moveTo(from + 12, at(down) + into - 2)
      .lineTo(from + 8, at(down) + into + 2)
      .stroke();
    if (half === 'leaf' || end === 'top')
      write(doc, termText(thing), from + 16, at(down) + (end === 'top' ? 1.5 : -8), 6.5);
    const y = Math.max(at(down) - 3, free + 8);
    if (
      half === 'frame' ||
      !stick.marks.some((one) => one.half === 'frame' && Math.abs(one.down - down) < 1)
    ) {
      write(doc, formatLength(down, { system }), 6, y, 7.5);
      doc
        .lineWidth(0.2)
        .moveTo(LEFT - 22, y + 3)
        .lineTo(x, at(down))
        .stroke();
      free = y;
    }
  }
}

function joins(
  doc: Doc,
  {
    tile,
    tiles,
    top,
    room,
    name,
  }: { tile: number; tiles: number; top: number; room: number; name: string },
): void {
  doc.lineWidth(0.3).dash(3, { space: 2 }).strokeColor('#6b6455');
  const marks = [
    ...(tile > 0 ? [{ y: top + OVERLAP / 2, word: `join to part ${tile}` }] : []),
    ...(tile < tiles - 1
      ? [{ y: top + room - OVERLAP / 2, word: `join to part ${tile + 2}` }]
      : []),
  ];
  for (const { y, word } of marks) {
    doc
      .moveTo(LEFT - 10, y)
      .lineTo(LEFT + 2 * HALF + 60, y)
      .stroke();
    write(doc, word, LEFT + 2 * HALF + 64, y - 4, 7.5);
  }
  doc.undash();
  write(doc, `${name} · part ${tile + 1} of ${tiles}`, LEFT, MARGIN - 8, 9, true);
}

/** A line of known length: whoever prints measures it first. */
function proof(doc: Doc, system: System, x: number, y: number): void {
  const long = PROOF[system];
  doc.lineWidth(0.6).strokeColor('#1f1b14');
  doc
    .moveTo(x, y)
    .lineTo(x + long, y)
    .stroke();
  for (const end of [x, x + long])
    doc
      .moveTo(end, y - 5)
      .lineTo(end, y + 5)
      .stroke();
  write(
    doc,
    `this line is ${system === 'inch' ? '4 in' : '100 mm'} long: measure it before use`,
    x + 4,
    y + 3,
    7,
  );
}
