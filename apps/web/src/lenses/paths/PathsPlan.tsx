import {
  DndContext,
  type DragEndEvent,
  type DragOverEvent,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  type DataCable,
  type DesignDocument,
  fittedOne,
  pinCard,
  pinPort,
  takes,
  takesEdge,
} from '@flint/core'
import { TopView } from '../../drawing/TopView'
import { useEdit } from '../../sheet/useEdit'
import { loadClass } from './loadClass'
import type { PlanDrawing, PlanEnd, PlanPoint, PlanPort, PlanRun, PlanSlot } from './planRuns'
import styles from './paths.module.css'

const WIDEST_PX = 9
const THINNEST_PX = 1.5

interface PathsPlanProps {
  document: DesignDocument
  drawing: PlanDrawing
  /** Leads of the supply, drawn instead of the cables; null to draw the cables. */
  leads: readonly PlanRun[] | null
  widthPx: number
  /** Links of the way that is lit. */
  litLinks: ReadonlySet<string>
  moving: boolean
  onLight: (driveId: string | null) => void
  /** What the design would be while a card or cable is held over another place. */
  onTry: (document: DesignDocument | null) => void
}

interface Held {
  label: string
  /** The design with it put there; null where it does not go. */
  putOn: (place: Place, document: DesignDocument) => DesignDocument | null
}

type Place = { kind: 'slot'; slot: PlanSlot } | { kind: 'port'; port: PlanPort }

/** The machine from above with its cables, lanes and links; cards and cable ends can be dragged. */
export function PathsPlan(props: PathsPlanProps) {
  const { document, drawing, leads, widthPx, litLinks, moving, onLight, onTry } = props
  const edit = useEdit()
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }))
  const put = ({ active, over }: DragEndEvent | DragOverEvent): DesignDocument | null => {
    const held = active.data.current as Held | undefined
    const place = over?.data.current as Place | undefined
    return held && place ? held.putOn(place, document) : null
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragOver={(event) => {
        onTry(put(event))
      }}
      onDragCancel={() => {
        onTry(null)
      }}
      onDragEnd={(event) => {
        onTry(null)
        const held = event.active.data.current as Held | undefined
        const changed = put(event)
        if (held && changed) edit(held.label, () => changed)
      }}
    >
      <TopView
        document={document}
        widthPx={widthPx}
        pointedPartIds={[]}
        hidesCardWords={!leads}
        overlay={(pxPerMm) => (
          <>
            <PlanRuns
              runs={leads ?? drawing.runs}
              widest={leads ? null : widestOf(drawing.runs)}
              litLinks={litLinks}
              moving={moving}
              pxPerMm={pxPerMm}
            />
            <Chips drawing={drawing} pxPerMm={pxPerMm} />
            {!leads && (
              <>
                {drawing.slots.map((slot) => (
                  <SlotPlace key={slot.slot} slot={slot} pxPerMm={pxPerMm} />
                ))}
                {drawing.slots.map((slot) => (
                  <HeldCard key={slot.slot} slot={slot} pxPerMm={pxPerMm} />
                ))}
                {drawing.ports.map((port) => (
                  <PortPlace
                    key={`${port.host.id}:${port.connector}`}
                    port={port}
                    pxPerMm={pxPerMm}
                  />
                ))}
                {drawing.cables.map((cable) => (
                  <HeldCable key={cable.cable.id} {...cable} pxPerMm={pxPerMm} />
                ))}
                {drawing.ends.map((end) => (
                  <HeldEnd key={end.end.id} end={end} pxPerMm={pxPerMm} onLight={onLight} />
                ))}
              </>
            )}
          </>
        )}
      />
    </DndContext>
  )
}

const widestOf = (runs: readonly PlanRun[]): number =>
  Math.max(1, ...runs.map(({ bytesPerSecond }) => bytesPerSecond ?? 0))

interface PlanRunsProps {
  runs: readonly PlanRun[]
  /** Rate of the widest; null draws all alike. */
  widest: number | null
  litLinks: ReadonlySet<string>
  moving: boolean
  pxPerMm: number
}

