import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A set number once given, so that it stays the same between issues. */
@Entity('set_number')
export class SetNumber {
  @PrimaryColumn('char', { name: 'project_id', length: 36 })
  projectId: string;

  @PrimaryColumn('int')
  number: number;

  @Column('text')
  signature: string;

  @Column('longtext', {
    transformer: {
      to: (ids: string[]) => JSON.stringify(ids),
      from: (text: string) => JSON.parse(text) as string[],
    },
  })
  openings: string[];
}
