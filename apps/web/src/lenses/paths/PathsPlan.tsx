import { DndContext, type DragEndEvent, type DragOverEvent, pointerWithin } from '@dnd-kit/core'
import { applyEdit, type Design, type Edit } from '@flint/core/editing'
import type { Machine } from '@flint/core/figures'
import { useAppSelector } from '../../store/hooks'
import { selectDesign } from '../../sheet/selectors'
import type { Label } from '../../drawing/placeLabels'
import { useDragSensors } from '../../drawing/useDragSensors'
import { PlanView } from '../../drawing/PlanView'
import { useEdit } from '../../sheet/useEdit'
import { loadClass } from './loadClass'
import {
  type Held,
  HeldCable,
  HeldCard,
  HeldEnd,
  type Place,
  PortPlace,
  SlotPlace,
} from './planHandles'
import type { PlanDrawing, PlanPoint, PlanRun } from '../../drawing/planRuns'
import { strokePx } from './strokePx'
import styles from './paths.module.css'

/** Leads are all drawn alike. */
const LEAD_PX = 3.5
/** Where along a card its words are, as a share of its length from the front. */
const SLOT_WORDS_AT = 0.75

interface PathsPlanProps {
  machine: Machine
  drawing: PlanDrawing
  /** Leads of the supply, drawn instead of the cables; null to draw the cables. */
  leads: readonly PlanRun[] | null
  widthPx: number
  /** Links of the way that is highlighted. */
  highlightedLinks: ReadonlySet<string>
  moving: boolean
  onLight: (driveId: string | null) => void
  /** What the design would be while a card or cable is held over another place. */
  onTry: (design: Design | null) => void
}

/** The machine from above with its cables, lanes and links; cards and cable ends can be dragged. */
export function PathsPlan(props: PathsPlanProps) {
  const { machine, drawing, leads, widthPx, highlightedLinks, moving, onLight, onTry } = props
  const design = useAppSelector(selectDesign)
  const edit = useEdit()
  const sensors = useDragSensors()
  const put = ({ active, over }: DragEndEvent | DragOverEvent): Edit | null => {
    const held = active.data.current as Held | undefined
    const place = over?.data.current as Place | undefined
    return held && place ? held.putOn(place) : null
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      onDragOver={(event) => {
        const tried = put(event)
        onTry(tried && applyEdit(design, tried))
      }}
      onDragCancel={() => {
        onTry(null)
      }}
      onDragEnd={(event) => {
        onTry(null)
        const done = put(event)
        if (done) edit(done)
      }}
    >
      <PlanView
        machine={machine}
        design={design}
        widthPx={widthPx}
        pointedPartIds={[]}
        hidesCardWords={!leads}
        overlayLabels={(pxPerMm) => planLabels(drawing, !leads, pxPerMm)}
        overlay={(pxPerMm) => (
          <>
            <PlanRuns
              runs={leads ?? drawing.runs}
              widest={leads ? null : widestOf(drawing.runs)}
              highlightedLinks={highlightedLinks}
              moving={moving}
              pxPerMm={pxPerMm}
            />
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
                  <HeldEnd key={end.end.key} end={end} pxPerMm={pxPerMm} onLight={onLight} />
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
  highlightedLinks: ReadonlySet<string>
  moving: boolean
  pxPerMm: number
}

/** How wide a line is says its rate, how dark and dashed it is its load. */
function PlanRuns({ runs, widest, highlightedLinks, moving, pxPerMm }: PlanRunsProps) {
  const isHighlighted = ({ linkIds }: PlanRun): boolean =>
    linkIds.some((id) => highlightedLinks.has(id))
  // What is highlighted is drawn last, so that nothing lies over it.
  const ordered = [...runs].sort(
    (one, other) => Number(isHighlighted(one)) - Number(isHighlighted(other)),
  )
  return (
    <svg className={styles.runs} aria-hidden="true">
      {ordered.map((run) => {
        const strokeWidth = widest === null ? LEAD_PX : strokePx(run.bytesPerSecond ?? 0, widest)
        return (
          <path
            key={run.id}
            d={run.points
              .map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x * pxPerMm} ${y * pxPerMm}`)
              .join(' ')}
            strokeWidth={strokeWidth}
            className={[
              styles.link,
              loadClass(run.share),
              isHighlighted(run) && styles.highlighted,
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

/** What is said on the drawing beside the boxes: CPU and chipset, and the cards in their slots. */
function planLabels(
  { cpu, chipset, slots }: PlanDrawing,
  withSlots: boolean,
  pxPerMm: number,
): Label[] {
  const chip = (at: PlanPoint | null, text: string): Label[] =>
    at ? [{ id: text, text, x: at.x * pxPerMm, y: at.y * pxPerMm, look: 'chip' }] : []
  return [
    ...chip(cpu, 'CPU'),
    ...chip(chipset, 'chipset'),
    ...(withSlots ? slots : []).map(({ slot, cardName, x, y, widthMm, lengthMm }): Label => ({
      id: `slot ${slot}`,
      text: cardName ?? `slot ${slot}`,
      // Towards the rear, where fewer cables lie.
      x: (x + lengthMm * SLOT_WORDS_AT) * pxPerMm,
      y: (y + widthMm / 2) * pxPerMm,
      look: 'words',
    })),
  ]
}
