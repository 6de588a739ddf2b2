import {
  ADAPTER_AMPS,
  fittedOne,
  isOverloaded,
  type LeadLoad,
  pinLead,
  type PowerFeed,
} from '@flint/core'
import { say } from '../../controls/locale'
import { selectDocument, selectWiring } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './paths.module.css'

/** Which lead of the supply feeds which drive or backplane, with the amperes of every plug while all start. */
export function LeadTable() {
  const document = useAppSelector(selectDocument)
  const { power } = useAppSelector(selectWiring)
  const supply = fittedOne(document, 'supply')?.sheet
  if (!power || !supply) {
    return (
      <section aria-label="Power leads" className={styles.block}>
        <h2>Power leads</h2>
        <p className="soft">No supply yet, or its plugs are not known, so no lead feeds a drive.</p>
      </section>
    )
  }
  const railAmps = supply.driveRail12VAmps ?? supply.rated12VAmps
  const sum = power.feeds.reduce<number | null>(
    (total, { startAmps }) => (total === null || startAmps === null ? null : total + startAmps),
    0,
  )
  return (
    <section aria-label="Power leads" className={styles.block}>
      <h2>
        Power leads
        <span className="aside">amperes at 12 V while all drives start at once</span>
      </h2>
      <div className={styles.scrolls}>
        <table className={`lined ${styles.way ?? ''}`}>
          <thead>
            <tr>
              <th scope="col">Lead</th>
              <th scope="col">Feeds</th>
              <th scope="col">Plug</th>
              <th scope="col">Starting</th>
              <th scope="col">Plug carries</th>
              <th scope="col">All on the lead</th>
            </tr>
          </thead>
          <tbody>
            {power.leads.map((load) => (
              <LeadRows
                key={load.lead.id}
                load={load}
                feeds={power.feeds.filter(({ lead }) => lead.id === load.lead.id)}
                leads={power.leads}
              />
            ))}
          </tbody>
        </table>
      </div>
      <p className="soft">
        {sum === null
          ? 'The starting current of a drive is not known.'
          : `Together ${say.number(sum, 1)} A${railAmps === null ? '' : ` of ${say.number(railAmps, 1)} A that ${supply.driveRail12VAmps === null ? 'the 12 V rails carry' : 'the rail of these leads carries'}`}.`}
        {power.unfed.length > 0 &&
          ` Without a plug: ${power.unfed.map(({ name }) => name).join(', ')}.`}{' '}
        Each plug of a backplane is taken to feed its share of the bays; many join theirs, which is
        better.
      </p>
      <p className="soft">
        Moulded adapters and overloaded splitters can catch fire. Never open a power supply.
      </p>
    </section>
  )
}

interface LeadRowsProps {
  load: LeadLoad
  feeds: readonly PowerFeed[]
  leads: readonly LeadLoad[]
}

function LeadRows({ load, feeds, leads }: LeadRowsProps) {
  const edit = useEdit()
  const { lead, startAmps, adapterAmps, adaptersWanted } = load
  const amps = (value: number | null): string =>
    value === null ? 'not known' : `${say.number(value, 1)} A`
  const rows = Math.max(1, feeds.length)
  const whole = (
    <td rowSpan={rows}>
      {amps(startAmps)}
      {adapterAmps !== null && (
        <span className={styles.reason}>
          <br />
          {isOverloaded(load) && '△ '}adapter {amps(adapterAmps)} of {ADAPTER_AMPS} A
        </span>
      )}
      {adaptersWanted > 0 && (
        <span className={styles.reason}>
          <br />△ {say.counted(adaptersWanted, 'adapter')} to 2 SATA plugs to get
        </span>
      )}
    </td>
  )
  const head = (
    <th scope="row" rowSpan={rows}>
      {lead.name}
      {!lead.known && <span className="soft">, assumed</span>}
    </th>
  )
  if (feeds.length === 0) {
    return (
      <tr>
        {head}
        <td className={styles.reason} colSpan={4}>
          nothing
        </td>
        {whole}
      </tr>
    )
  }
  return feeds.map(({ end, startAmps: ownAmps, ratedAmps, pinned }, index) => (
    <tr key={end.id}>
      {index === 0 && head}
      <td className={styles.reason}>
        <label>
          {end.name}{' '}
          <select
            aria-label={`Lead for ${end.name}`}
            value={pinned ? lead.id : ''}
            onChange={({ target }) => {
              edit('choose the lead of a power plug', (before) =>
                pinLead(before, end.id, target.value || null),
              )
            }}
          >
            <option value="">worked out</option>
            {leads.map((one) => (
              <option key={one.lead.id} value={one.lead.id}>
                {one.lead.name}, fixed
              </option>
            ))}
          </select>
        </label>
      </td>
      <td className={styles.reason}>{end.plug}</td>
      <td>
        {ownAmps !== null && ownAmps > ratedAmps && '△ '}
        {amps(ownAmps)}
      </td>
      <td>{amps(ratedAmps)}</td>
      {index === 0 && whole}
    </tr>
  ))
}
