import type { Product } from '../catalogue/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRODUCT_SLOTS } from '../stageRegistry/index.js';

/** The products an opening names, by slot; those the catalogue no longer has come out as `gone`. */
export function namedProducts(
  facts: OpeningFacts,
  products: ReadonlyMap<string, Product>,
): { named: ReadonlyMap<string, Product>; gone: readonly string[] } {
  if (!facts.choices) return NONE;
  const named = new Map<string, Product>();
  const gone: string[] = [];
  for (const slot of PRODUCT_SLOTS) {
    const choice = facts.choices[slot];
    if (choice === undefined) continue;
    const product = products.get(String(choice.value));
    if (product) named.set(slot, product);
    else gone.push(slot);
  }
  return { named, gone };
}

const NONE = { named: new Map<string, Product>(), gone: [] };
