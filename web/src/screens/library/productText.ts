import { formatQuantity, lengthPart, partsText, type Product, type Units } from '@riegel/core';
import { termText } from '../../base/words.js';

/** The name of a product's field. */
export function fieldName(name: keyof Product): string {
  return termText(`productField.${name}`);
}

/** The few figures by which a product is found in a list. */
export function sizeText(product: Product, units: Units): string {
  const show = (ticks: number) =>
    partsText([lengthPart(ticks, { ...units, denominator: 16 })]).replace(/ (in|mm)$/, '');
  const { height, width, length, recessAcross, recessUp, recessThrough } = product;
  const figures =
    height !== undefined && width !== undefined
      ? [height, width]
      : length !== undefined
        ? [length]
        : [recessUp, recessAcross, recessThrough].filter((one) => one !== undefined);
  return figures.map(show).join(' × ');
}

/** The most a product carries, in words; empty where the catalogue does not say. */
export function massText(product: Product, units: Units): string {
  const most = product.mostMass ?? product.massThree;
  return most === undefined ? '' : formatQuantity(most, 'mass', units.system);
}
