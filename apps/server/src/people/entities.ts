import type { TokenScope } from '@flint/contract'
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

/** Somebody who may sign in. */
@Entity('account')
export class AccountEntity {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'pk_account' })
  id!: string

  @Column({ type: 'varchar', length: 60 })
  name!: string

  /** The name in small letters: Ada and ada are one. */
  @Index('uq_account_name_key', { unique: true })
  @Column({ type: 'varchar', length: 60 })
  nameKey!: string

  /** With its salt and its parameters, as argon2 writes it. */
  @Column({ type: 'text' })
  passwordHash!: string

  /** Keeps the house: makes accounts, and has what belongs to nobody. */
  @Column({ type: 'boolean' })
  isKeeper!: boolean

  @CreateDateColumn({ type: 'timestamptz' })
  createdAt!: Date

  /** Since when it may not sign in any more. */
  @Column({ type: 'timestamptz', nullable: true })
  disabledAt!: Date | null
}

/** Lets a program in, on behalf of an account. */
@Entity('api_token')
export class ApiTokenEntity {
  @PrimaryGeneratedColumn('uuid', { primaryKeyConstraintName: 'pk_api_token' })
  id!: string

  @Index('ix_api_token_account')
  @Column({ type: 'uuid' })
  accountId!: string

  @ManyToOne(() => AccountEntity, { onDelete: 'CASCADE' })
  @JoinColumn({ name: 'account_id', foreignKeyConstraintName: 'fk_api_token_account' })
  account!: AccountEntity

  @Column({ type: 'varchar', length: 60 })
  name!: string

  @Column({ type: 'varchar', length: 10 })
  scope!: TokenScope

  /** SHA-256 of the token, which itself is not kept. */
  @Index('uq_api_token_digest', { unique: true })
  @Column({ type: 'varchar', length: 64 })
  digest!: string

  @CreateDateColumn({ type: 'timestamptz' })
  createdAt!: Date

  @Column({ type: 'timestamptz', nullable: true })
  lastUsedAt!: Date | null
}

/** A browser that is signed in; read and written by the session package. */
@Entity('session')
export class SessionEntity {
  @PrimaryColumn({ type: 'varchar', primaryKeyConstraintName: 'pk_session' })
  sid!: string

  @Column({ type: 'json' })
  sess!: object

  @Index('ix_session_expire')
  @Column({ type: 'timestamp', precision: 6 })
  expire!: Date
}

/** A change that somebody made; the same one again and again within a few minutes is one entry. */
@Entity('change_entry')
export class ChangeEntryEntity {
  @PrimaryGeneratedColumn('identity', {
    type: 'bigint',
    primaryKeyConstraintName: 'pk_change_entry',
  })
  id!: string

  @Column({ type: 'timestamptz' })
  at!: Date

  @Column({ type: 'varchar', length: 80 })
  actor!: string

  @Column({ type: 'varchar', length: 80 })
  did!: string

  @Index('ix_change_entry_design')
  @Column({ type: 'uuid', nullable: true })
  designId!: string | null

  /** What else it was about: the name of a part, of an account. */
  @Column({ type: 'varchar', length: 80, nullable: true })
  about!: string | null

  @Column({ type: 'integer' })
  times!: number
}
