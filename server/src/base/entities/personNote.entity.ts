import { Column, Entity, PrimaryColumn, UpdateDateColumn } from 'typeorm';

/** Something a person keeps for themselves, by name. */
@Entity('person_note')
export class PersonNote {
  @PrimaryColumn('char', { name: 'person_id', length: 36 })
  personId: string;

  @PrimaryColumn('varchar', { length: 60 })
  name: string;

  @Column('mediumtext')
  body: string;

  @UpdateDateColumn({
    name: 'updated_at',
    precision: 3,
    default: () => 'CURRENT_TIMESTAMP(3)',
    onUpdate: 'CURRENT_TIMESTAMP(3)',
  })
  updatedAt: Date;
}
