import type { Condition } from '@flint/core/editing'
import { Column, Entity, Index, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm'

/** What somebody saw that a part costs. It outlives the part, which may come back under its name. */
@Entity('price')
@Index('ix_price_part', ['slug', 'number'])
export class PriceEntity {
  @PrimaryGeneratedColumn('identity', { type: 'bigint', primaryKeyConstraintName: 'pk_price' })
  number!: string

  @Column({ type: 'varchar', length: 80 })
  slug!: string

  @Column({ type: 'date' })
  seenOn!: string

  @Column({ type: 'varchar', length: 3 })
  currency!: string

  // More than an integer of the database holds; the driver gives it as text.
  @Column({ type: 'bigint' })
  unitMinor!: string

  @Column({ type: 'bigint', nullable: true })
  shippingMinor!: string | null

  @Column({ type: 'varchar', length: 30 })
  condition!: Condition

  @Column({ type: 'varchar', length: 120 })
  shop!: string

  @Column({ type: 'varchar', length: 500 })
  link!: string
}

/** The price at which a builder buys a part, with shipping. */
@Entity('price_target')
export class PriceTargetEntity {
  @PrimaryColumn({ type: 'varchar', length: 80, primaryKeyConstraintName: 'pk_price_target' })
  slug!: string

  @Column({ type: 'varchar', length: 3 })
  currency!: string

  @Column({ type: 'bigint' })
  targetMinor!: string
}
