import type { ProjectBasis } from '../model/index.js';
import type { Preparation } from '../stageContract/index.js';
import { STAGE_LIST } from '../stageRegistry/index.js';
import type { DecidedOpening } from './decided.js';
import { inputOf } from './input.js';

/** All that is cut and drilled for an opening, stage by stage; undefined while there is nothing. */
export function preparationOf(
  decided: DecidedOpening,
  project: ProjectBasis,
): Preparation | undefined {
  const input = inputOf(decided, project);
  const parts = STAGE_LIST.flatMap(({ prepare }) => prepare?.(input) ?? []);
  if (parts.length === 0) return undefined;
  return {
    groups: parts.flatMap((one) => one.groups),
    bits: parts.flatMap((one) => one.bits),
    row: parts.find((one) => one.row)?.row,
    notes: parts.flatMap((one) => one.notes),
  };
}
