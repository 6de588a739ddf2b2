import { type Bay as BayPlace, bayName, type Front, frontsExtent } from '@flint/core/drawing'
import type { BayUse } from '@flint/core/figures'
import { type KeyboardEvent, type MouseEvent, useEffect, useRef, useState } from 'react'
import { Bay } from './Bay'
import { DimensionArrow } from './DimensionArrow'
import { useMarquee } from './useMarquee'
import { isDirection, nextBay } from './nextBay'
import styles from './elevation.module.css'

/** A bay's words need this much room, whatever else would fit. */
const SMALLEST_BAY_PX = { across: 120, down: 31 }
const LARGEST_PX_PER_MM = 1.75
const ROOM_FOR_HEIGHT_PX = 76
/** What the lens would like to put beside the drawing. */
const ROOM_BESIDE_PX = 298
/** CSS counts 96 pixels an inch. */
const CSS_PX_PER_MM = 96 / 25.4

interface FrontElevationProps {
  /** That of the machine first, then those of its enclosures. */
  fronts: readonly Front[]
  uses: readonly BayUse[]
  widthPx: number
  selected: readonly string[]
  pointedPartIds: readonly string[]
  onSelect: (bayIds: string[]) => void
  /** Enter: on to what the tray offers for the chosen bays. */
  onEnter: () => void
  onRemove: (driveIds: string[]) => void
  onMove: (driveId: string, bay: string) => void
  /** Drives pulled in thought, and those that would be one too many. */
  pulledIds: readonly string[]
  fatalNextIds: readonly string[]
  onPull: (driveIds: string[]) => void
}

/** The front of the machine, to scale, with every bay. */
export function FrontElevation(props: FrontElevationProps) {
  const { fronts, uses, widthPx, selected, pointedPartIds, onSelect } = props
  const { widthMm, heightMm } = frontsExtent(fronts)
  const [current, setCurrent] = useState(uses[0]?.bay.id ?? '')
  const [carriedId, setCarriedId] = useState<string | null>(null)
  const [said, setSaid] = useState('')
  const anchor = useRef(current)
  const buttons = useRef(new Map<string, HTMLButtonElement>())
  const pxPerMm = scaleFor(widthMm, uses, widthPx)
  const bays = uses.map(({ bay }) => bay)
  const tabStop = uses.some(({ bay }) => bay.id === current) ? current : bays[0]?.id

  const { marquee, onPointerDown, swallowsClick } = useMarquee(bays, pxPerMm, onSelect)
  const rows = rowsOf(uses)

  const focusBay = (id: string): void => buttons.current.get(id)?.focus()

  // Other parts of the sheet bring the keyboard back to the drawing by asking for it.
  useEffect(() => {
    const back = (): void => {
      if (tabStop) buttons.current.get(tabStop)?.focus()
    }
    document.addEventListener('flint:to-drawing', back)
    return () => {
      document.removeEventListener('flint:to-drawing', back)
    }
  }, [tabStop])

  function rangeTo(target: string): string[] {
    const from = bays.findIndex(({ id }) => id === anchor.current)
    const to = bays.findIndex(({ id }) => id === target)
    return bays.slice(Math.min(from, to), Math.max(from, to) + 1).map(({ id }) => id)
  }

  function select(id: string, { shiftKey, ctrlKey, metaKey }: MouseEvent | KeyboardEvent): void {
    if (shiftKey) {
      onSelect(rangeTo(id))
    } else if (ctrlKey || metaKey) {
      anchor.current = id
      onSelect(selected.includes(id) ? selected.filter((other) => other !== id) : [...selected, id])
    } else {
      anchor.current = id
      onSelect([id])
    }
  }

  function walk(use: BayUse, event: KeyboardEvent): void {
    if (!isDirection(event.key)) return
    const target = nextBay(bays, use.bay, event.key)
    focusBay(target.id)
    if (event.shiftKey) onSelect(rangeTo(target.id))
    else anchor.current = target.id
  }

  function carry({ bay, drive }: BayUse): void {
    if (carriedId !== null) {
      props.onMove(carriedId, bay.id)
      setSaid(`Put in ${bayName(bay)}.`)
      setCarriedId(null)
    } else if (drive) {
      setCarriedId(drive.part.id)
      setSaid(`Carrying the drive from ${bayName(bay)}. Walk to a bay and press M or Enter.`)
    }
  }

  function chooseRow(row: readonly BayUse[]): void {
    onSelect(row.map(({ bay }) => bay.id))
  }

  function letGo(): void {
    if (carriedId !== null) setSaid('Left where it was.')
    setCarriedId(null)
    onSelect([])
  }

  function failureOf({ drive }: BayUse): 'taken as failed' | 'fatal next' | null {
    if (!drive || props.pulledIds.length === 0) return null
    if (props.pulledIds.includes(drive.part.id)) return 'taken as failed'
    return props.fatalNextIds.includes(drive.part.id) ? 'fatal next' : null
  }

  function onKeyDown(use: BayUse, event: KeyboardEvent): void {
    if (event.altKey) return
    const { key } = event
    const command = event.ctrlKey || event.metaKey
    const chosen = uses.filter(({ bay }) => selected.includes(bay.id))
    const affected = chosen.some(({ bay }) => bay.id === use.bay.id) ? chosen : [use]
    const actions: Partial<Record<string, () => void>> = {
      ' ': () => select(use.bay.id, { ...event, ctrlKey: true, shiftKey: false }),
      Enter: () => {
        if (carriedId !== null) {
          carry(use)
          return
        }
        if (!selected.includes(use.bay.id)) select(use.bay.id, { ...event, shiftKey: false })
        props.onEnter()
      },
      Escape: letGo,
      Delete: () => props.onRemove(affected.flatMap(({ drive }) => drive?.part.id ?? [])),
      m: () => carry(use),
      r: () => {
        chooseRow(rows.find((row) => row.some(({ bay }) => bay.id === use.bay.id)) ?? [use])
      },
      x: () => props.onPull(affected.flatMap(({ drive }) => drive?.part.id ?? [])),
      a: () => {
        if (command) onSelect(bays.map(({ id }) => id))
      },
    }
    const action = isDirection(key) ? () => walk(use, event) : actions[key]
    if (!action || (command && key !== 'a' && key !== ' ')) return
    if (key === 'a' && !command) return
    event.preventDefault()
    event.stopPropagation()
    action()
  }

  return (
    <div className={styles.frame}>
      <div
        className={styles.front}
        role="grid"
        aria-label={fronts
          .map((front) => `Front of the ${front.name}, ${front.widthMm} by ${front.heightMm} mm`)
          .join('; ')}
        aria-multiselectable="true"
        onPointerDown={onPointerDown}
        style={{ width: widthMm * pxPerMm, height: heightMm * pxPerMm }}
      >
        {fronts.map((front) => (
          <div
            key={front.partId}
            className={styles.case}
            style={{
              top: front.topMm * pxPerMm,
              width: front.widthMm * pxPerMm,
              height: front.heightMm * pxPerMm,
            }}
          >
            {front.topMm > 0 && <span className={styles.frontName}>{front.name}</span>}
          </div>
        ))}
        {rows.map((row) => (
          <div role="row" key={row[0]?.bay.id} style={{ display: 'contents' }}>
            {row.map((use) => (
              <Bay
                key={use.bay.id}
                use={use}
                pxPerMm={pxPerMm}
                chosen={selected.includes(use.bay.id)}
                pointed={use.drive !== null && pointedPartIds.includes(use.drive.part.id)}
                carried={use.drive !== null && use.drive.part.id === carriedId}
                failure={failureOf(use)}
                tabIndex={use.bay.id === tabStop ? 0 : -1}
                buttonRef={(node) => {
                  if (node) buttons.current.set(use.bay.id, node)
                  else buttons.current.delete(use.bay.id)
                }}
                onClick={(event) => {
                  if (!swallowsClick()) select(use.bay.id, event)
                }}
                onKeyDown={(event) => {
                  onKeyDown(use, event)
                }}
                onFocus={() => {
                  setCurrent(use.bay.id)
                }}
              />
            ))}
          </div>
        ))}
        {marquee && (
          <div
            className={styles.marquee}
            style={{
              left: marquee.leftPx,
              top: marquee.topPx,
              width: marquee.widthPx,
              height: marquee.heightPx,
            }}
          />
        )}
      </div>
      {rows.length > 1 && <RowHandles rows={rows} pxPerMm={pxPerMm} onChoose={chooseRow} />}
      <DimensionArrow
        direction="down"
        lengthPx={(fronts[0]?.heightMm ?? 0) * pxPerMm}
        millimetres={fronts[0]?.heightMm ?? 0}
      />
      <DimensionArrow direction="across" lengthPx={widthMm * pxPerMm} millimetres={widthMm} />
      <span className="figure soft" title="Drawing scale at 96 pixels an inch">
        1 : {(CSS_PX_PER_MM / pxPerMm).toFixed(1)}
      </span>
      <span className="only-for-readers" role="status">
        {said}
      </span>
    </div>
  )
}

