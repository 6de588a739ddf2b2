import 'reflect-metadata'
import { DataSource } from 'typeorm'
import { PartEntity } from '../catalogue/partEntity'
import { DesignEntity, DesignRevisionEntity, DesignSetAsideEntity } from '../designs/designEntity'
import type { Settings } from '../settings'
import { FirstTables1790000000000 } from './migrations/1790000000000-FirstTables'
import { OwnedPieces1795000000000 } from './migrations/1795000000000-OwnedPieces'
import { SaveIds1796000000000 } from './migrations/1796000000000-SaveIds'
import { SnakeCaseNames } from './snakeCaseNames'

/** A connection to the project's own PostgreSQL; not yet opened. */
export function makeDataSource({ database }: Pick<Settings, 'database'>): DataSource {
  return new DataSource({
    type: 'postgres',
    host: database.host,
    port: database.port,
    username: database.user,
    password: database.password,
    database: database.name,
    entities: [DesignEntity, DesignRevisionEntity, DesignSetAsideEntity, PartEntity],
    migrations: [FirstTables1790000000000, OwnedPieces1795000000000, SaveIds1796000000000],
    namingStrategy: new SnakeCaseNames(),
    synchronize: false,
    installExtensions: false,
    uuidExtension: 'pgcrypto',
    extra: { max: 10, connectionTimeoutMillis: 5_000, statement_timeout: 10_000 },
  })
}
