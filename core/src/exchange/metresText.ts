/** Metres with two or three decimals, as a door's width and height are written on plans. */
const METRES = /(?<![\d.,/])([0-3])[.,](\d{2,3})(?: ?m(?!m))?(?! ?mm|[\d.,/])/g;

/**
 * A cell of a metric list with its metres as millimetres: `1,01 × 2,135` is 1010 × 2135. A comma before three
 * figures means the same whether it parts thousands or decimals.
 */
export const metresAsMm = (cell: string): string =>
  cell.replace(METRES, (_, whole: string, decimals: string) =>
    String(Number(whole) * 1000 + Number(decimals.padEnd(3, '0'))),
  );
