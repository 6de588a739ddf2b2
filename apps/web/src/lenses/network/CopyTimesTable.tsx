import { dataNowBytes } from '@flint/core/editing'
import { copyTimes, type NetworkPort } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { durationText } from './durationText'
import styles from './network.module.css'

/** A video project is about this large. Common practice, no source. */
const PROJECT_BYTES = 100e9

interface CopyTimesTableProps {
  ports: readonly NetworkPort[]
  /** What drives and what they hang on give one reader. */
  machineBytesPerSecond: number
  packetBytes: number
}

/** How long what there is takes over links of each speed, the machine's own among them. */
export function CopyTimesTable({ ports, machineBytesPerSecond, packetBytes }: CopyTimesTableProps) {
  const { brief } = useAppSelector(selectDesign)
  const now = dataNowBytes(brief)
  const own = ports[0]?.bitsPerSecond
  const rows = [
    ...brief.data.map(({ kind, fileBytes }) => ({
      words: `one file of ${kind}`,
      bytes: fileBytes,
    })),
    { words: 'a project of 100 GB', bytes: PROJECT_BYTES },
    { words: '1 TB', bytes: 1e12 },
    ...(now > 0 ? [{ words: 'all data of today', bytes: now }] : []),
  ]
  const speeds = copyTimes(1, machineBytesPerSecond, packetBytes)
  return (
    <section aria-label="Copy times">
      <h2>
        Copy times
        <span className="aside">one reader, one link, large files</span>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">What</th>
            {speeds.map(({ bitsPerSecond }) => (
              <th
                key={bitsPerSecond}
                scope="col"
                className={bitsPerSecond === own ? styles.brief : undefined}
              >
                {format.number(bitsPerSecond / 1e9, 1)} Gb/s{bitsPerSecond === own && ', yours'}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">at</th>
            {speeds.map(({ bitsPerSecond, bytesPerSecond, heldByMachine }) => (
              <td key={bitsPerSecond}>
                {format.rate(bytesPerSecond)}
                {heldByMachine && ' △'}
              </td>
            ))}
          </tr>
          {rows.map(({ words, bytes }) => (
            <tr key={words}>
              <th scope="row">{words}</th>
              {copyTimes(bytes, machineBytesPerSecond, packetBytes).map(
                ({ bitsPerSecond, seconds }) => (
                  <td key={bitsPerSecond}>{durationText(seconds)}</td>
                ),
              )}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">
        Links faster than yours are counted with a card in a slot that carries them.
      </p>
      {speeds.some(({ heldByMachine }) => heldByMachine) && (
        <p className="soft">
          △ Drives, or what they hang on, hold it back there, not the link: they give one reader{' '}
          <span className="figure">{format.rate(machineBytesPerSecond)}</span>.
        </p>
      )}
    </section>
  )
}
