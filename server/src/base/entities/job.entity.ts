import { Column, CreateDateColumn, Entity, Index, PrimaryColumn } from 'typeorm';

export const JOB_STATES = ['waiting', 'running', 'done', 'failed', 'cancelled'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** Work done in the background, kept until somebody takes what came of it. */
@Entity('job')
@Index('job_project', ['projectId', 'createdAt'])
@Index('job_state', ['state', 'heldUntil'])
export class JobRow {
  @PrimaryColumn('char', { length: 36 })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('char', { name: 'person_id', length: 36 })
  personId: string;

  @Column('varchar', { length: 20 })
  kind: string;

  /** What it is called, and its file. */
  @Column('varchar', { length: 160 })
  name: string;

  @Column('longtext', { select: false })
  input: string;

  @Column('varchar', { length: 12, default: 'waiting' })
  state: JobState;

  /** Share that is done, 0 to 1. */
  @Column('float', { default: 0 })
  progress: number;

  @Column('int', { default: 0 })
  attempts: number;

  /** The server that works on it, and until when it has it to itself. */
  @Column('char', { length: 36, nullable: true })
  holder: string | null;

  @Column('datetime', { name: 'held_until', precision: 3, nullable: true })
  heldUntil: Date | null;

  @Column('varchar', { length: 400, default: '' })
  why: string;

  @Column('varchar', { length: 100, default: '' })
  type: string;

  @Column('int', { default: 0 })
  size: number;

  @Column('longblob', { nullable: true, select: false })
  bytes: Buffer | null;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;

  @Column('datetime', { name: 'ended_at', precision: 3, nullable: true })
  endedAt: Date | null;
}
