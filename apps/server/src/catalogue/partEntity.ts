import { Column, Entity, PrimaryColumn } from 'typeorm'
import type { AskedPrice, PartSheet } from '@flint/core/editing'

/** A part of the catalogue. */
@Entity('part')
export class PartEntity {
  @PrimaryColumn({ type: 'varchar', length: 80, primaryKeyConstraintName: 'pk_part' })
  slug!: string

  @Column({ type: 'integer' })
  version!: number

  @Column({ type: 'varchar', length: 20 })
  origin!: 'shipped' | 'own'

  @Column({ type: 'integer', default: 0 })
  ownedPieces!: number

  @Column({ type: 'jsonb' })
  sheet!: PartSheet

  /** What was asked for it when it was last written down. */
  @Column({ type: 'jsonb', nullable: true })
  price!: AskedPrice | null

  /** Removed by somebody; it can be put back. */
  @Column({ type: 'timestamptz', nullable: true })
  removedAt!: Date | null
}
