import { MAINS_SOCKETS, type MainsSocket } from '@flint/core/editing'
import { fittedOne } from '@flint/core/editing'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './shell.module.css'

const NOT_SAID = 'not said'

/** Which socket each mains plug of the supply goes into. */
export function MainsSection() {
  const supply = useAppSelector((state) => fittedOne(selectDesign(state), 'supply'))
  const hasUps = useAppSelector((state) => fittedOne(selectDesign(state), 'ups') !== undefined)
  const edit = useEdit()
  if (!supply) return null
  const { part, sheet } = supply
  const plugs = Array.from({ length: sheet.modules ?? 1 }, (_, index) => part.sockets[index])
  const change = (index: number, socket: string): void => {
    const chosen = plugs
      .map((before, at) => (at === index ? socket : before))
      .filter((one): one is MainsSocket => MAINS_SOCKETS.some((known) => known === one))
    edit({ do: 'note-pieces', partIds: [part.id], change: { sockets: chosen } })
  }
  return (
    <section className={styles.mains} aria-label="Mains plugs">
      <h2>Mains</h2>
      <div className={styles.plugs}>
        {plugs.map((socket, index) => (
          <TextField
            key={index}
            select
            label={
              plugs.length > 1 ? `Plug ${index + 1} of ${sheet.model}` : `Plug of ${sheet.model}`
            }
            value={socket ?? NOT_SAID}
            slotProps={{ inputLabel: { shrink: true } }}
            onChange={({ target }) => {
              change(index, target.value)
            }}
          >
            {[NOT_SAID, ...MAINS_SOCKETS].map((one) => (
              <MenuItem key={one} value={one}>
                {one}
              </MenuItem>
            ))}
          </TextField>
        ))}
        <p className="soft">
          Leave the supply closed: it holds a charge when unplugged. New circuits and sockets are
          work for an electrician, by the rules where you live.
          {hasUps &&
            ' A UPS is heavy, its battery burns when it is shorted, and an old one goes back to the shop.'}
        </p>
      </div>
    </section>
  )
}
