import { catalogueWith, listCells, productCells, type OpeningFacts } from '@riegel/core';
import { decidingBasis, unfoldDeciding } from '../documents/decidingBasis.js';
import type { DecidingTexts } from '../documents/documents.service.js';
import { csvText } from '@riegel/paper';
import { writeWorkbook } from './writeWorkbook.js';

/** Openings as stored, and what they are decided with. */
export interface ListJob {
  format: 'csv' | 'xlsx';
  practice: string;
  deciding: DecidingTexts;
  openings: string[];
}

/** A project's own catalogue as it is stored. */
export interface CatalogueJob {
  format: 'csv' | 'json';
  deciding: DecidingTexts;
}

/** A project's openings as a list: CSV or an XLSX workbook. */
export async function writeList({
  format,
  practice,
  deciding,
  openings,
}: ListJob): Promise<Uint8Array> {
  const cells = listCells(
    openings.map((text) => JSON.parse(text) as OpeningFacts),
    decidingBasis(practice, deciding),
  );
  return format === 'csv'
    ? new TextEncoder().encode(csvText(cells))
    : new Uint8Array(await writeWorkbook(cells));
}

/** A project's catalogue as CSV, or as JSON in the form a project file keeps it. */
export function writeCatalogue({ format, deciding }: CatalogueJob): Uint8Array {
  const products = [...catalogueWith(unfoldDeciding(deciding).products).values()];
  return new TextEncoder().encode(
    format === 'csv' ? csvText(productCells(products)) : `${JSON.stringify(products, null, 2)}\n`,
  );
}
