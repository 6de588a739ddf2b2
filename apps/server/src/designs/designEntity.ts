import type { RevisionFigures } from '@flint/contract'
import {
  Column,
  CreateDateColumn,
  Entity,
  Index,
  PrimaryColumn,
  PrimaryGeneratedColumn,
} from 'typeorm'
import type { Design } from '@flint/core/editing'

/** A design on the shelf. What it says is in its newest revision. */
@Entity('design')
export class DesignEntity {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'pk_design' })
  id!: string

  @Column({ type: 'integer' })
  revision!: number

  /** Which demo design it is, so that restoring the demo finds it again. */
  @Index('uq_design_demo_name', { unique: true })
  @Column({ type: 'varchar', length: 80, nullable: true })
  demoName!: string | null

  @CreateDateColumn({ type: 'timestamptz' })
  createdAt!: Date

  /** The account that it belongs to; one of nobody belongs to the whole house. */
  @Index('ix_design_owner')
  @Column({ type: 'uuid', nullable: true })
  ownerId!: string | null

  /** Taken off the shelf; it can be put back. */
  @Column({ type: 'timestamptz', nullable: true })
  removedAt!: Date | null
}

/** A revision; those of days that are over are thinned. */
@Entity('design_revision')
export class DesignRevisionEntity {
  @PrimaryColumn({ type: 'uuid', primaryKeyConstraintName: 'pk_design_revision' })
  designId!: string

  @PrimaryColumn({ type: 'integer', primaryKeyConstraintName: 'pk_design_revision' })
  revision!: number

  @Column({ type: 'jsonb' })
  document!: Design

  @CreateDateColumn({ type: 'timestamptz' })
  savedAt!: Date

  /** The build that read the document and found nothing wrong with it; null where none did. */
  @Column({ type: 'varchar', length: 64, nullable: true })
  checkedBy!: string | null

  /** The id that the window gave the save that made it. */
  @Column({ type: 'uuid', nullable: true })
  saveId!: string | null

  /** What was done in it, in the words of the edits. */
  @Column({ type: 'varchar', length: 300, nullable: true })
  what!: string | null

  /** The ledger's figures as they were when it was saved; null where nobody has worked them out. */
  @Column({ type: 'jsonb', nullable: true })
  figures!: RevisionFigures | null

  /** The name that somebody gave it; one with a name is never thinned. */
  @Column({ type: 'varchar', length: 120, nullable: true })
  label!: string | null
}

/** A save that came too late, kept beside the revisions so that nothing is lost. */
@Entity('design_set_aside')
export class DesignSetAsideEntity {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'pk_design_set_aside' })
  id!: string

  @Index('ix_design_set_aside_design')
  @Column({ type: 'uuid' })
  designId!: string

  @Column({ type: 'integer' })
  basedOnRevision!: number

  @Column({ type: 'jsonb' })
  document!: Design

  @CreateDateColumn({ type: 'timestamptz' })
  savedAt!: Date
}
