import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

const packageFolder = (name: string) =>
  dirname(createRequire(import.meta.url).resolve(`${name}/package.json`));

/** The application's own faces, and one with every letter for what they have no glyph of. */
const FILES = {
  plain: ['@fontsource/chivo', 'files/chivo-latin-400-normal.woff'],
  bold: ['@fontsource/chivo', 'files/chivo-latin-700-normal.woff'],
  title: ['@fontsource/archivo', 'files/archivo-latin-700-normal.woff'],
  other: ['dejavu-fonts-ttf', 'ttf/DejaVuSansCondensed.ttf'],
  otherBold: ['dejavu-fonts-ttf', 'ttf/DejaVuSansCondensed-Bold.ttf'],
} as const;
export type Face = keyof typeof FILES;

/** Registers the faces; files embed what they use of them. */
export function registerFaces(doc: PDFKit.PDFDocument): void {
  for (const [name, [from, file]] of Object.entries(FILES))
    doc.registerFont(name, join(packageFolder(from), file));
}

const GLYPHS: Readonly<Record<string, string>> = {
  '¼': '1⁄4',
  '½': '1⁄2',
  '¾': '3⁄4',
  '⅛': '1⁄8',
  '⅜': '3⁄8',
  '⅝': '5⁄8',
  '⅞': '7⁄8',
};

/** A fraction of an inch: `3/4` with neither figure nor stroke beside it. */
const FRACTION = /(?<![\d/.])(\d{1,2})\/(2|4|8|16|32|64)(?![\d/])/g;

/** Text with true fractions (U+2044, which the faces set as one figure) and the signs that they have. */
export function printable(text: string): string {
  return text
    .replace(/(\d?)([¼½¾⅛⅜⅝⅞])/g, (_, whole: string, glyph: string) =>
      whole ? `${whole} ${GLYPHS[glyph]!}` : GLYPHS[glyph]!,
    )
    .replace(FRACTION, (all, top: string, under: string) =>
      Number(top) < Number(under) ? `${top}⁄${under}` : all,
    )
    .replaceAll('−', '–');
}

/** What pdfkit keeps of a face that is being written with. */
interface Written {
  _font: { font: { hasGlyphForCodePoint(code: number): boolean } };
}

const FALL_BACK: Partial<Record<Face, Face>> = {
  plain: 'other',
  bold: 'otherBold',
  title: 'otherBold',
};

const covered = new Map<string, boolean>();

/** Writes on in a face, or in the one with every letter where this has not all of the text's. */
export function face(doc: PDFKit.PDFDocument, name: Face, text: string): PDFKit.PDFDocument {
  doc.font(name);
  const { font } = (doc as unknown as Written)._font;
  for (const sign of text) {
    const key = name + sign;
    let has = covered.get(key);
    if (has === undefined) {
      has = font.hasGlyphForCodePoint(sign.codePointAt(0)!);
      if (covered.size < 5000) covered.set(key, has);
    }
    if (!has) return doc.font(FALL_BACK[name] ?? name);
  }
  return doc;
}
