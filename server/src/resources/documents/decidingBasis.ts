import {
  projectBasis,
  type Building,
  type EditedPractice,
  type LockSpec,
  type Product,
  type ProjectBasis,
} from '@riegel/core';
import type { DecidingTexts } from './documents.service.js';

const read = <T>(text: string | null): T | undefined =>
  text === null ? undefined : ((JSON.parse(text) as T | null) ?? undefined);

/** A project's own part of what its openings are decided with, unfolded. */
export function unfoldDeciding(texts: DecidingTexts): {
  practices: EditedPractice[];
  building: Building | undefined;
  products: Product[];
  locks: LockSpec[];
} {
  return {
    practices: read<EditedPractice[]>(texts.practices) ?? [],
    building: read<Building>(texts.building),
    products: read<Product[]>(texts.catalogue) ?? [],
    locks: read<LockSpec[]>(texts.locks) ?? [],
  };
}

/** What every opening of a project is decided with. */
export function decidingBasis(practiceId: string, texts: DecidingTexts): ProjectBasis {
  const { practices, building, products, locks } = unfoldDeciding(texts);
  return projectBasis(practiceId, practices, building, products, locks);
}
