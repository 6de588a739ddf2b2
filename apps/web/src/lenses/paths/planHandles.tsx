import { type Active, useDraggable, useDroppable } from '@dnd-kit/core'
import type { Edit, PortRef } from '@flint/core/editing'
import { type DataCable, takes } from '@flint/core/figures'
import type { PlanEnd, PlanPoint, PlanPort, PlanSlot } from '../../drawing/planRuns'
import styles from './paths.module.css'

/** What is dragged. */
export interface Held {
  /** Where it may be let go. */
  goesTo: Place['kind']
  /** What putting it there is; null where it does not go. */
  putOn: (place: Place) => Edit | null
}

/** Where it can be let go. */
export type Place = { kind: 'slot'; slot: PlanSlot } | { kind: 'port'; port: PlanPort }

const goesTo = (active: Active | null): Place['kind'] | undefined =>
  (active?.data.current as Held | undefined)?.goesTo

/** A slot that cards can be dragged to. The choice in the tray does the same from the keyboard. */
export function SlotPlace({ slot, pxPerMm }: { slot: PlanSlot; pxPerMm: number }) {
  const data: Place = { kind: 'slot', slot }
  const { setNodeRef, isOver, active } = useDroppable({ id: `slot-${slot.slot}`, data })
  const isHeld = goesTo(active) === 'slot'
  return (
    <div
      ref={setNodeRef}
      data-slot={slot.slot}
      className={[styles.slot, isHeld && styles.open, isOver && isHeld && styles.over]
        .filter(Boolean)
        .join(' ')}
      style={{
        left: slot.x * pxPerMm,
        top: slot.y * pxPerMm,
        width: slot.lengthMm * pxPerMm,
        height: slot.widthMm * pxPerMm,
      }}
    />
  )
}

interface HeldCardProps {
  slot: PlanSlot
  pxPerMm: number
}

/** The card in a slot, to be dragged to another. */
export function HeldCard({ slot, pxPerMm }: HeldCardProps) {
  const { cardId } = slot
  const held: Held = {
    goesTo: 'slot',
    putOn: (place) => {
      if (place.kind !== 'slot' || cardId === null || place.slot.slot === slot.slot) return null
      return slot.mayGoTo.includes(place.slot.slot)
        ? { do: 'pin-card', cardId, slot: place.slot.slot }
        : null
    },
  }
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `card ${cardId ?? slot.slot}`,
    data: held,
    disabled: cardId === null,
  })
  if (cardId === null) return null
  return (
    <div
      ref={setNodeRef}
      {...listeners}
      data-card={cardId}
      className={styles.heldCard}
      title={`In slot ${slot.slot}; drag it to another slot`}
      style={{
        left: slot.x * pxPerMm,
        top: slot.y * pxPerMm,
        width: slot.lengthMm * pxPerMm,
        height: slot.widthMm * pxPerMm,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    />
  )
}

export function PortPlace({ port, pxPerMm }: { port: PlanPort; pxPerMm: number }) {
  const data: Place = { kind: 'port', port }
  const id = `port ${port.host.id}:${port.connector}`
  const { setNodeRef, isOver, active } = useDroppable({ id, data })
  const isHeld = goesTo(active) === 'port'
  return (
    <div
      ref={setNodeRef}
      data-port={`${port.host.pieceId}:${port.connector}`}
      className={[
        styles.port,
        port.isTaken && styles.taken,
        isHeld && styles.open,
        isOver && isHeld && styles.over,
      ]
        .filter(Boolean)
        .join(' ')}
      title={`Port ${port.connector} of ${port.host.name}`}
      style={{ left: port.at.x * pxPerMm, top: port.at.y * pxPerMm }}
    />
  )
}

const portRefOf = ({ host, connector }: PlanPort): PortRef => {
  return { pieceId: host.pieceId, plug: host.plug, connector }
}

interface HeldCableProps {
  cable: DataCable
  /** Of what it is plugged into. */
  hostName: string
  at: PlanPoint
  pxPerMm: number
}

/** A cable in its port; dragged to another port, all its ends go with it. */
export function HeldCable({ cable, hostName, at, pxPerMm }: HeldCableProps) {
  const held: Held = {
    goesTo: 'port',
    putOn: (place) => {
      if (place.kind !== 'port') return null
      const { host } = place.port
      if (!cable.ends.every((end) => takes(host, end))) return null
      const port = portRefOf(place.port)
      return {
        do: 'several',
        what: 'plug a cable into another port',
        edits: cable.ends.map(({ ref }) => ({
          do: 'pin-port',
          end: ref,
          port,
          lanes: host.lanes,
        })),
      }
    },
  }
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `end of ${cable.id}`,
    data: held,
  })
  return (
    <div
      ref={setNodeRef}
      {...listeners}
      data-cable={cable.id}
      className={styles.heldPlug}
      title={`Port ${cable.connectors.join(' and ')} of ${hostName}; drag the plug to another port`}
      style={{
        left: at.x * pxPerMm,
        top: at.y * pxPerMm,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    />
  )
}

interface HeldEndProps {
  end: PlanEnd
  pxPerMm: number
  onLight: (driveId: string | null) => void
}

/** The plug of a cable at the drives; dragged to a port, the cable goes there. */
export function HeldEnd({ end, pxPerMm, onLight }: HeldEndProps) {
  const held: Held = {
    goesTo: 'port',
    putOn: (place) => {
      if (place.kind !== 'port' || !takes(place.port.host, end.end)) return null
      const { lanes } = place.port.host
      return { do: 'pin-port', end: end.end.ref, port: portRefOf(place.port), lanes }
    },
  }
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `end ${end.end.key}`,
    data: held,
  })
  return (
    <div
      ref={setNodeRef}
      {...listeners}
      data-plug={end.end.key}
      className={[styles.heldEnd, end.pinned && styles.pinned].filter(Boolean).join(' ')}
      title={`${end.end.name}; drag it to another port`}
      onPointerEnter={() => {
        onLight(end.driveIds[0] ?? null)
      }}
      style={{
        left: end.at.x * pxPerMm,
        top: end.at.y * pxPerMm,
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
      }}
    />
  )
}
