import { bundleRates, fileCopyBytesPerSecond, portUses, readerCounts } from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './network.module.css'

/** What one and several readers get; over joined ports also on average, at worst, and after one of them has failed. */
export function BundleTable({
  packetBytes,
  poolId,
}: {
  packetBytes: number
  /** The pool that all read from; null for each one's own. */
  poolId: string | null
}) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { joined } = portUses(machine.networkPaths, design.network)
  const [first] = joined
  const counts = useMemo(() => readerCounts(design, machine, poolId), [design, machine, poolId])
  if (!first) return null
  const link = fileCopyBytesPerSecond(first.port.bitsPerSecond, packetBytes)
  const isBundle = joined.length > 1
  return (
    <section aria-label="Readers at once">
      <h2>
        Readers at once
        <span className="aside">
          {isBundle
            ? `${joined.length} ports of ${format.number(first.port.bitsPerSecond / 1e9, 1)} Gb/s joined`
            : `one port of ${format.number(first.port.bitsPerSecond / 1e9, 1)} Gb/s`}
        </span>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Readers</th>
            <th scope="col">The least that one gets</th>
            <th scope="col">Together at best</th>
            {isBundle && <th scope="col">on average</th>}
            {isBundle && <th scope="col">at worst</th>}
            {isBundle && <th scope="col">one port failed</th>}
          </tr>
        </thead>
        <tbody>
          {counts.map(({ readers, isOfTheBrief, ...rates }) => {
            const each = rates.eachBytesPerSecond
            const together = rates.togetherBytesPerSecond
            const bundle = bundleRates(
              joined.length,
              readers,
              link,
              rates.insideBytesPerSecond ?? Infinity,
            )
            const cell = (rate: number | null) => (
              <td>
                {rate === null || together === null ? '–' : format.rate(Math.min(rate, together))}
              </td>
            )
            return (
              <tr key={readers} className={isOfTheBrief ? styles.brief : undefined}>
                <th scope="row">
                  {readers}
                  {isOfTheBrief && ' (the brief)'}
                </th>
                {cell(each)}
                {cell(together)}
                {isBundle && cell(bundle.expectedBytesPerSecond)}
                {isBundle && cell(bundle.worstBytesPerSecond)}
                {isBundle && cell(bundle.afterOneFailsBytesPerSecond)}
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="soft">
        {counts.some(({ eachBytesPerSecond }) => eachBytesPerSecond === null) &&
          'Nothing can be read yet: there is no pool with drives that are reached. '}
        {isBundle
          ? 'Joined ports never add up for one reader: each keeps to one link, chosen by its addresses, and two can meet on one while another is idle. Common practice: four links of 1 Gb/s gave four readers 380 MB/s. '
          : ''}
        Rates of large files over drives, slots, ports and the readers’ own links, as in Paths and
        the brief.
      </p>
    </section>
  )
}
