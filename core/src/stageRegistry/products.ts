import type { ProductType } from '../catalogue/index.js';
import type { SetStage, Stage } from '../model/index.js';
import type { ProductSlot } from '../stageContract/index.js';
import { STAGE_LIST } from './list.js';

/** Every place in a set that a product may be named for. */
export const SLOTS: readonly ProductSlot<Stage>[] = STAGE_LIST.flatMap(({ slots = [] }) => slots);

/** The decisions that products are named by. */
export const PRODUCT_SLOTS: readonly string[] = SLOTS.map(({ key }) => key);

const STAGE_OF = new Map(
  STAGE_LIST.flatMap(({ id, products = [] }) =>
    products.map((type: ProductType) => [type, id as SetStage] as const),
  ),
);

/** The stage a type of product belongs to; the first that has hardware where none claims it. */
export function stageOfType(type: ProductType): SetStage {
  return STAGE_OF.get(type) ?? 'hanging';
}
