import type { DesignSummary } from '@flint/core/figures'
import { Column, Entity, PrimaryColumn, type SelectQueryBuilder } from 'typeorm'

/** What a list shows of the newest revision of a design. */
@Entity('design_summary')
export class DesignSummaryEntity {
  @PrimaryColumn({ type: 'uuid', primaryKeyConstraintName: 'pk_design_summary' })
  designId!: string

  @Column({ type: 'integer' })
  revision!: number

  @Column({ type: 'timestamptz' })
  savedAt!: Date

  @Column({ type: 'text' })
  name!: string

  /** The beginning of them. */
  @Column({ type: 'text' })
  notes!: string

  /** Which build worked the figures out; those of another one are worked out again. */
  @Column({ type: 'varchar', length: 64 })
  madeBy!: string

  /** Why the design cannot be read, one sentence. */
  @Column({ type: 'text', nullable: true })
  unread!: string | null

  /** Null while it is not worked out, and where that took too long. */
  @Column({ type: 'jsonb', nullable: true })
  summary!: DesignSummary | null

  /** The figures that a list is sorted by. */
  @Column({ type: 'double precision', nullable: true })
  workingBytes!: number | null

  @Column({ type: 'double precision', nullable: true })
  idleWatts!: number | null

  @Column({ type: 'double precision', nullable: true })
  costMinor!: number | null
}

/** Narrows a query that joins `design` to the designs that somebody may see. */
export type ShownTo = (query: SelectQueryBuilder<DesignSummaryEntity>) => void
