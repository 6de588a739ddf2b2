import { cableWords } from '@flint/core/drawing'
import { selectCables, selectMachine } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'

/** Data cables and power leads: what goes from where to where. */
export function PrintedCables() {
  const { lines } = useAppSelector(selectCables)
  const { wiring } = useAppSelector(selectMachine)
  const leads = wiring.power?.leads ?? []
  if (lines.length === 0) return null
  return (
    <section aria-label="Cables">
      <h2>Cables</h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">No.</th>
            <th scope="col">From port</th>
            <th scope="col">To</th>
            <th scope="col">Cable</th>
            <th scope="col">At least</th>
            <th scope="col">Comes from</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(({ cable, host, need, from }, index) => (
            <tr key={cable.id}>
              <th scope="row">{index + 1}</th>
              <td>
                {host.name} {cable.connectors.join(' and ')}
              </td>
              <td>{cable.ends.map(({ name }) => name).join(', ')}</td>
              <td>{cableWords(need)}</td>
              <td>{need.leastMm === null ? 'measure' : `${need.leastMm} mm`}</td>
              <td>{from === null ? '△ to get' : from.inBox ? `box of ${from.name}` : from.name}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {leads.length > 0 && (
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Power lead</th>
              <th scope="col">Feeds</th>
            </tr>
          </thead>
          <tbody>
            {leads.map(({ lead }) => (
              <tr key={lead.key}>
                <th scope="row">{lead.name}</th>
                <td>
                  {(wiring.power?.feeds ?? [])
                    .filter(({ leadKey }) => leadKey === lead.key)
                    .map(({ end }) => end.name)
                    .join(', ') || 'nothing'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="soft">
        Unplug the machine before anything is put in or taken out, and never open a power supply.
        New circuits and sockets are work for an electrician, by the rules where you live.
      </p>
    </section>
  )
}
