import { type Edit, type CataloguePart, type PortRef, sameEnd } from '@flint/core/editing'
import { cableWords } from '@flint/core/drawing'
import { cableFits, type CableEnd, type CableLine, type PortHost, takes } from '@flint/core/figures'
import { cablesToCsv } from '@flint/core/files'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { saveFile } from '../../controls/saveFile'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectCables, selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { DATA_CABLES, gainWords } from './gainWords'
import styles from './paths.module.css'

/** Every cable that the machine wants, where it goes, and whether it is there. */
export function CableTable() {
  const design = useAppSelector(selectDesign)
  const { lines, uses } = useAppSelector(selectCables)
  const machine = useAppSelector(selectMachine)
  const { data } = machine.wiring
  const { hosts } = data
  const nameOf = new Map(hosts.map(({ id, name }) => [id, name]))
  const bayOf = new Map(machine.bays.map(({ id, number }) => [id, number]))
  const edit = useEdit()
  const preview = usePreview()
  const { data: parts } = useParts()
  const missing = lines.filter(({ from }) => from === null)
  const buy = cablesEdit(missing, parts ?? [])
  // Every board has USB to spare; nobody looks for it here.
  const free = data.free.filter(
    ({ hostId }) => hosts.find(({ id }) => id === hostId)?.plug !== 'USB',
  )
  const idle = uses.filter(({ use }) => use !== 'used')
  const found = missing.filter(({ need }) => cheapest(need, parts ?? []))
  if (lines.length === 0) {
    return <p className="soft">No drive hangs on a port yet, so no cable is wanted.</p>
  }
  return (
    <section aria-label="Cables">
      <h2>
        Cables
        <span className="aside">
          {format.counted(lines.length, 'cable')}, {missing.length} to get
        </span>
      </h2>
      <div className={styles.actions}>
        {found.length > 0 && (
          <button
            type="button"
            className="plain-button"
            {...preview(buy)}
            onClick={() => {
              edit(buy)
            }}
          >
            Add {found.length === missing.length ? 'the' : found.length} missing from the catalogue
          </button>
        )}
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            saveFile(`${design.name} cables.csv`, 'text/csv', cablesToCsv(lines))
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
          ` Ports left: ${free.map(({ hostId, connectors }) => `${connectors.length} on ${nameOf.get(hostId) ?? ''}`).join(', ')}.`}
        {data.unreachedBays.length > 0 &&
          ` Empty bays without a cable: ${data.unreachedBays.map((id) => bayOf.get(id) ?? '').join(', ')}.`}
        {idle.length > 0 &&
          ` Not in use: ${idle.map(({ partId, use }) => `${machine.pieces.get(partId)?.dataSheet.model ?? ''} (${use})`).join(', ')}.`}
        {data.couldBeBetter && ` ${gainWords(data.couldBeBetter, DATA_CABLES)}`}
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
function CableRows({ line: { cable, host, need, from }, number, hosts }: CableRowsProps) {
  const rows = cable.ends.length
  return cable.ends.map((end, index) => (
    <tr key={end.key}>
      {index === 0 && (
        <th scope="row" rowSpan={rows}>
          {number}
        </th>
      )}
      <td className={styles.reason}>{end.name}</td>
      <td>
        <PortSelect end={end} hosts={hosts} now={`${host.name} ${cable.connectors[0] ?? ''}`} />
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
  end: CableEnd
  hosts: readonly PortHost[]
  /** Where it is now, "Sixteen 2". */
  now: string
}

/** Fixes the port of a cable, or lets it be worked out. */
function PortSelect({ end, hosts, now }: PortSelectProps) {
  const { paths } = useAppSelector(selectDesign)
  const edit = useEdit()
  const pin = paths.portPins.find((one) => sameEnd(one.end, end.ref))
  const ports = hosts
    .filter((host) => takes(host, end))
    .flatMap((host) =>
      host.laneRates.map((_, index) => {
        const { pieceId, plug } = host
        const port: PortRef = { pieceId, plug, connector: index + 1 }
        return { host, port, key: `${host.id} ${index + 1}` }
      }),
    )
  const chosen = ports.find(
    ({ port }) =>
      pin?.port.pieceId === port.pieceId &&
      pin.port.plug === port.plug &&
      pin.port.connector === port.connector,
  )
  return (
    <SmallChoice
      label={`Port for ${end.name}`}
      inTable
      width={210}
      value={chosen?.key ?? ''}
      options={[
        { value: '', text: `${now}, automatic` },
        ...ports.map(({ host, port, key }) => ({
          value: key,
          text: `${host.name} ${port.connector}, set by you`,
        })),
      ]}
      onChange={(key) => {
        const wanted = ports.find((one) => one.key === key)
        edit({
          do: 'pin-port',
          end: end.ref,
          port: wanted?.port ?? null,
          lanes: wanted?.host.lanes ?? 1,
        })
      }}
    />
  )
}

function cheapest(need: CableLine['need'], parts: readonly CataloguePart[]) {
  const fitting = parts.filter(
    ({ sheet }) => sheet.kind === 'cable' && sheet.direction !== null && cableFits(sheet, need),
  )
  const asked = ({ price }: CataloguePart): number => price?.unitMinor ?? Infinity
  return [...fitting].sort((one, other) => asked(one) - asked(other))[0]
}

/** The cheapest fitting cable of the catalogue for every line that lacks one. */
function cablesEdit(missing: readonly CableLine[], parts: readonly CataloguePart[]): Edit {
  return {
    do: 'several',
    what: 'add the missing cables',
    edits: missing.flatMap(({ need }) => {
      const part = cheapest(need, parts)
      return part ? [{ do: 'fit' as const, part, beside: true }] : []
    }),
  }
}
