import { GRAMS_PER_POUND } from '../../measure/index.js';
import type { Product } from '../product.js';
import type { ProductType } from '../productTypes.js';

/** The invented makers of the shipped catalogue. */
export const MAKERS = ['Marrowby', 'Quillstead', 'Tarnhollow', 'Osk & Penn'] as const;

/** Pounds as whole grams. */
export const pounds = (value: number) => Math.round(value * GRAMS_PER_POUND);
export const kilograms = (value: number) => value * 1000;

export const BOTH = ['steel', 'stainless'];
export const US_FINISHES = ['600', '626', '630', '652'];
export const METRIC_FINISHES = ['satin stainless', 'polished brass', 'zinc'];

/** A product with its id made of maker and model; empty lists are left out. */
export function product(
  maker: (typeof MAKERS)[number],
  model: string,
  type: ProductType,
  rest: Omit<Product, 'id' | 'maker' | 'model' | 'type'>,
): Product {
  const id = `${maker} ${model}`
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');
  const filled = Object.fromEntries(
    Object.entries(rest).filter(([, value]) => !Array.isArray(value) || value.length > 0),
  );
  return { id, maker, model, type, ...filled };
}
