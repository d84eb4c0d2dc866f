import { parseLength, parseQuantity, type Measured, type Units } from '@riegel/core';

/** What is typed of a figure, in the unit it is measured in; undefined where it is none. */
export function readFigure(text: string, unit: Measured['unit'], units: Units): number | undefined {
  if (unit === 'seconds') {
    const seconds = Number(text.trim().replace(',', '.').replace(/ ?s$/, ''));
    return text.trim() !== '' && Number.isFinite(seconds) && seconds >= 0 ? seconds : undefined;
  }
  const read =
    unit === 'newtons'
      ? parseQuantity(text, 'force', units.system)
      : parseLength(text, units.system);
  return read.ok ? read.value : undefined;
}
