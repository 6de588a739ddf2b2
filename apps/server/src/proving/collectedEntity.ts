import type { SeenMachine } from '@flint/core/figures'
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm'
import { DesignEntity } from '../designs/designEntity'

/** What the machine of a design said of itself. It belongs to the design and is no part of its document. */
@Entity('collected')
@Index('ix_collected_design', ['designId', 'number'])
export class CollectedEntity {
  @PrimaryGeneratedColumn('identity', { type: 'bigint', primaryKeyConstraintName: 'pk_collected' })
  number!: string

  @Column({ type: 'uuid' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_collected_design' })
  design!: DesignEntity

  @Column({ type: 'timestamptz' })
  takenAt!: Date

  /** The answers of its tools, word for word. */
  @Column({ type: 'jsonb' })
  document!: object

  /** What was read of them. */
  @Column({ type: 'jsonb' })
  seen!: SeenMachine
}
