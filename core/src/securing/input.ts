import { slides } from '../model/index.js';
import type { StageInput } from '../stageContract/index.js';

/** What the stage is handed. */
export type SecuringInput = StageInput<'opening' | 'sizing' | 'handing' | 'hanging'>;

/** A swinging leaf whose edge is not decided square is bevelled, as is usual. */
export function isBevelled({ facts, results }: SecuringInput): boolean {
  return !slides(facts.kind) && results.hanging.lockEdge !== 'square';
}
