import { DOCUMENTS, makeDocument } from '@riegel/paper';
import { jobOf, type Opened } from './project.js';

/** A file that the command line makes of a project file. */
export interface Export {
  what: string;
  make: (opened: Opened, date: string) => Promise<Uint8Array>;
}

/** Everything that can be made of a project file, by the name of its file: the documents, and their variants. */
export const EXPORTS: Readonly<Record<string, Export>> = Object.fromEntries(
  DOCUMENTS.filter(({ offline }) => offline).flatMap(({ id, file, title, variants = [] }) =>
    [{ file, title, options: {} }, ...variants].map((one): [string, Export] => [
      one.file,
      {
        what: `${one.title[0]!.toLowerCase()}${one.title.slice(1)}`,
        make: (opened, date) =>
          makeDocument(
            id,
            {
              ...jobOf(opened, date),
              wanted: opened.openings.map((opening) => opening.id),
              address: '',
              records: [],
            },
            one.options,
          ),
      },
    ]),
  ),
);
