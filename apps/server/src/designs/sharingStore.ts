import type { DesignAccess, MadeSecret, Sharing } from '@flint/contract'
import { type DataSource, In, LessThan, MoreThan } from 'typeorm'
import { notFound } from '../http/problems'
import { AccountEntity } from '../people/entities'
import { digestOf, newSecret } from '../people/secrets'
import { DesignEntity } from './designEntity'
import { DesignAccessEntity, DesignLinkEntity } from './sharingEntities'

const DAY_MS = 24 * 60 * 60 * 1_000

/** Who else may look at a design or change it. */
export class SharingStore {
  constructor(private readonly database: DataSource) {}

  async sharing(designId: string): Promise<Sharing> {
    const { manager } = this.database
    const design = await manager.findOneByOrFail(DesignEntity, { id: designId })
    const access = await manager.findBy(DesignAccessEntity, { designId })
    const ids = [...access.map(({ accountId }) => accountId), design.ownerId ?? '']
    const accounts = await manager.findBy(AccountEntity, { id: In(ids.filter((id) => id !== '')) })
    const names = new Map(accounts.map(({ id, name }) => [id, name]))
    const links = await manager.find(DesignLinkEntity, {
      where: { designId, expiresAt: MoreThan(new Date()) },
      order: { createdAt: 'ASC' },
    })
    return {
      owner:
        design.ownerId === null
          ? null
          : { id: design.ownerId, name: names.get(design.ownerId) ?? '' },
      access: access
        .map(({ accountId, may }) => ({ accountId, may, name: names.get(accountId) ?? '' }))
        .sort((one, other) => one.name.localeCompare(other.name)),
      links: links.map(({ id, createdAt, expiresAt }) => ({
        id,
        createdAt: createdAt.toISOString(),
        expiresAt: expiresAt.toISOString(),
      })),
    }
  }

  /** @param may null takes it away @throws HttpProblem 404 when there is no such account */
  async share(designId: string, accountId: string, may: DesignAccess | null): Promise<void> {
    const { manager } = this.database
    if (!(await manager.existsBy(AccountEntity, { id: accountId }))) {
      throw notFound('There is no such account.')
    }
    if (may === null) await manager.delete(DesignAccessEntity, { designId, accountId })
    else
      await manager.upsert(DesignAccessEntity, { designId, accountId, may }, [
        'designId',
        'accountId',
      ])
  }

  /** Makes a link with which anyone may look at it for so many days. */
  async makeLink(designId: string, days: number): Promise<MadeSecret> {
    const { manager } = this.database
    await manager.delete(DesignLinkEntity, { expiresAt: LessThan(new Date()) })
    const secret = newSecret()
    const expiresAt = new Date(Date.now() + days * DAY_MS)
    const row = manager.create(DesignLinkEntity, { designId, digest: digestOf(secret), expiresAt })
    const { id } = await manager.save(row)
    return { id, secret }
  }

  /** @throws HttpProblem 404 */
  async removeLink(designId: string, id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(DesignLinkEntity, { id, designId })
    if (!affected) throw notFound('There is no such link.')
  }

  /** The design that a link is for; null when it has expired, or is none. */
  async designOfLink(secret: string): Promise<string | null> {
    const row = await this.database.manager.findOneBy(DesignLinkEntity, {
      digest: digestOf(secret),
      expiresAt: MoreThan(new Date()),
    })
    return row?.designId ?? null
  }
}
