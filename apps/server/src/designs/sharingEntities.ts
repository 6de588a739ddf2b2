import {
  Column,
  CreateDateColumn,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  PrimaryColumn,
  PrimaryGeneratedColumn,
} from 'typeorm'
import { AccountEntity } from '../people/entities'
import { DesignEntity } from './designEntity'

/** What somebody who does not own a design may do with it. */
@Entity('design_access')
export class DesignAccessEntity {
  @PrimaryColumn({ type: 'uuid', primaryKeyConstraintName: 'pk_design_access' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_design_access_design' })
  design!: DesignEntity

  @Index('ix_design_access_account')
  @PrimaryColumn({ type: 'uuid', primaryKeyConstraintName: 'pk_design_access' })
  accountId!: string

  @ManyToOne(() => AccountEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'account_id', foreignKeyConstraintName: 'fk_design_access_account' })
  account!: AccountEntity

  @Column({ type: 'varchar', length: 10 })
  may!: 'look' | 'change'
}

/** A link with which anyone may look at a design until it expires. */
@Entity('design_link')
export class DesignLinkEntity {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'pk_design_link' })
  id!: string

  @Index('ix_design_link_design')
  @Column({ type: 'uuid' })
  designId!: string

  @ManyToOne(() => DesignEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'design_id', foreignKeyConstraintName: 'fk_design_link_design' })
  design!: DesignEntity

  /** SHA-256 of the key in the link, which itself is not kept. */
  @Index('uq_design_link_digest', { unique: true })
  @Column({ type: 'varchar', length: 64 })
  digest!: string

  @CreateDateColumn({ type: 'timestamptz' })
  createdAt!: Date

  @Column({ type: 'timestamptz' })
  expiresAt!: Date
}
