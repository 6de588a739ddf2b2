import type { SocketUse } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { hatchFill } from '../../drawing/hatches'
import {
  selectBayPlan,
  selectPointedFinding,
  selectPulledDrives,
  selectSelectedBays,
} from '../../sheet/selectors'
import { baysSelected } from '../../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** Drives in M.2 sockets and USB ports, which have no bay on the front, in places of their own. */
export function Sockets() {
  const dispatch = useAppDispatch()
  const bays = useAppSelector(selectBayPlan)
  const selected = useAppSelector(selectSelectedBays)
  if (bays.sockets.length === 0) return null
  return (
    <section className={styles.block} aria-label="In sockets and ports">
      <h3>In sockets and ports</h3>
      <div className={styles.sockets}>
        {bays.sockets.map((use) => (
          <Socket
            key={use.id}
            use={use}
            chosen={selected.includes(use.id)}
            onChoose={(adds) => {
              if (!adds) dispatch(baysSelected([use.id]))
              else if (selected.includes(use.id))
                dispatch(baysSelected(selected.filter((id) => id !== use.id)))
              else dispatch(baysSelected([...selected, use.id]))
            }}
          />
        ))}
      </div>
    </section>
  )
}

interface SocketProps {
  use: SocketUse
  chosen: boolean
  /** @param adds whether it is chosen beside what is chosen already */
  onChoose: (adds: boolean) => void
}

function Socket({ use: { name, drive }, chosen, onChoose }: SocketProps) {
  const pointed = useAppSelector(selectPointedFinding)
  const pulled = useAppSelector(selectPulledDrives)
  const member = drive?.member
  const size = drive ? format.drive(drive.sheet.capacityBytes) : 'empty'
  const group = member ? `${member.lettered.letter}${member.number}` : '–'
  const isPulled = drive !== null && pulled.includes(drive.part.id)
  const isPointed = drive !== null && (pointed?.partIds.includes(drive.part.id) ?? false)
  const words = [name, drive?.sheet.model ?? '', size, member ? `group ${group}` : 'in no group']
  return (
    <button
      type="button"
      data-socket={name}
      aria-pressed={chosen}
      aria-label={`${words.filter(Boolean).join(', ')}${isPulled ? ', taken as failed' : ''}`}
      title="Control and Shift add to what is chosen"
      className={[styles.socket, chosen && styles.socketChosen, isPointed && styles.socketPointed]
        .filter(Boolean)
        .join(' ')}
      onClick={({ ctrlKey, metaKey, shiftKey }) => {
        onChoose(ctrlKey || metaKey || shiftKey)
      }}
      onKeyDown={(event) => {
        if (event.key !== ' ') return
        event.preventDefault()
        onChoose(true)
      }}
    >
      {member && (
        <svg width="14" height="100%" aria-hidden="true">
          <rect width="14" height="100%" fill={hatchFill(member.lettered.index)} />
        </svg>
      )}
      <strong>{isPulled ? `✕ ${group}` : group}</strong>
      <span className="soft">{name}</span>
      <span className="figure">{size}</span>
      <span>{drive?.sheet.model}</span>
    </button>
  )
}
