import { redundancyOfVdev } from '../../../design/pools/zfsPool'
import { sectorsFor, type VdevKind } from './vdevKind'

const PLAIN_NAMES = { 1: 'single parity', 2: 'double parity', 3: 'triple parity' } as const

/**
 * Parity that moves from block to block over all members.
 *
 * A block of d data sectors takes P parity sectors for every row of (width − P). The sum is rounded
 * up to a multiple of P + 1: if a smaller hole could be left behind, it might be too small for
 * even one data sector with its parity and would never be used again.
 *
 * Source: OpenZFS 2.1.11, vdev_raidz_asize.
 * @example raidz(2).allocatedBytes(131072, 10, 12) // 172032: 42 sectors of 4 KiB
 */
export function raidz(parity: 1 | 2 | 3): VdevKind {
  return {
    ...redundancyOfVdev({ kind: `raidz${parity}` }),
    kind: `raidz${parity}`,
    label: PLAIN_NAMES[parity],
    maximumMembers: 255,
    membersStandAlone: false,
    allocatableBytes: (smallestMemberBytes, width) => smallestMemberBytes * width,
    allocatedBytes: (blockBytes, width, ashift) => {
      const dataSectors = sectorsFor(blockBytes, ashift)
      const rows = Math.ceil(dataSectors / (width - parity))
      const sectors = dataSectors + parity * rows
      return Math.ceil(sectors / (parity + 1)) * (parity + 1) * 2 ** ashift
    },
  }
}
