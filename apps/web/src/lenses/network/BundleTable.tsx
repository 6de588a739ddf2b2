import {
  bundleRates,
  fileCopyBytesPerSecond,
  machineReadRate,
  portUses,
  readersNow,
  readersOf,
} from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './network.module.css'

/** Readers that the table has; the brief's own number comes in between. */
const READERS = [1, 2, 4, 8]

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
  const briefCount = readersOf(design.brief, null).length
  const rows = useMemo(
    () =>
      [...new Set([...READERS, briefCount])]
        .sort((one, other) => one - other)
        .map((count) => {
          const rates = readersNow(design, machine, count, poolId).readers.map(
            (one) => one.bytesPerSecond,
          )
          return {
            count,
            least: Math.min(...rates),
            sum: rates.reduce((total, rate) => total + rate, 0),
            inside:
              machineReadRate(
                design,
                machine,
                readersOf(design.brief, count).map((one) => ({
                  ...one,
                  poolId: poolId ?? one.poolId,
                })),
              ) ?? Infinity,
          }
        }),
    [design, machine, briefCount, poolId],
  )
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
          {rows.map(({ count, least, sum, inside }) => {
            const bundle = bundleRates(joined.length, count, link, inside)
            const isBrief = count === briefCount
            const atMost = (rate: number): string => format.rate(Math.min(rate, sum))
            return (
              <tr key={count} className={isBrief ? styles.brief : undefined}>
                <th scope="row">
                  {count}
                  {isBrief && ' (the brief)'}
                </th>
                <td>{format.rate(least)}</td>
                <td>{format.rate(sum)}</td>
                {isBundle && <td>{atMost(bundle.expectedBytesPerSecond)}</td>}
                {isBundle && <td>{atMost(bundle.worstBytesPerSecond)}</td>}
                {isBundle && <td>{atMost(bundle.afterOneFailsBytesPerSecond)}</td>}
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="soft">
        {isBundle
          ? 'Joined ports never add up for one reader: each keeps to one link, chosen by its addresses, and two can meet on one while another is idle. Common practice: four links of 1 Gb/s gave four readers 380 MB/s. '
          : ''}
        Rates of large files over drives, slots, ports and the readers’ own links, as in Paths and
        the brief.
      </p>
    </section>
  )
}
