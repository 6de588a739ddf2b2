import type { ServiceRole } from '../../design/services'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { listed } from '../../judging/words'
import type { PieceId } from '../../machine/piece'
import type { Band } from '../../units/band'

interface Facts {
  deviceId: PieceId
  pools: string[]
  /** What is away, or lost where it is not mirrored, when the device fails. */
  served: { role: ServiceRole; poolId: string }[]
  /** By what all of them write together; null where that is not known. */
  years: Band | null
}

/** One device serves several pools: they share its failure, its life and its queue. */
export const deviceSharedByPools: Rule<'device-shared-by-pools', Facts> = {
  code: 'device-shared-by-pools',
  step: 'cache',
  find: ({ services: { devices } }) =>
    devices.flatMap(({ device, partitions, years }) => {
      const served = partitions.flatMap(({ role, poolId }) =>
        poolId === null ? [] : [{ role, poolId }],
      )
      const pools = [...new Set(served.map(({ poolId }) => poolId))]
      if (pools.length < 2) return []
      return found('note', { parts: [device] }, { deviceId: device.id, pools, served, years })
    }),
  sentence: ({ deviceId, served, years }, { piece, pool, format }) => {
    const all = listed(served.map(({ role, poolId }) => `the ${role} of ${pool(poolId)}`))
    const life =
      years === null
        ? 'share its life'
        : `wear it out together, likely in ${format.counted(years.likely, 'year', 'years', 1)}`
    return `When ${piece(deviceId)} fails, ${all} go with it; they ${life} and wait in one queue.`
  },
  houseRule: () => 'Some never share a device between pools; others find it fine at home.',
}
