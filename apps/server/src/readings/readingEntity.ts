import type { ReadingSource } from '@flint/contract'
import type { MachineStateId } from '@flint/core/editing'
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm'
import { DesignEntity } from '../designs/designEntity'

/** Watts that a meter showed, with their condition. They belong to a design and are no part of its document. */
@Entity('reading')
@Index('ix_reading_design', ['designId', 'number'])
export class ReadingEntity {
  @PrimaryGeneratedColumn('identity', { type: 'bigint', primaryKeyConstraintName: 'pk_reading' })
  number!: string

  @Column({ type: 'uuid' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_reading_design' })
  design!: DesignEntity

  @Column({ type: 'timestamptz' })
  takenAt!: Date

  @Column({ type: 'double precision' })
  watts!: number

  @Column({ type: 'varchar', length: 20, nullable: true })
  state!: MachineStateId | null

  @Column({ type: 'boolean', nullable: true })
  lidClosed!: boolean | null

  @Column({ type: 'boolean', nullable: true })
  peripheralsOut!: boolean | null

  @Column({ type: 'integer', nullable: true })
  minutesWaited!: number | null

  @Column({ type: 'varchar', length: 200 })
  meter!: string

  @Column({ type: 'varchar', length: 200 })
  note!: string

  @Column({ type: 'varchar', length: 20 })
  source!: ReadingSource

  @Column({ type: 'varchar', length: 60, nullable: true })
  pulledPieceId!: string | null

  @Column({ type: 'double precision', nullable: true })
  wattsBefore!: number | null
}
