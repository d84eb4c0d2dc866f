import { LAW_RULES } from '../laws/index.js';
import type { Rule } from '../model/index.js';
import { STAGE_LIST } from '../stageRegistry/index.js';
import { CHECKING_RULES } from './rules.js';

/** Every rule by its code: those of the stages, and those across stages and openings. */
export const RULES: Readonly<Record<string, Rule>> = Object.assign(
  {},
  ...STAGE_LIST.map(({ rules }) => rules),
  CHECKING_RULES,
  LAW_RULES,
) as Record<string, Rule>;
