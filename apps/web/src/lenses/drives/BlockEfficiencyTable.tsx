import { KIB } from '@flint/core/drawing'
import { type LetteredGroup, letteredGroups, type Pool } from '@flint/core/editing'
import { blockEfficiency } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './poolDetails.module.css'

const BLOCKS = [4, 8, 16, 32, 64, 128, 1024].map((size) => size * KIB)

/** How much of what blocks take is data, group by group; the rest is parity and padding. */
export function BlockEfficiencyTable({ pool }: { pool: Extract<Pool, { family: 'zfs' }> }) {
  const lettered = letteredGroups(useAppSelector(selectDesign))
  const letterOf = (id: string): LetteredGroup['letter'] =>
    lettered.find(({ group }) => group.id === id)?.letter ?? ''
  const rows = pool.groups.flatMap((group) => {
    if (group.kind === 'spare') return []
    const vdev = { kind: group.kind, ...(group.kind === 'draid' && { draid: group.draid }) }
    const sizes = BLOCKS.map((bytes) =>
      blockEfficiency(vdev, group.driveIds.length, pool.ashift, bytes),
    )
    return [{ id: group.id, sizes }]
  })
  return (
    <>
      <h3 className={styles.tableTitle}>
        Data in what a block takes, by record or volume block size
      </h3>
      <table className={styles.blocks}>
        <thead>
          <tr>
            <th scope="col">Group</th>
            {BLOCKS.map((bytes) => (
              <th key={bytes} scope="col">
                {format.space(bytes, 0)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, sizes }) => (
            <tr key={id}>
              <th scope="row">{letterOf(id)}</th>
              {sizes.map(({ blockBytes, share, paddingBytes, allocatedBytes }) => (
                <td
                  key={blockBytes}
                  title={`${format.space(allocatedBytes, 0)} on disk, ${format.space(paddingBytes, 0)} of it padding`}
                >
                  {format.percent(share)}
                  <span className="soft">
                    {paddingBytes > 0 ? `${format.space(paddingBytes, 0)} padding` : 'no padding'}
                  </span>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">
        The promised space counts every byte as if it came in blocks of 128 KiB: smaller ones fill
        the pool sooner. Compressed blocks count as what is left of them.
      </p>
    </>
  )
}
