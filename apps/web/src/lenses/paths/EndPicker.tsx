import type { BayPlan, Topology } from '@flint/core'
import styles from './paths.module.css'

interface EndPickerProps {
  bays: BayPlan['bays']
  topology: Topology
  litId: string | null
  onLight: (id: string | null) => void
}

/** Every drive by its bay and every network port, to light its way. */
export function EndPicker({ bays, topology, litId, onLight }: EndPickerProps) {
  const handlers = (id: string) => ({
    'aria-pressed': id === litId,
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
      {topology.drives.map(({ driveId }) => {
        const use = bays.find(({ drive }) => drive?.part.id === driveId)
        const member = use?.drive?.member
        return (
          <button
            key={driveId}
            type="button"
            aria-label={`Way of bay ${use?.bay.number ?? ''}`}
            {...handlers(driveId)}
          >
            {use?.bay.number}
            <small>{member ? `${member.lettered.letter}${member.number}` : '–'}</small>
          </button>
        )
      })}
      {topology.network.map(({ id, port }, index) => (
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
