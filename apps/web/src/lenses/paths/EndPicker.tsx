import type { BayPlan, Machine } from '@flint/core/figures'
import styles from './paths.module.css'

interface EndPickerProps {
  plan: BayPlan
  machine: Machine
  highlightedId: string | null
  onLight: (id: string | null) => void
}

/** Every drive by its bay and every network port, to light its way. */
export function EndPicker({ plan, machine, highlightedId, onLight }: EndPickerProps) {
  const handlers = (id: string) => ({
    'aria-pressed': id === highlightedId,
    onFocus: () => {
      onLight(id)
    },
    onPointerEnter: () => {
      onLight(id)
    },
  })
  return (
    <div
      className={styles.picker}
      role="group"
      aria-label="Light the way of a drive or network port"
    >
      {machine.drivePaths.map(({ driveId }) => {
        const use = plan.bays.find(({ drive }) => drive?.part.id === driveId)
        const socket = plan.sockets.find(({ drive }) => drive?.part.id === driveId)
        const member = (use ?? socket)?.drive?.member
        const place = use ? `bay ${use.bay.number}` : (socket?.name ?? '')
        return (
          <button key={driveId} type="button" aria-label={`Way of ${place}`} {...handlers(driveId)}>
            {use ? use.bay.number : socket?.name}
            <small>{member ? `${member.lettered.letter}${member.number}` : '–'}</small>
          </button>
        )
      })}
      {machine.networkPaths.map(({ id, port }, index) => (
        <button
          key={id}
          type="button"
          aria-label={`Way of network port ${index + 1}, ${port.model}`}
          {...handlers(id)}
        >
          net<small>{port.bitsPerSecond / 1e9} Gb/s</small>
        </button>
      ))}
    </div>
  )
}
