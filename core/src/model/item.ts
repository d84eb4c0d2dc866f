import type { Item } from './decision.js';
import type { SetStage } from './registry.js';

const NO_TRAITS: readonly string[] = [];

/**
 * A thing of the set with all its fields, in one order: an engine knows where each stands, also among
 * ten thousand openings. What is not said of it is undefined; it is one each, and not handed.
 */
export function itemOf(
  stage: SetStage,
  term: string | undefined,
  quantity: number,
  more?: Partial<Item>,
): Item {
  return {
    stage,
    term,
    written: more?.written,
    quantity,
    unit: more?.unit ?? 'each',
    height: more?.height,
    width: more?.width,
    length: more?.length,
    size: more?.size,
    traits: more?.traits ?? NO_TRAITS,
    finish: more?.finish,
    standard: more?.standard,
    product: more?.product,
    handed: more?.handed ?? false,
  };
}

/** The same thing so many times, with other traits where they are given. */
export function withQuantity(item: Item, quantity: number, traits = item.traits): Item {
  const { stage, term, written, unit, height, width, length, size } = item;
  const { finish, standard, product, handed } = item;
  return {
    stage,
    term,
    written,
    quantity,
    unit,
    height,
    width,
    length,
    size,
    traits,
    finish,
    standard,
    product,
    handed,
  };
}
