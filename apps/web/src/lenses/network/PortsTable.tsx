import {
  ethernetBytesPerSecond,
  fileCopyBytesPerSecond,
  type NetworkPort,
  type Machine,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import styles from './network.module.css'

interface PortsTableProps {
  ports: readonly NetworkPort[]
  machine: Machine
  packetBytes: number
}

/** Every network port with what it signals, what is left after headers, and what a file copy sees. */
export function PortsTable({ ports, machine, packetBytes }: PortsTableProps) {
  return (
    <section aria-label="Network ports">
      <h2>Network ports</h2>
      {ports.length === 0 && (
        <p className="soft">
          No port is known: choose a board in Core, or a network card in the tray.
        </p>
      )}
      {ports.length > 0 && (
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Port of</th>
              <th scope="col">Plug</th>
              <th scope="col">Speed</th>
              <th scope="col">On the wire</th>
              <th scope="col">TCP carries</th>
              <th scope="col">File copy</th>
              <th scope="col">The link behind it</th>
            </tr>
          </thead>
          <tbody>
            {ports.map(({ id, model, plug, bitsPerSecond }) => {
              const above =
                machine.networkPaths.find(({ port }) => port.id === id)?.links.slice(1) ?? []
              const slot = machine.links.find((link) => link.id === above[0])
              return (
                <tr key={id}>
                  <th scope="row">{model}</th>
                  <td className={styles.words}>{plug ?? 'not known'}</td>
                  <td>{format.number(bitsPerSecond / 1e9, 1)} Gb/s</td>
                  <td>{format.rate(bitsPerSecond / 8)}</td>
                  <td>{format.rate(ethernetBytesPerSecond(bitsPerSecond, packetBytes))}</td>
                  <td>{format.rate(fileCopyBytesPerSecond(bitsPerSecond, packetBytes))}</td>
                  <td>{slot ? format.rate(slot.bytesPerSecond) : 'no slot'}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      )}
    </section>
  )
}
