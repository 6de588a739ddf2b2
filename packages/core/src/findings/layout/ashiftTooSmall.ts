import { USUAL_ASHIFT } from '../../design/pools/zfsPool'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'

interface Facts {
  poolId: string
  ashift: number
  sectorBytes: number
}

/** ZFS blocks smaller than the sectors of a drive: each write reads and writes a whole sector. Source: zpoolprops(7), ashift. */
export const ashiftTooSmall: Rule<'ashift-too-small', Facts> = {
  code: 'ashift-too-small',
  step: 'drives',
  find: ({ pools, machine }) =>
    pools.flatMap((pool) => {
      if (pool.family !== 'zfs') return []
      const blockBytes = 2 ** pool.ashift
      const members = pool.groups
        .flatMap(({ driveIds }) => driveIds)
        .flatMap((id) => {
          const sheet = machine.pieces.get(id)?.dataSheet
          return sheet?.kind === 'drive' ? [{ id, sectorBytes: sheet.physicalSectorBytes }] : []
        })
      const groupIds = pool.groups.map(({ id }) => id)
      const larger = members.filter(({ sectorBytes }) => (sectorBytes ?? 0) > blockBytes)
      if (larger.length > 0) {
        const sectorBytes = Math.max(...larger.map((one) => one.sectorBytes ?? 0))
        const facts = { poolId: pool.id, ashift: pool.ashift, sectorBytes }
        return found('risks', { parts: larger, groupIds }, facts)
      }
      // Hardly a drive that is sold has larger sectors than the usual setting covers.
      if (pool.ashift >= USUAL_ASHIFT) return []
      const without = members.filter(({ sectorBytes }) => sectorBytes === null)
      if (without.length === 0) return []
      return lack(
        without.flatMap((one) => missingOf(one, 'physicalSectorBytes')),
        { parts: without, groupIds },
      )
    }),
  sentence: ({ poolId, ashift, sectorBytes }, { pool, format }) =>
    `${upperFirst(pool(poolId))} has ashift ${ashift}, blocks of ${format.number(2 ** ashift)} bytes, on drives with sectors of ${format.number(sectorBytes)}: small writes are many times slower, and ashift cannot be changed later. Set it to ${Math.log2(sectorBytes)}.`,
  question: 'whether ashift suits the sectors of the drives',
}
