import type { Addressee } from '../model/index.js';
import { fieldOf } from '../stageRegistry/index.js';

/** Finds who can say what a fact is, as the fact itself has it; lists and maps are asked of the architect. */
export function addresseeOf(fact: string): Addressee {
  return fieldOf(fact)?.by ?? 'architect';
}
