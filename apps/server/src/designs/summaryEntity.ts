import { cutText } from '@flint/core/drawing'
import type { DesignSummary } from '@flint/core/figures'
import { Column, Entity, PrimaryColumn, type SelectQueryBuilder } from 'typeorm'
import { nameSaid } from './storedRow'

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

  /** Name and notes in small letters, for those who search. */
  @Column({ type: 'text' })
  searched!: string

  /** Which build worked the figures out; those of another one are worked out again. */
  @Column({ type: 'varchar', length: 64 })
  madeBy!: string

  /** Why the design cannot be read, one sentence. */
  @Column({ type: 'text', nullable: true })
  unread!: string | null

  /**
   * Null while it is not worked out, and where that took too long. Kept as the text that it is, since lists send it
   * as it is.
   */
  @Column({ type: 'json', nullable: true })
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

/** How much of the notes a list shows. */
const LONGEST_NOTES = 300

/** What a list shows of a document, whether it can be read or not. */
export function shownOf(
  document: unknown,
): Pick<DesignSummaryEntity, 'name' | 'notes' | 'searched'> {
  const name = nameSaid(document)
  const said = ((document ?? {}) as { notes?: unknown }).notes
  const notes = typeof said === 'string' ? cutText(said, LONGEST_NOTES) : ''
  return { name, notes, searched: `${name} ${notes}`.toLowerCase() }
}

/** What of a summary has columns of its own. */
export function figuresOf(
  summary: DesignSummary | null,
): Pick<DesignSummaryEntity, 'summary' | 'workingBytes' | 'idleWatts' | 'costMinor'> {
  return {
    summary,
    workingBytes: summary?.capacity.workingBytes ?? null,
    idleWatts: summary?.power.wall?.likely ?? null,
    costMinor: summary?.cost.total.likely ?? null,
  }
}
