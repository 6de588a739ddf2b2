import type { PortUse } from '@flint/core/editing'
import {
  ethernetBytesPerSecond,
  fileCopyBytesPerSecond,
  portUses,
  readerPaths,
  readersOf,
  type SwitchPorts,
  switchPorts,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { SmallChoice } from '../../controls/SmallChoice'
import styles from './network.module.css'

const USES: readonly { value: PortUse; text: string }[] = [
  { value: 'joined', text: 'joined with others' },
  { value: 'single', text: 'its own address' },
  { value: 'direct', text: 'a cable of its own' },
  { value: 'unused', text: 'not used' },
]

/** Every network port with what it is for, what is left after headers, and what a file copy sees. */
export function PortsTable({ packetBytes }: { packetBytes: number }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const edit = useEdit()
  const { uses, unlike } = portUses(machine.networkPaths, design.network)
  const readers = readersOf(design.brief, null)
  const paths = readerPaths(readers, machine.networkPaths, design.network)
  /** Machines whose own cable ends at a port. */
  const cabled = (pathId: string): string[] =>
    readers.flatMap(({ way, name }, index) =>
      way === 'direct' && paths[index]?.id === pathId ? [name] : [],
    )
  return (
    <section aria-label="Network ports">
      <h2>Network ports</h2>
      {uses.length === 0 ? (
        <p className="soft">
          No port is known: choose a board in Core, or a network card in the tray.
        </p>
      ) : (
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Port of</th>
              <th scope="col">Plug</th>
              <th scope="col">Speed</th>
              <th scope="col">What it is for</th>
              <th scope="col">TCP carries</th>
              <th scope="col">File copy</th>
              <th scope="col">The link behind it</th>
            </tr>
          </thead>
          <tbody>
            {uses.map(({ path: { id, port, links }, use }) => {
              const behind = machine.links.find((link) => link.id === links[1])
              const there = cabled(id)
              return (
                <tr key={id}>
                  <th scope="row">
                    {port.model} {port.number}
                  </th>
                  <td className={styles.words}>{port.plug ?? 'not known'}</td>
                  <td>{format.number(port.bitsPerSecond / 1e9, 1)} Gb/s</td>
                  <td className={styles.words}>
                    <SmallChoice
                      inTable
                      label={`What port ${port.number} of ${port.model} is for`}
                      width={180}
                      value={use === 'unused' && there.length > 0 ? 'direct' : use}
                      options={USES}
                      onChange={(value) => {
                        edit({
                          do: 'use-port',
                          port: { pieceId: port.partId, number: port.number },
                          use: value as PortUse,
                        })
                      }}
                    />
                    {there.length > 0 && <span className="soft"> {there.join(', ')}</span>}
                  </td>
                  <td>{format.rate(ethernetBytesPerSecond(port.bitsPerSecond, packetBytes))}</td>
                  <td>{format.rate(fileCopyBytesPerSecond(port.bitsPerSecond, packetBytes))}</td>
                  <td>{behind ? format.rate(behind.bytesPerSecond) : 'no slot'}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
      {unlike.length > 0 && (
        <p>
          △ {format.counted(unlike.length, 'port')} cannot be joined: only ports of one speed can
          act as one.
        </p>
      )}
      {uses.length > 0 && <p className="soft">{switchWords(switchPorts(design, machine))}</p>}
    </section>
  )
}

/** How many ports of a switch are taken. */
function switchWords({ ofMachine, ofReaders, forWiFi, has, joined }: SwitchPorts): string {
  const parts = [
    ofMachine > 0 && `${ofMachine} of this machine`,
    ofReaders > 0 && `${ofReaders} of the machines that read`,
    forWiFi > 0 && '1 for Wi-Fi',
  ].filter((part) => part !== false)
  const needed = `Ports of a switch: ${ofMachine + ofReaders + forWiFi} (${parts.join(', ')})`
  const there = has === 0 ? '' : has === null ? '; how many it has is not known' : `, of ${has}`
  return `${needed}${there}.${joined > 1 ? ' It must join ports too.' : ''}`
}
