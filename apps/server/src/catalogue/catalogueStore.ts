import type { StoredPart } from '@flint/contract'
import type { CataloguePart } from '@flint/core'
import type { DataSource } from 'typeorm'
import { PartEntity } from './partEntity'

/** The parts that designs are made of. */
export class CatalogueStore {
  constructor(private readonly database: DataSource) {}

  async list(): Promise<StoredPart[]> {
    return this.database.manager.find(PartEntity, { order: { slug: 'ASC' } })
  }

  /** Brings shipped parts in, new or newer; parts of one's own are left alone. */
  async bringShipped(parts: readonly CataloguePart[]): Promise<void> {
    const rows = parts.map((part) => ({ ...part, origin: 'shipped' as const }))
    await this.database.transaction(async (manager) => {
      const own = new Set(
        (await manager.findBy(PartEntity, { origin: 'own' })).map(({ slug }) => slug),
      )
      await manager.save(
        PartEntity,
        rows.filter(({ slug }) => !own.has(slug)),
        { chunk: 500 },
      )
    })
  }
}
