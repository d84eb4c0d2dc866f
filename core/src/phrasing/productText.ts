import { PRODUCT_FIELDS, type Product, type ProductField } from '../catalogue/index.js';
import { formatQuantity } from '../measure/index.js';
import { lengthPart, partsText, type Units } from './phrase.js';
import { termIn } from './languages.js';

/** What is told of a product: everything but what names it. */
export const SHOWN_FIELDS: readonly ProductField[] = PRODUCT_FIELDS.filter(
  ({ name }) => !['id', 'maker', 'model', 'type'].includes(name),
);

/** A product's field as people read it; undefined where it has none. */
export function productFieldText(
  product: Product,
  field: ProductField,
  units: Units,
): string | undefined {
  const value = product[field.name];
  const words = (code: string) => termIn(code, units.language);
  if (value === undefined) return undefined;
  switch (field.type) {
    case 'length':
      return partsText([lengthPart(value as number, { ...units, denominator: 64 })]);
    case 'mass':
      return formatQuantity(value as number, 'mass', units.system);
    case 'type':
      return words(`product.${String(value)}`);
    case 'yes-no':
      return value ? 'yes' : 'no';
    case 'list':
      return (value as string[])
        .map((one) => (field.name === 'traits' ? words(`trait.${one}`) : one))
        .map((one) => (field.name === 'templated' ? words(`device.${one}`) : one))
        .join(', ');
    case 'text':
    case 'count':
      return field.name === 'listed' && value === 0 ? 'not listed' : String(value);
  }
}
