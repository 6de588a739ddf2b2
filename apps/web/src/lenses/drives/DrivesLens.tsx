import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  type DragStartEvent,
  MeasuringStrategy,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import { fittedOne, frontsOf, moveDrive, putDrivesInBays, removeParts } from '@flint/core'
import { useState } from 'react'
import { BENCH, type Drag, readDrag } from '../../drawing/drag'
import { FrontElevation } from '../../drawing/FrontElevation'
import { useWidth } from '../../drawing/useWidth'
import { say } from '../../controls/locale'
import { LensFrame } from '../../sheet/LensFrame'
import {
  selectDocument,
  selectEvaluation,
  selectPointedFinding,
  selectPulledDrives,
  selectPulledPools,
  selectSelectedBays,
} from '../../sheet/selectors'
import { baysSelected, drivesPulled } from '../../sheet/sheetSlice'
import { useEdit } from '../../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import { Bench } from './Bench'
import { DrivesTray } from './DrivesTray'
import { GroupsLegend } from './GroupsLegend'
import { PileView } from './PileView'
import { PulledDrives } from './PulledDrives'
import { SurvivalStrip } from './SurvivalStrip'
import styles from './drives.module.css'

/** Drives into bays, bays into groups. */
export function DrivesLens() {
  const dispatch = useAppDispatch()
  const edit = useEdit()
  const document = useAppSelector(selectDocument)
  const { bays } = useAppSelector(selectEvaluation)
  const selected = useAppSelector(selectSelectedBays)
  const pointed = useAppSelector(selectPointedFinding)
  const pulledIds = useAppSelector(selectPulledDrives)
  const pulledPools = useAppSelector(selectPulledPools)
  const [dragged, setDragged] = useState<Drag | null>(null)
  const [paneRef, widthPx] = useWidth()
  // A press that does not move is a click, which chooses the bay.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }))
  const chassis = fittedOne(document, 'chassis')?.sheet

  function onDragStart({ active }: DragStartEvent): void {
    setDragged(readDrag(active.data.current))
  }

  function onDragEnd({ active, over }: DragEndEvent): void {
    setDragged(null)
    const drag = readDrag(active.data.current)
    if (!drag || !over) return
    const target = String(over.id)
    const size = say.drive(drag.sheet.capacityBytes)
    if (drag.what === 'drive') {
      const { driveId } = drag
      const bay = target === BENCH ? null : target
      edit(bay ? `move ${size} to ${bayWords(bay)}` : `put ${size} on the bench`, (before) =>
        moveDrive(before, driveId, bay),
      )
    } else if (target !== BENCH) {
      const into = selected.includes(target) ? selected : [target]
      const { model } = drag
      edit(
        `put ${size} in ${into.length === 1 ? bayWords(target) : `${into.length} bays`}`,
        (before) => putDrivesInBays(before, model, into),
      )
    }
  }

  function remove(driveIds: string[]): void {
    edit(`take out ${say.counted(driveIds.length, 'drive')}`, (before) =>
      removeParts(before, driveIds),
    )
  }

  const [showsPile, setShowsPile] = useState(false)
  const filled = bays.bays.filter(({ drive }) => drive !== null).length
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      measuring={{ droppable: { strategy: MeasuringStrategy.BeforeDragging } }}
      onDragStart={onDragStart}
      onDragEnd={onDragEnd}
      onDragCancel={() => {
        setDragged(null)
      }}
    >
      <LensFrame
        title="Drives"
        tray={
          <DrivesTray
            onShowPile={() => {
              setShowsPile(true)
            }}
          />
        }
      >
        <div ref={paneRef}>
          <h2 className={styles.heading}>
            <span className={styles.views}>
              <button
                type="button"
                aria-pressed={!showsPile}
                onClick={() => {
                  setShowsPile(false)
                }}
              >
                Front
              </button>
              <button
                type="button"
                aria-pressed={showsPile}
                onClick={() => {
                  setShowsPile(true)
                }}
              >
                What could these drives be?
              </button>
            </span>
            {chassis && !showsPile && (
              <span className="aside">
                {chassis.maker} {chassis.model}, {say.counted(bays.bays.length, 'bay')}: {filled}{' '}
                filled, {bays.bays.length - filled} free
              </span>
            )}
          </h2>
          {showsPile && <PileView />}
          <div className={styles.besides} hidden={showsPile}>
            <div>
              {chassis ? (
                <FrontElevation
                  fronts={frontsOf(document)}
                  uses={bays.bays}
                  widthPx={widthPx}
                  selected={selected}
                  pointedPartIds={pointed?.partIds ?? []}
                  onSelect={(ids) => dispatch(baysSelected(ids))}
                  onEnter={focusFirstOffer}
                  onRemove={remove}
                  pulledIds={pulledIds}
                  fatalNextIds={pulledPools.flatMap(({ fatalNextIds }) => fatalNextIds)}
                  onPull={(ids) => dispatch(drivesPulled(ids))}
                  onMove={(driveId, bay) => {
                    edit(`move a drive to ${bayWords(bay)}`, (before) =>
                      moveDrive(before, driveId, bay),
                    )
                  }}
                />
              ) : (
                <p className="soft">This design has no chassis, so there are no bays to fill.</p>
              )}
              <div className={styles.beneath}>
                <PulledDrives />
                <Bench />
              </div>
            </div>
            <div className={styles.side}>
              <GroupsLegend />
              <SurvivalStrip />
            </div>
          </div>
        </div>
      </LensFrame>
      <DragOverlay dropAnimation={null}>
        {dragged && (
          <div className={styles.carriedDrive}>
            {dragged.sheet.model}
            <span className="figure">{say.drive(dragged.sheet.capacityBytes)}</span>
          </div>
        )}
      </DragOverlay>
    </DndContext>
  )
}

const bayWords = (bayId: string): string => bayId.replace('-', ' ')

function focusFirstOffer(): void {
  // The tray changes with the choice, so its offers are there only after it was drawn anew.
  requestAnimationFrame(() => {
    document.querySelector<HTMLElement>('[data-offer]:not([aria-disabled="true"])')?.focus()
  })
}