/** How wide a line is says its rate, how dark and dashed it is its load. */
function PlanRuns({ runs, widest, litLinks, moving, pxPerMm }: PlanRunsProps) {
  const isLit = ({ linkIds }: PlanRun): boolean => linkIds.some((id) => litLinks.has(id))
  // What is lit is drawn last, so that nothing lies over it.
  const ordered = [...runs].sort((one, other) => Number(isLit(one)) - Number(isLit(other)))
  return (
    <svg className={styles.runs} aria-hidden="true">
      {ordered.map((run) => {
        const share = widest === null ? 0.4 : Math.sqrt((run.bytesPerSecond ?? 0) / widest)
        return (
          <path
            key={run.id}
            d={run.points
              .map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x * pxPerMm} ${y * pxPerMm}`)
              .join(' ')}
            strokeWidth={Math.max(THINNEST_PX, share * WIDEST_PX)}
            className={[
              styles.link,
              loadClass(run.share),
              isLit(run) && styles.lit,
              moving && run.share > 0 && styles.moving,
            ]
              .filter(Boolean)
              .join(' ')}
          >
            <title>{run.words}</title>
          </path>
        )
      })}
    </svg>
  )
}

function Chips({ drawing: { cpu, chipset }, pxPerMm }: { drawing: PlanDrawing; pxPerMm: number }) {
  const chip = (at: PlanPoint | null, name: string) =>
    at && (
      <span className={styles.chip} style={{ left: at.x * pxPerMm, top: at.y * pxPerMm }}>
        {name}
      </span>
    )
  return (
    <>
      {chip(cpu, 'CPU')}
      {chip(chipset, 'chipset')}
    </>
  )
}

/** A slot that cards can be dragged to. The choice in the tray does the same from the keyboard. */
function SlotPlace({ slot, pxPerMm }: { slot: PlanSlot; pxPerMm: number }) {
  const data: Place = { kind: 'slot', slot }
  const { setNodeRef, isOver, active } = useDroppable({ id: `slot-${slot.slot}`, data })
  const isHeld = active?.id.toString().startsWith('card ')
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
    >
      <span>{slot.cardName ?? `slot ${slot.slot}`}</span>
    </div>
  )
}

interface HeldCardProps {
  slot: PlanSlot
  pxPerMm: number
}

/** The card in a slot, to be dragged to another. */
function HeldCard({ slot, pxPerMm }: HeldCardProps) {
  const { cardId } = slot
  const held: Held = {
    label: 'move a card to another slot',
    putOn: (place, before) => {
      if (place.kind !== 'slot' || cardId === null || place.slot.slot === slot.slot) return null
      return fitsSlot(before, cardId, place.slot.slot)
        ? pinCard(before, cardId, place.slot.slot)
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

function fitsSlot(document: DesignDocument, cardId: string, slotNumber: number): boolean {
  const slot = fittedOne(document, 'board')?.sheet.slots?.[slotNumber - 1]
  const snapshotId = document.fitted.find(({ id }) => id === cardId)?.snapshotId
  const sheet = document.snapshots.find(({ id }) => id === snapshotId)?.sheet
  if (!slot || !sheet || !('lanes' in sheet)) return false
  return takesEdge(slot, { lanes: sheet.lanes ?? 1 })
}

function PortPlace({ port, pxPerMm }: { port: PlanPort; pxPerMm: number }) {
  const data: Place = { kind: 'port', port }
  const id = `port ${port.host.id}:${port.connector}`
  const { setNodeRef, isOver, active } = useDroppable({ id, data })
  const isHeld = active?.id.toString().startsWith('end ')
  return (
    <div
      ref={setNodeRef}
      data-port={`${port.host.id}:${port.connector}`}
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

interface HeldCableProps {
  cable: DataCable
  at: PlanPoint
  pxPerMm: number
}

/** A cable in its port; dragged to another port, all its ends go with it. */
function HeldCable({ cable, at, pxPerMm }: HeldCableProps) {
  const held: Held = {
    label: 'plug a cable into another port',
    putOn: (place, before) => {
      if (place.kind !== 'port') return null
      const { host, connector } = place.port
      if (!cable.ends.every((end) => takes(host, end))) return null
      return cable.ends.reduce(
        (design, end) => pinPort(design, end.id, { hostId: host.id, connector }, host.lanes),
        before,
      )
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
      title={`Port ${cable.connectors.join(' and ')} of ${cable.host.name}; drag the plug to another port`}
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
function HeldEnd({ end, pxPerMm, onLight }: HeldEndProps) {
  const held: Held = {
    label: 'lead a cable to another port',
    putOn: (place, before) => {
      if (place.kind !== 'port' || !takes(place.port.host, end.end)) return null
      const { host, connector } = place.port
      return pinPort(before, end.end.id, { hostId: host.id, connector }, host.lanes)
    },
  }
  const { setNodeRef, listeners, transform } = useDraggable({ id: `end ${end.end.id}`, data: held })
  return (
    <div
      ref={setNodeRef}
      {...listeners}
      data-plug={end.end.id}
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
