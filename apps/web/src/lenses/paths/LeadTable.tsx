import type { LeadRef } from '@flint/core/editing'
import {
  isOverloaded,
  type LeadLoad,
  type PowerFeed,
  piecesOf,
  stagedWiring,
} from '@flint/core/figures'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { gainWords, POWER_LEADS } from './gainWords'
import styles from './paths.module.css'

const amps = (value: number | null): string =>
  value === null ? 'not known' : `${format.number(value, 1)} A`

/** Which lead of the supply feeds which drive or backplane, with the amperes of every plug while all start. */
export function LeadTable() {
  const machine = useAppSelector(selectMachine)
  const { spinUp } = useAppSelector(selectDesign)
  const power = stagedWiring(machine, spinUp)
  if (!power) {
    return (
      <section aria-label="Power leads" className={styles.block}>
        <h2>Power leads</h2>
        <p className="soft">No supply yet, or its plugs are not known, so no lead feeds a drive.</p>
      </section>
    )
  }
  return (
    <section aria-label="Power leads" className={styles.block}>
      <h2>
        Power leads
        <span className="aside">
          amperes at 12 V while{' '}
          {spinUp === null
            ? 'the drives start'
            : `drives start, ${format.number(spinUp.drivesAtOnce)} at a time`}
        </span>
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
                key={load.lead.key}
                load={load}
                feeds={power.feeds.filter(({ leadKey }) => leadKey === load.lead.key)}
                leads={power.leads}
              />
            ))}
          </tbody>
        </table>
      </div>
      <p className="soft">
        {power.rails.map(({ supplyId, startAmps, ratedAmps }) => {
          const supply = piecesOf(machine, 'supply').find(({ id }) => id === supplyId)
          const rail =
            supply?.dataSheet.driveRail12VAmps === null
              ? 'the 12 V rails carry'
              : 'the rail of these leads carries'
          return (
            <span key={supplyId}>
              {startAmps === null
                ? 'The starting current of a drive is not known.'
                : `Together ${format.number(startAmps, 1)} A${ratedAmps === null ? '' : ` of ${format.number(ratedAmps, 1)} A that ${rail}`}.`}{' '}
            </span>
          )
        })}
        {power.unfed.length > 0 &&
          ` Without a plug: ${power.unfed.map(({ name }) => name).join(', ')}.`}{' '}
        Each plug of a backplane is taken to feed its share of the bays; many join theirs, which is
        better. {gainWords(power.couldBeBetter, POWER_LEADS)}
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
  const { lead, startAmps, ratedAmps: leadAmps, adapters } = load
  const leadOf = new Map(leads.map((one): [string, LeadRef] => [one.lead.key, one.lead.ref]))
  const rows = Math.max(1, feeds.length)
  const whole = (
    <td rowSpan={rows}>
      {amps(startAmps)}
      <span className={styles.reason}>
        <br />
        {isOverloaded(load) && '△ '}wire {amps(leadAmps)}
      </span>
      {adapters.map((one, index) => (
        <span key={index} className={styles.reason}>
          <br />
          {(isOverloaded(one) || one.adapter.partId === null) && '△ '}
          {one.adapter.name}: {amps(one.startAmps)} of {amps(one.ratedAmps)}
        </span>
      ))}
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
  return feeds.map(({ end, adapter, startAmps: ownAmps, ratedAmps, pinned }, index) => (
    <tr key={end.key}>
      {index === 0 && head}
      <td className={styles.reason}>
        {end.name}
        <SmallChoice
          label={`Lead for ${end.name}`}
          inTable
          width={230}
          value={pinned ? lead.key : ''}
          options={[
            { value: '', text: 'automatic' },
            ...leads.map((one) => ({ value: one.lead.key, text: `${one.lead.name}, set by you` })),
          ]}
          onChange={(key) => {
            edit({ do: 'pin-lead', end: end.ref, lead: leadOf.get(key) ?? null })
          }}
        />
      </td>
      <td className={styles.reason}>
        {end.plug}
        {adapter !== null && ', by adapter'}
      </td>
      <td>
        {ownAmps !== null && ownAmps > ratedAmps && '△ '}
        {amps(ownAmps)}
      </td>
      <td>{amps(ratedAmps)}</td>
      {index === 0 && whole}
    </tr>
  ))
}
