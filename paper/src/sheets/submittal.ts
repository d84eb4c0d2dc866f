import {
  isSettled,
  keyedDoorOf,
  type Keying,
  opensDoor,
  type Product,
  PRODUCT_SLOTS,
  productFieldText,
  type ProjectBasis,
  type ScheduledOpening,
  SHOWN_FIELDS,
  termText,
} from '@riegel/core';
import { csvText } from '../cells/csvText.js';
import { questionsPdf } from '../schedule/questionsPdf.js';
import { scheduleXlsx, takeOffXlsx } from '../schedule/workbooks.js';
import { basisOf, openingsOf, schedulePdf, type ScheduleJob } from '../schedule/schedulePdf.js';
import type { Progress } from '../progress.js';
import { sheetsPdf, type SheetsJob } from './sheetsPdf.js';
import { sheetOf } from './sheetOf.js';
import { wiringPdf } from './wiringPdf.js';
import { zipOf } from './zip.js';

/** Everything that goes to those who approve: one archive, its parts each a document of its own. */
export async function submittalZip(
  job: Omit<SheetsJob, 'wanted'>,
  told: Progress = () => undefined,
): Promise<Uint8Array> {
  const basis = basisOf(job);
  const openings = openingsOf(job);
  const parts: { name: string; make: () => Promise<Uint8Array | string> | string }[] = [
    { name: 'schedule.pdf', make: () => schedulePdf(job) },
    { name: 'schedule.xlsx', make: () => scheduleXlsx(job) },
    {
      name: 'take-off.xlsx',
      make: () => takeOffXlsx(job, { by: 'all', spares: 0, pairs: false }),
    },
    { name: 'questions.pdf', make: () => questionsPdf(job) },
    { name: 'products.pdf', make: () => productsPdf(job, basis, openings) },
    { name: 'wiring.pdf', make: () => wiringPdf(job, basis, openings) },
    { name: 'keys.csv', make: () => keysCsv(job.keying, openings) },
    {
      name: 'preparation.pdf',
      make: () =>
        sheetsPdf({
          ...job,
          wanted: openings.filter(({ decided }) => isSettled(decided)).map(({ id }) => id),
        }),
    },
  ];
  const files = [];
  for (const [at, { name, make }] of parts.entries()) {
    files.push({ name, bytes: await make() });
    told((at + 1) / (parts.length + 1));
  }
  return zipOf(files, job.date);
}

/** Every product that openings name, with what the catalogue says of it and where it is used. */
function productsPdf(
  job: ScheduleJob,
  basis: ProjectBasis,
  openings: readonly ScheduledOpening[],
): Promise<Buffer> {
  const sheet = sheetOf(job, basis, 'product sheets');
  const used = new Map<string, { product: Product; marks: string[] }>();
  for (const { decided, mark } of openings)
    for (const slot of PRODUCT_SLOTS) {
      const id = decided.facts.choices?.[slot]?.value;
      const product = id === undefined ? undefined : basis.products.get(String(id));
      if (!product) continue;
      const entry = used.get(product.id) ?? { product, marks: [] };
      used.set(product.id, entry);
      if (entry.marks.at(-1) !== mark) entry.marks.push(mark);
    }
  if (used.size === 0) sheet.paragraph('No opening names a product yet.');
  const units = basis.practice;
  for (const { product, marks } of used.values()) {
    sheet.part(`${product.maker} ${product.model}`);
    sheet.heading(`${product.maker} ${product.model}`, termText(`product.${product.type}`));
    sheet.table(
      [
        { title: '', share: 40 },
        { title: '', share: 60 },
      ],
      SHOWN_FIELDS.flatMap((field) => {
        const text = productFieldText(product, field, units);
        return text ? [[termText(`productField.${field.name}`), text]] : [];
      }),
    );
    sheet.paragraph(`At ${marks.join(', ')}`, { size: 8.5, faint: true });
  }
  sheet.paragraph('With a product that is bought the maker’s template and listing decide.', {
    size: 8.5,
    faint: true,
  });
  return sheet.finish();
}

/** A row a keyed door, a column a key. */
function keysCsv(keying: Keying | undefined, openings: readonly ScheduledOpening[]): string {
  const groups = keying?.groups ?? [];
  const rows = openings.flatMap(({ id, mark, decided }) => {
    const door = keyedDoorOf(id, decided);
    if (!door.passing.keyed) return [];
    const { from = '', to = '' } = decided.facts;
    return [[mark, from, to, ...groups.map((group) => (opensDoor(group, door) ? 'x' : ''))]];
  });
  return csvText([['Mark', 'From', 'To', ...groups.map(({ name }) => name)], ...rows]);
}
