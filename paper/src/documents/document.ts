import type { SiteRecord } from '@riegel/core';
import type { Progress } from '../progress.js';
import type { ScheduleJob } from '../schedule/schedulePdf.js';
import type { Chosen, DocumentOptions } from './options.js';

/** What every document is made from; one that needs less leaves the rest unread. */
export interface DocumentJob extends ScheduleJob {
  /** Ids of the openings it is about, in the order they are printed. */
  wanted: string[];
  /** Address of an opening's page on site, but for its id. */
  address: string;
  /** Records of the site, for documents that need them. */
  records: readonly SiteRecord[];
}

/** What a document is about: the whole project, some of its openings, or one. */
export type DocumentScope = 'project' | 'openings' | 'opening';

/** One document: everything that command line, jobs, routes, releases, links and screens know of it. */
export interface Document<Id extends string = string, O extends DocumentOptions = DocumentOptions> {
  id: Id;
  /** The name of its file. */
  file: string;
  /** Its address on the server below the project or the opening, where that is not the file's name. */
  route?: string;
  /** One line for whoever chooses among documents. */
  title: string;
  /** Media type. */
  type: string;
  scope: DocumentScope;
  options: O;
  /** Fixed choices with a file of their own on the command line. */
  variants?: readonly { file: string; title: string; options: Partial<Chosen<O>> }[];
  /** Whether it reads the records of the site. */
  records: boolean;
  /** Whether it takes long for many openings: made in the lane of long work. */
  heavy: boolean;
  /** Whether it is made as a job in the background, and kept for whoever asked. */
  background: boolean;
  /** Whether a release keeps it, and shows it to whoever has the link. */
  released: boolean;
  /** Whether the command line makes it from a project file. */
  offline: boolean;
}

/** Makes a document of what it is made from, as it is asked for. */
export type Maker<O extends DocumentOptions = DocumentOptions> = (
  job: DocumentJob,
  options: Chosen<O>,
  told?: Progress,
) => Promise<Uint8Array>;
export type MakerOf<D extends Document> = Maker<D['options']>;

/** Declares a document. */
export const defineDocument = <const Id extends string, const O extends DocumentOptions>(
  document: Document<Id, O>,
): Document<Id, O> => document;

/** Media types of documents. */
export const MEDIA = {
  pdf: 'application/pdf',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  csv: 'text/csv; charset=utf-8',
  zip: 'application/zip',
} as const;

/** Encodes text as the bytes of a file. */
export const textBytes = (text: string): Uint8Array => new TextEncoder().encode(text);
