import { familyOf } from '@flint/core/figures'
import { format } from '../controls/locale'
import { selectBayPlan, selectDesign } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'

/** Pools and their groups, and which drive is in which bay, with what is written on it. */
export function PrintedDrives() {
  const { pools } = useAppSelector(selectDesign)
  const { bays, sockets, bench } = useAppSelector(selectBayPlan)
  const places = [
    ...bays.map(({ bay, drive }) => ({ place: `bay ${bay.number}`, drive })),
    ...sockets.map(({ name, drive }) => ({ place: name, drive })),
    ...bench.map((drive) => ({ place: 'outside', drive })),
  ].flatMap(({ place, drive }) => (drive ? [{ place, drive }] : []))
  if (places.length === 0) return null
  return (
    <section aria-label="Drives">
      <h2>Drives</h2>
      <ul>
        {pools.map((pool) => (
          <li key={pool.id}>
            {pool.name}: {familyOf(pool).title},{' '}
            {pool.groups.map((group) => familyOf(pool).groupWords(group).nativeName).join(', ')}
          </li>
        ))}
      </ul>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Where</th>
            <th scope="col">Member</th>
            <th scope="col">Drive</th>
            <th scope="col">Size</th>
            <th scope="col">Label</th>
            <th scope="col">Owned</th>
          </tr>
        </thead>
        <tbody>
          {places.map(({ place, drive: { part, sheet, member } }) => (
            <tr key={part.id}>
              <th scope="row">{place}</th>
              <td>{member ? `${member.lettered.letter}${member.number}` : 'in no group'}</td>
              <td>
                {sheet.maker} {sheet.model}
              </td>
              <td>{format.drive(sheet.capacityBytes)}</td>
              <td>{part.label}</td>
              <td>{part.owned ? 'yes' : ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
