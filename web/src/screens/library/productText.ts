import {
  formatQuantity,
  lengthPart,
  PRODUCT_FIELDS,
  partsText,
  type Product,
  type ProductField,
  type Units,
} from '@riegel/core';
import { termText } from '../../words.js';

/** A product's field as people read it; undefined where it has none. */
export function fieldText(product: Product, field: ProductField, units: Units): string | undefined {
  const value = product[field.name];
  if (value === undefined) return undefined;
  switch (field.type) {
    case 'length':
      return partsText([lengthPart(value as number, { ...units, denominator: 64 })]);
    case 'mass':
      return formatQuantity(value as number, 'mass', units.system);
    case 'type':
      return termText(`product.${String(value)}`);
    case 'yes-no':
      return value ? 'yes' : 'no';
    case 'list':
      return (value as string[])
        .map((one) => (field.name === 'traits' ? termText(`trait.${one}`) : one))
        .map((one) => (field.name === 'templated' ? termText(`device.${one}`) : one))
        .join(', ');
    case 'text':
    case 'count':
      return field.name === 'listed' && value === 0 ? 'not listed' : String(value);
  }
}

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

export const SHOWN_FIELDS = PRODUCT_FIELDS.filter(
  (field) => !['id', 'maker', 'model', 'type'].includes(field.name),
);
