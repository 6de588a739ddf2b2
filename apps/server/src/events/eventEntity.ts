import type { EventKind } from '@flint/core/figures'
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm'
import { DesignEntity } from '../designs/designEntity'

/** Something that happened to the machine of a design. */
@Entity('event')
@Index('ix_event_design', ['designId', 'number'])
export class EventEntity {
  @PrimaryGeneratedColumn('identity', { type: 'bigint', primaryKeyConstraintName: 'pk_event' })
  number!: string

  @Column({ type: 'uuid' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_event_design' })
  design!: DesignEntity

  @Column({ type: 'timestamptz' })
  at!: Date

  @Column({ type: 'varchar', length: 20 })
  kind!: EventKind

  @Column({ type: 'varchar', length: 60, nullable: true })
  pieceId!: string | null

  @Column({ type: 'varchar', length: 1000 })
  text!: string
}
