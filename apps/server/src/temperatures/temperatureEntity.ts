import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryGeneratedColumn } from 'typeorm'
import { DesignEntity } from '../designs/designEntity'

/** A temperature in or around the machine of a design. */
@Entity('temperature')
@Index('ix_temperature_design', ['designId', 'name', 'at'], { unique: true })
export class TemperatureEntity {
  @PrimaryGeneratedColumn('identity', {
    type: 'bigint',
    primaryKeyConstraintName: 'pk_temperature',
  })
  number!: string

  @Column({ type: 'uuid' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_temperature_design' })
  design!: DesignEntity

  @Column({ type: 'timestamptz' })
  at!: Date

  /** Of what. */
  @Column({ type: 'varchar', length: 80 })
  name!: string

  @Column({ type: 'double precision' })
  celsius!: number
}
