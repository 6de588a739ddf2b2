import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  pools: string[]
}

/** One device serves several pools, or a pool and the system: they share its failure, its life and its queue. */
export const deviceSharedByPools: Rule<'device-shared-by-pools', Facts> = {
  code: 'device-shared-by-pools',
  step: 'cache',
  find: ({ services: { devices } }) =>
    devices.flatMap(({ device, partitions }) => {
      const pools = [...new Set(partitions.flatMap(({ poolId }) => poolId ?? []))]
      if (pools.length < 2) return []
      return found('note', { parts: [device] }, { deviceId: device.id, pools })
    }),
  sentence: ({ deviceId, pools }, { piece, pool }) =>
    `${piece(deviceId)} serves ${pools.map(pool).join(' and ')}: they share its failure, its life and its one queue.`,
  houseRule: () => 'Some never share a device between pools; others find it fine at home.',
}
