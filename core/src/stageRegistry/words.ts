import { STAGE_LIST } from './list.js';

/** The sentences of all stages by code. */
export const STAGE_MESSAGES: Readonly<Record<string, string>> = Object.assign(
  {},
  ...STAGE_LIST.map(({ messages = {} }) => messages),
) as Record<string, string>;

/** The words of all stages by term code. */
export const STAGE_TERMS: Readonly<Record<string, string>> = Object.assign(
  {},
  ...STAGE_LIST.map(({ terms }) => terms),
) as Record<string, string>;
