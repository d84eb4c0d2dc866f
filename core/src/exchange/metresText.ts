/** Metres with two or three decimals, as a door's width and height are written on plans. */
const METRES = /(?<![\d.,/])([0-3])[.,](\d{2,3})(?: ?m(?!m))?(?! ?mm|[\d.,/])/g;

/** Width and height of a door in centimetres, with half ones. */
const CENTIMETRES = /^(\d{2,3}(?:[.,]5)?) ?(?:cm)? ?[x×*/] ?(\d{3}(?:[.,]5)?) ?(?:cm)?$/i;

const tenfold = (text: string) => Number(text.replace(',', '.')) * 10;

function inCentimetres(cell: string): string | undefined {
  const [, width, height] = CENTIMETRES.exec(cell.trim()) ?? [];
  if (width === undefined || height === undefined) return undefined;
  const [wide, tall] = [tenfold(width), tenfold(height)];
  return wide >= 500 && wide <= 2_800 && tall >= 1_800 && tall <= 2_800
    ? `${wide} x ${tall}`
    : undefined;
}

/**
 * A cell of a metric list with its metres as millimetres: `1,01 × 2,135` is 1010 × 2135. A comma before three
 * figures means the same whether it parts thousands or decimals.
 * So are centimetres, as plans have them: `88,5 × 201`.
 */
export const metresAsMm = (cell: string): string =>
  inCentimetres(cell) ??
  cell.replace(METRES, (_, whole: string, decimals: string) =>
    String(Number(whole) * 1000 + Number(decimals.padEnd(3, '0'))),
  );
