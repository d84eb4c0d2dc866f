import {
  bad,
  formatExact,
  good,
  parseLength,
  parseQuantity,
  MAX_TICKS,
  type Result,
} from '../measure/index.js';
import { PRODUCT_FIELDS, type Product, type ProductField } from './product.js';
import { PRODUCT_TYPES } from './productTypes.js';

/** The most products a project's own catalogue holds. */
export const MAX_PRODUCTS = 5000;

const PLAIN = /^[a-z0-9][a-z0-9-]{0,79}$/;

function fits(field: ProductField, value: unknown): boolean {
  switch (field.type) {
    case 'text':
      return (
        typeof value === 'string' &&
        value.trim() !== '' &&
        value.length <= 200 &&
        (field.name !== 'id' || PLAIN.test(value))
      );
    case 'type':
      return PRODUCT_TYPES.includes(value as never);
    case 'length':
      return Number.isInteger(value) && (value as number) >= 0 && (value as number) <= MAX_TICKS;
    case 'mass':
    case 'count':
      return Number.isInteger(value) && (value as number) >= 0 && (value as number) <= 5_000_000;
    case 'yes-no':
      return typeof value === 'boolean';
    case 'list':
      return (
        Array.isArray(value) &&
        value.length <= 40 &&
        value.every((one) => typeof one === 'string' && one !== '' && one.length <= 60)
      );
  }
}

/**
 * Checks products in their stored form. Faults: `catalogue.shape`, `catalogue.value` (which product,
 * which field), `catalogue.repeated` (an id twice).
 */
export function readProducts(value: unknown): Result<Product[]> {
  if (!Array.isArray(value) || value.length > MAX_PRODUCTS) return bad('catalogue.shape');
  const seen = new Set<string>();
  const products: Product[] = [];
  for (const [index, entry] of (value as unknown[]).entries()) {
    if (typeof entry !== 'object' || entry === null || Array.isArray(entry))
      return bad('catalogue.shape');
    const given = entry as Record<string, unknown>;
    const name = typeof given['id'] === 'string' ? given['id'] : String(index + 1);
    const unknownKey = Object.keys(given).find(
      (key) => !PRODUCT_FIELDS.some((field) => field.name === key),
    );
    if (unknownKey) return bad('catalogue.value', { product: name, field: unknownKey });
    const read: Record<string, unknown> = {};
    for (const field of PRODUCT_FIELDS) {
      const held = given[field.name];
      if (held === undefined || held === null) {
        if (field.needed) return bad('catalogue.value', { product: name, field: field.name });
        continue;
      }
      if (!fits(field, held)) return bad('catalogue.value', { product: name, field: field.name });
      read[field.name] = held;
    }
    if (seen.has(name)) return bad('catalogue.repeated', { product: name });
    seen.add(name);
    products.push(read as unknown as Product);
  }
  return good(products);
}

/** Products as cells, the names of the fields first; lengths exact in millimetres, lists parted by `; `. */
export function productCells(products: readonly Product[]): string[][] {
  return [
    PRODUCT_FIELDS.map((field) => field.name),
    ...products.map((product) =>
      PRODUCT_FIELDS.map((field) => {
        const value = product[field.name];
        if (value === undefined) return '';
        switch (field.type) {
          case 'length':
            return formatExact(value as number, 'metric');
          case 'mass':
            return `${(value as number) / 1000} kg`;
          case 'yes-no':
            return value ? 'yes' : 'no';
          case 'list':
            return (value as string[]).join('; ');
          default:
            return String(value);
        }
      }),
    ),
  ];
}

/** What a row of a catalogue file came to: a product, or what could not be read. */
export interface ProductRow {
  /** Row of the file, the first is 1. */
  row: number;
  product?: Product;
  faults: { field: string; text: string }[];
}

function readCell(field: ProductField, text: string): unknown {
  switch (field.type) {
    case 'text':
    case 'type':
      return text;
    case 'length': {
      const read = parseLength(text, 'metric');
      return read.ok ? read.value : undefined;
    }
    case 'mass': {
      const read = parseQuantity(text, 'mass', 'metric');
      return read.ok ? Math.round(read.value) : undefined;
    }
    case 'count': {
      return /^\d+$/.test(text) ? Number(text) : undefined;
    }
    case 'yes-no':
      return /^(yes|y|true|1)$/i.test(text)
        ? true
        : /^(no|n|false|0)$/i.test(text)
          ? false
          : undefined;
    case 'list':
      return text.split(/\s*;\s*/).filter((one) => one !== '');
  }
}

/** Reads a catalogue out of cells whose first row names the fields; empty rows are passed over. */
export function readProductCells(cells: readonly string[][]): Result<ProductRow[]> {
  const heading = (cells[0] ?? []).map((cell) => cell.trim().toLowerCase());
  const columns = PRODUCT_FIELDS.map((field) => ({
    field,
    at: heading.indexOf(field.name.toLowerCase()),
  }));
  if (columns.some(({ field, at }) => field.needed && at < 0))
    return bad('catalogue.columns', { needed: 'id, maker, model, type' });
  const rows: ProductRow[] = [];
  const seen = new Set<string>();
  for (const [index, cellsOfRow] of cells.entries()) {
    if (index === 0 || cellsOfRow.every((cell) => cell.trim() === '')) continue;
    const faults: ProductRow['faults'] = [];
    const read: Record<string, unknown> = {};
    for (const { field, at } of columns) {
      const text = at < 0 ? '' : (cellsOfRow[at] ?? '').trim();
      if (text === '') {
        if (field.needed) faults.push({ field: field.name, text });
        continue;
      }
      const value = readCell(field, text);
      if (value === undefined || !fits(field, value)) faults.push({ field: field.name, text });
      else read[field.name] = value;
    }
    const id = String(read['id'] ?? '');
    if (id && seen.has(id)) faults.push({ field: 'id', text: id });
    seen.add(id);
    rows.push({
      row: index + 1,
      faults,
      ...(faults.length === 0 ? { product: read as unknown as Product } : {}),
    });
  }
  return good(rows);
}
