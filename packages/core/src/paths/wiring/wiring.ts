import type { BayPlan } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { keptByParts } from '../../design/keptByParts'
import { familyOf } from '../../pool/families'
import { placementsOf } from '../placements'
import { type CableLine, cableList } from './cableList'
import { dataEnds } from './dataEnds'
import type { BornSet } from './hands'
import { type PortHost, portHosts } from './portHosts'
import { powerEnds } from './powerEnds'
import { supplyLeads } from './supplyLeads'
import { type DataWiring, wireData } from './wireData'
import { type PowerWiring, wirePower } from './wirePower'

export interface Wiring {
  hosts: PortHost[]
  data: DataWiring
  /** Null without a supply, or when its plugs are not known. */
  power: PowerWiring | null
}

/** Every cable and every lead of a machine, worked out round what the builder has fixed. */
export const wiringOf = keptByParts(findWiring)

function findWiring(document: DesignDocument, bays: BayPlan): Wiring {
  const hosts = portHosts(document)
  const sets = bornSets(document)
  const placed = placementsOf(document)[0]?.placed ?? []
  const leads = supplyLeads(document)
  const { paths } = document
  return {
    hosts,
    data: wireData(dataEnds(document, bays), hosts, sets, paths, ({ partId }) => {
      return placed.find(({ cardId }) => cardId === partId)?.bytesPerSecond ?? Infinity
    }),
    power: leads && wirePower(powerEnds(document, bays), leads, sets, paths),
  }
}

/** The sets of drives of all pools, with how many failures each bears. */
function bornSets({ pools }: DesignDocument): BornSet[] {
  return pools.flatMap((pool) =>
    familyOf(pool)
      .failureSets(pool)
      .map(({ driveIds, bears }) => ({ poolId: pool.id, driveIds, bears })),
  )
}

/** The cables that the wiring wants, and where each comes from. */
export const cablesOf = keptByParts((document: DesignDocument, bays: BayPlan): CableLine[] =>
  cableList(document, wiringOf(document, bays).data.cables),
)