/** One handle beside each row, to choose its bays. */
function RowHandles({
  rows,
  pxPerMm,
  onChoose,
}: {
  rows: readonly BayUse[][]
  pxPerMm: number
  onChoose: (row: readonly BayUse[]) => void
}) {
  return (
    <div className={styles.rowHandles}>
      {rows.map((row, index) => {
        const bay = row[0]?.bay
        if (!bay) return null
        return (
          <button
            key={bay.id}
            type="button"
            aria-label={`Choose row ${index + 1}, ${row.length} ${row.length === 1 ? 'bay' : 'bays'}`}
            title="Choose this row (R in one of its bays)"
            style={{ top: bay.topMm * pxPerMm, height: bay.heightMm * pxPerMm }}
            onClick={() => {
              onChoose(row)
            }}
          />
        )
      })}
    </div>
  )
}

/**
 * As large as the pane allows with room beside the drawing; without, where that would leave too little
 * for the words of a bay; and never so small that they have no room at all.
 */
function scaleFor(widthMm: number, uses: readonly BayUse[], widthPx: number): number {
  const needed = Math.max(0, ...uses.map(({ bay }) => neededScale(bay)))
  const alone = (widthPx - ROOM_FOR_HEIGHT_PX) / widthMm
  const shared = alone - ROOM_BESIDE_PX / widthMm
  return Math.max(needed, Math.min(shared >= needed ? shared : alone, LARGEST_PX_PER_MM))
}

function neededScale({ widthMm, heightMm }: BayPlace): number {
  const upright = heightMm > widthMm
  if (upright) return 48 / widthMm
  return Math.max(SMALLEST_BAY_PX.across / widthMm, SMALLEST_BAY_PX.down / heightMm)
}

function rowsOf(uses: readonly BayUse[]): BayUse[][] {
  const rows = new Map<number, BayUse[]>()
  for (const use of uses) {
    const row = rows.get(use.bay.topMm)
    if (row) row.push(use)
    else rows.set(use.bay.topMm, [use])
  }
  return [...rows.values()]
}
