import { Column, Entity, PrimaryColumn } from 'typeorm';

/** What a project keeps besides its openings, one document of each name. */
export const DOCUMENT_NAMES = [
  'building',
  'practices',
  'lists',
  'catalogue',
  'locks',
  'keying',
  'schedule',
] as const;
export type DocumentName = (typeof DOCUMENT_NAMES)[number];

@Entity('project_document')
export class ProjectDocument {
  @PrimaryColumn('char', { name: 'project_id', length: 36 })
  projectId: string;

  @PrimaryColumn('varchar', { length: 32 })
  name: DocumentName;

  /** JSON, its keys sorted. */
  @Column('longtext')
  body: string;

  /** Guards every write; 0 stands for a document that is not there yet. */
  @Column('int', { default: 1 })
  version: number;
}
