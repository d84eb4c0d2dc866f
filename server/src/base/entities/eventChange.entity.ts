import { Column, Entity, Index, PrimaryColumn } from 'typeorm';
import type { DocumentName } from './document.entity.js';

/** One opening's or document's part in an event, as JSON text; `null` where there was or is none. */
@Entity('event_change')
@Index('event_change_opening', ['openingId', 'eventId'])
export class EventChangeRow {
  @PrimaryColumn('bigint', { name: 'event_id', unsigned: true })
  eventId: string;

  @PrimaryColumn('int')
  position: number;

  @Column('char', { name: 'opening_id', length: 36, nullable: true })
  openingId: string | null;

  @Column('varchar', { length: 32, nullable: true })
  document: DocumentName | null;

  @Column('longtext', { nullable: true })
  before: string | null;

  @Column('longtext', { nullable: true })
  after: string | null;
}
