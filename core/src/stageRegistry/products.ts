import { PRODUCT_TYPE, type ProductType } from '../catalogue/index.js';
import type { SetStage, Stage } from '../model/index.js';
import type { ProductSlot } from '../stageContract/index.js';
import { STAGE_LIST } from './list.js';

/** Every place in a set that a product may be named for. */
export const SLOTS: readonly ProductSlot<Stage>[] = STAGE_LIST.flatMap(({ slots = [] }) => slots);

/** The decisions that products are named by. */
export const PRODUCT_SLOTS: readonly string[] = SLOTS.map(({ key }) => key);

/** The stage a type of product belongs to. */
export function stageOfType(type: ProductType): SetStage {
  return PRODUCT_TYPE[type].stage;
}
