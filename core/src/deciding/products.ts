import type { Product } from '../catalogue/index.js';
import type { Item, ProjectBasis } from '../model/index.js';
import type { ProductRequirement } from '../stageContract/index.js';
import { SLOTS } from '../stageRegistry/index.js';
import type { DecidedOpening } from './decided.js';
import { inputOf, type AnyInput } from './input.js';

/** What an opening asks of the products in its set, by slot. */
export function needsOf(decided: DecidedOpening, project: ProjectBasis): ProductRequirement[] {
  return needsFor(inputOf(decided, project));
}

/** The same of what the stages read. */
export function needsFor(input: AnyInput): ProductRequirement[] {
  return SLOTS.flatMap(({ key, need }) => {
    const asked = need(input);
    return asked ? [{ ...asked, slot: key }] : [];
  });
}

/** Whether an item is that of a term, or of a group that ends in `*`. */
function isNamed(item: string | undefined, term: string): boolean {
  return term.endsWith('*') ? item?.startsWith(term.slice(0, -1)) === true : item === term;
}

/** Puts the name of its product on what each product is. */
export function nameProducts(items: readonly Item[], named: ReadonlyMap<string, Product>): void {
  if (named.size === 0) return;
  for (const { key, items: terms } of SLOTS) {
    const product = named.get(key);
    const term = product && terms[product.type];
    if (!term) continue;
    const [stage] = key.split('.');
    for (const item of items)
      if (item.stage === stage && isNamed(item.term, term))
        item.product = `${product.maker} ${product.model}`;
  }
}
