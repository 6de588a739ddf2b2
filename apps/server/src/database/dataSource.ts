import 'reflect-metadata'
import { DataSource } from 'typeorm'
import { PartEntity } from '../catalogue/partEntity'
import { DesignEntity, DesignRevisionEntity, DesignSetAsideEntity } from '../designs/designEntity'
import { DesignAccessEntity, DesignLinkEntity } from '../designs/sharingEntities'
import { DesignSummaryEntity } from '../designs/summaryEntity'
import { AccountEntity, ApiTokenEntity, ChangeEntryEntity, SessionEntity } from '../people/entities'
import { PriceEntity, PriceTargetEntity } from '../prices/priceEntities'
import { EventEntity } from '../events/eventEntity'
import { TemperatureEntity } from '../temperatures/temperatureEntity'
import { CollectedEntity } from '../proving/collectedEntity'
import { ReadingEntity } from '../readings/readingEntity'
import type { Settings } from '../settings'
import { FirstTables1790000000000 } from './migrations/1790000000000-FirstTables'
import { OwnedPieces1795000000000 } from './migrations/1795000000000-OwnedPieces'
import { SaveIds1796000000000 } from './migrations/1796000000000-SaveIds'
import { DesignSummaries1797000000000 } from './migrations/1797000000000-DesignSummaries'
import { WaysBack1798000000000 } from './migrations/1798000000000-WaysBack'
import { People1799000000000 } from './migrations/1799000000000-People'
import { RevisionWords1800000000000 } from './migrations/1800000000000-RevisionWords'
import { RevisionFigures1801000000000 } from './migrations/1801000000000-RevisionFigures'
import { Readings1802000000000 } from './migrations/1802000000000-Readings'
import { Prices1803000000000 } from './migrations/1803000000000-Prices'
import { Collected1804000000000 } from './migrations/1804000000000-Collected'
import { PriceBesideSheet1805000000000 } from './migrations/1805000000000-PriceBesideSheet'
import { Temperatures1806000000000 } from './migrations/1806000000000-Temperatures'
import { ReadOnce1807000000000 } from './migrations/1807000000000-ReadOnce'
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
    entities: [
      AccountEntity,
      ApiTokenEntity,
      ChangeEntryEntity,
      DesignAccessEntity,
      DesignEntity,
      DesignLinkEntity,
      DesignRevisionEntity,
      DesignSetAsideEntity,
      DesignSummaryEntity,
      PartEntity,
      PriceEntity,
      PriceTargetEntity,
      ReadingEntity,
      CollectedEntity,
      EventEntity,
      TemperatureEntity,
      SessionEntity,
    ],
    migrations: [
      FirstTables1790000000000,
      OwnedPieces1795000000000,
      SaveIds1796000000000,
      DesignSummaries1797000000000,
      WaysBack1798000000000,
      People1799000000000,
      RevisionWords1800000000000,
      RevisionFigures1801000000000,
      Readings1802000000000,
      Prices1803000000000,
      Collected1804000000000,
      PriceBesideSheet1805000000000,
      Temperatures1806000000000,
      ReadOnce1807000000000,
    ],
    namingStrategy: new SnakeCaseNames(),
    synchronize: false,
    installExtensions: false,
    uuidExtension: 'pgcrypto',
    extra: { max: 10, connectionTimeoutMillis: 5_000, statement_timeout: 10_000 },
  })
}
