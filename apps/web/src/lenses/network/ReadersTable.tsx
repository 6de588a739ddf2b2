import {
  expectedLinks,
  fileCopyBytesPerSecond,
  machineReadRate,
  type NetworkPort,
  readerRates,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './network.module.css'

/** Readers that the table has; the brief's own number comes in between. */
const READERS = [1, 2, 4, 8]

interface ReadersTableProps {
  ports: readonly NetworkPort[]
  packetBytes: number
}

/** What one and several readers get over the quickest ports, joined where there are several of them. */
export function ReadersTable({ ports, packetBytes }: ReadersTableProps) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const [quickest] = ports
  if (!quickest) return null
  const links = ports.filter(({ bitsPerSecond }) => bitsPerSecond === quickest.bitsPerSecond).length
  const link = fileCopyBytesPerSecond(quickest.bitsPerSecond, packetBytes)
  const { readersAtOnce, readerBytesPerSecond } = design.brief
  const counts = [...new Set([...READERS, Math.max(1, readersAtOnce)])].sort((a, b) => a - b)
  return (
    <section aria-label="Readers at once">
      <h2>
        Readers at once
        <span className="aside">
          {links > 1
            ? `${links} ports of ${format.number(quickest.bitsPerSecond / 1e9, 1)} Gb/s joined`
            : `one port of ${format.number(quickest.bitsPerSecond / 1e9, 1)} Gb/s`}
        </span>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Readers</th>
            <th scope="col">One gets at most</th>
            <th scope="col">Together at best</th>
            {links > 1 && <th scope="col">Together on average</th>}
            {links > 1 && <th scope="col">Links in use on average</th>}
          </tr>
        </thead>
        <tbody>
          {counts.map((readers) => {
            const read = machineReadRate(design, machine, readers) ?? Infinity
            const rates = readerRates(readers, links, link, read)
            const { eachAtMostBytesPerSecond: each, togetherExpectedBytesPerSecond } = rates
            const isBrief = readers === readersAtOnce
            return (
              <tr key={readers} className={isBrief ? styles.brief : undefined}>
                <th scope="row">
                  {readers}
                  {isBrief && ' (the brief)'}
                </th>
                <td>
                  {isBrief && readerBytesPerSecond > each && '△ '}
                  {format.rate(each)}
                </td>
                <td>{format.rate(rates.togetherAtBestBytesPerSecond)}</td>
                {links > 1 && <td>{format.rate(togetherExpectedBytesPerSecond)}</td>}
                {links > 1 && <td>{format.number(expectedLinks(links, readers), 1)}</td>}
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="soft">
        {links > 1
          ? 'Joined ports never add up for one reader: each flow keeps to one link, chosen by its addresses, and two can meet on one while another is idle. '
          : ''}
        Rates of large files; no more than drives and slots give.
      </p>
    </section>
  )
}
