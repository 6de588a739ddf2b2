import {
  bayPlan,
  type CableLine,
  cableFits,
  cablesOf,
  cablesToCsv,
  cableWords,
  type CataloguePart,
  type DataEnd,
  type DesignDocument,
  fitPart,
  pinPort,
  type PortHost,
  takes,
} from '@flint/core'
import { useParts } from '../../api/useParts'
import { say } from '../../controls/locale'
import { saveFile } from '../../controls/saveFile'
import { selectCables, selectDocument, selectWiring } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './paths.module.css'

/** Every cable that the machine wants, where it goes, and whether it is there. */
export function CableTable() {
  const document = useAppSelector(selectDocument)
  const lines = useAppSelector(selectCables)
  const { hosts, data } = useAppSelector(selectWiring)
  const edit = useEdit()
  const preview = usePreview()
  const { data: parts } = useParts()
  const missing = lines.filter(({ from }) => from === null)
  const buy = (before: DesignDocument): DesignDocument => withCables(before, parts ?? [])
  // Every board has USB to spare; nobody looks for it here.
  const free = data.free.filter(({ host }) => host.plug !== 'USB')
  const found = missing.filter(({ need }) => cheapest(need, parts ?? []))
  if (lines.length === 0) {
    return <p className="soft">No drive hangs on a port yet, so no cable is wanted.</p>
  }
  return (
    <section aria-label="Cables">
      <h2>
        Cables
        <span className="aside">
          {say.counted(lines.length, 'cable')}, {missing.length} to get
        </span>
      </h2>
      <div className={styles.actions}>
        {found.length > 0 && (
          <button
            type="button"
            className="plain-button"
            {...preview(buy)}
            onClick={() => {
              edit('add the missing cables', buy)
            }}
          >
            Add {found.length === missing.length ? 'the' : found.length} missing from the catalogue
          </button>
        )}
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            saveFile(`${document.name} cables.csv`, 'text/csv', cablesToCsv(lines))
          }}
        >
          Save as CSV
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            window.print()
          }}
        >
          Print
        </button>
      </div>
      <div className={styles.scrolls}>
        <table className={`lined ${styles.way ?? ''}`}>
          <thead>
            <tr>
              <th scope="col">No.</th>
              <th scope="col">To</th>
              <th scope="col">From port</th>
              <th scope="col">Cable</th>
              <th scope="col">Plugs at drives</th>
              <th scope="col">At least</th>
              <th scope="col">Comes from</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line, index) => (
              <CableRows key={line.cable.id} line={line} number={index + 1} hosts={hosts} />
            ))}
          </tbody>
        </table>
      </div>
      <p className="soft">
        Lengths follow the walls of the case from the drawing, with slack; measure before you buy.
        {free.length > 0 &&
          ` Ports left: ${free.map(({ host, connectors }) => `${connectors.length} on ${host.name}`).join(', ')}.`}
        {data.unreachedBays.length > 0 &&
          ` Empty bays without a cable: ${data.unreachedBays.join(', ')}.`}
        {!data.isBest && ' There are too many ways to look at all; this is the best one seen.'}
      </p>
    </section>
  )
}

interface CableRowsProps {
  line: CableLine
  number: number
  hosts: readonly PortHost[]
}

/** One cable, a row for each of its ends. */
function CableRows({ line: { cable, need, from }, number, hosts }: CableRowsProps) {
  const rows = cable.ends.length
  return cable.ends.map((end, index) => (
    <tr key={end.id}>
      {index === 0 && (
        <th scope="row" rowSpan={rows}>
          {number}
        </th>
      )}
      <td className={styles.reason}>{end.name}</td>
      <td>
        <PortSelect end={end} hosts={hosts} now={`${cable.host.id}:${cable.connectors[0] ?? ''}`} />
      </td>
      {index === 0 && (
        <>
          <td rowSpan={rows} className={styles.reason}>
            {cableWords(need)}
          </td>
          <td rowSpan={rows} className={styles.reason}>
            {need.straightOnly === null
              ? 'straight, room not known'
              : need.straightOnly
                ? 'straight'
                : 'any'}
          </td>
          <td rowSpan={rows}>{need.leastMm === null ? 'measure' : `${need.leastMm} mm`}</td>
          <td rowSpan={rows} className={styles.reason}>
            {from === null ? '△ to get' : from.inBox ? `box of ${from.name}` : from.name}
          </td>
        </>
      )}
    </tr>
  ))
}

interface PortSelectProps {
  end: DataEnd
  hosts: readonly PortHost[]
  /** Where it is now, `controller-1:2`. */
  now: string
}

/** Fixes the port of a cable, or lets it be worked out. */
function PortSelect({ end, hosts, now }: PortSelectProps) {
  const { paths } = useAppSelector(selectDocument)
  const edit = useEdit()
  const pin = paths.portPins.find((one) => one.end === end.id)
  const nameOf = (id: string): string => {
    const [hostId, connector] = id.split(':')
    return `${hosts.find((host) => host.id === hostId)?.name ?? ''} ${connector ?? ''}`
  }
  return (
    <select
      aria-label={`Port for ${end.name}`}
      value={pin ? `${pin.hostId}:${pin.connector}` : ''}
      onChange={({ target }) => {
        const [hostId = '', connector = ''] = target.value.split(':')
        const host = hosts.find(({ id }) => id === hostId)
        edit('choose the port of a cable', (before) =>
          pinPort(
            before,
            end.id,
            host ? { hostId, connector: Number(connector) } : null,
            host?.lanes,
          ),
        )
      }}
    >
      <option value="">{nameOf(now)}, worked out</option>
      {hosts
        .filter((host) => takes(host, end))
        .map((host) => (
          <optgroup key={host.id} label={host.name}>
            {host.laneRates.map((_, index) => (
              <option key={index} value={`${host.id}:${index + 1}`}>
                {host.name} {index + 1}, fixed
              </option>
            ))}
          </optgroup>
        ))}
    </select>
  )
}

function cheapest(need: CableLine['need'], parts: readonly CataloguePart[]) {
  const fitting = parts.filter(
    ({ sheet }) => sheet.kind === 'cable' && sheet.direction !== null && cableFits(sheet, need),
  )
  const price = ({ sheet }: CataloguePart): number => sheet.price?.unitMinor ?? Infinity
  return [...fitting].sort((one, other) => price(one) - price(other))[0]
}

/** The design with the cheapest fitting cable of the catalogue for every line that lacks one. */
function withCables(before: DesignDocument, parts: readonly CataloguePart[]): DesignDocument {
  const missing = cablesOf(before, bayPlan(before)).filter(({ from }) => from === null)
  return missing.reduce((design, { need }) => {
    const part = cheapest(need, parts)
    return part ? fitPart(design, part) : design
  }, before)
}
