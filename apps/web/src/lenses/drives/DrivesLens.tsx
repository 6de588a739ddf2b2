import {
  DndContext,
  type DragEndEvent,
  DragOverlay,
  type DragStartEvent,
  pointerWithin,
} from '@dnd-kit/core'
import { frontsOf } from '@flint/core/drawing'
import { pieceOf } from '@flint/core/figures'
import { useState } from 'react'
import { BENCH, type Drag, readDrag } from '../../drawing/drag'
import { FrontElevation } from '../../drawing/FrontElevation'
import { planTitle } from '../../drawing/planTitle'
import { useDragSensors } from '../../drawing/useDragSensors'
import { useWidth } from '../../drawing/useWidth'
import { format } from '../../controls/locale'
import { LensFrame } from '../../sheet/LensFrame'
import {
  selectBayPlan,
  selectMachine,
  selectPointedFinding,
  selectPulledDrives,
  selectPulledPools,
  selectSelectedBays,
} from '../../sheet/selectors'
import { baysSelected, drivesPulled } from '../../store/sheetSlice'
import { focusFirstOffer } from '../../sheet/toOffers'
import { useEdit } from '../../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import { Bench } from './Bench'
import { DrivesTray } from './DrivesTray'
import { GroupsLegend } from './GroupsLegend'
import { CandidatesView } from './CandidatesView'
import { DrivesPlan } from './DrivesPlan'
import { PulledDrives } from './PulledDrives'
import { Sockets } from './Sockets'
import { SurvivalStrip } from './SurvivalStrip'
import { type DrivesView, ViewSwitch } from './ViewSwitch'
import styles from './drives.module.css'

/** Drives into bays, bays into groups. */
export function DrivesLens() {
  const dispatch = useAppDispatch()
  const edit = useEdit()
  const machine = useAppSelector(selectMachine)
  const bays = useAppSelector(selectBayPlan)
  const selected = useAppSelector(selectSelectedBays)
  const pointed = useAppSelector(selectPointedFinding)
  const pulledIds = useAppSelector(selectPulledDrives)
  const pulledPools = useAppSelector(selectPulledPools)
  const [dragged, setDragged] = useState<Drag | null>(null)
  const [paneRef, widthPx] = useWidth()
  const sensors = useDragSensors()
  const chassis = pieceOf(machine, 'chassis')?.dataSheet

  function onDragStart({ active }: DragStartEvent): void {
    setDragged(readDrag(active.data.current))
  }

  function onDragEnd({ active, over }: DragEndEvent): void {
    setDragged(null)
    const drag = readDrag(active.data.current)
    if (!drag || !over) return
    const target = String(over.id)
    if (drag.what === 'drive') {
      const { driveId } = drag
      const bay = target === BENCH ? null : target
      edit({ do: 'move-drive', driveId, bay })
    } else if (target !== BENCH) {
      const into = selected.includes(target) ? selected : [target]
      const { model } = drag
      edit({ do: 'put-drives', model, bays: into })
    }
  }

  function remove(driveIds: string[]): void {
    edit({ do: 'remove', partIds: driveIds })
  }

  const [view, setView] = useState<DrivesView>('front')
  const filled = bays.bays.filter(({ drive }) => drive !== null).length
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
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
            onShowCandidates={() => {
              setView('candidates')
            }}
          />
        }
      >
        <div ref={paneRef}>
          <h2 className={styles.heading}>
            <ViewSwitch view={view} planTitle={planTitle(machine)} onView={setView} />
            {chassis && view !== 'candidates' && (
              <span className="aside">
                {chassis.maker} {chassis.model}, {format.counted(bays.bays.length, 'bay')}: {filled}{' '}
                filled, {bays.bays.length - filled} free
              </span>
            )}
          </h2>
          {view === 'candidates' && <CandidatesView />}
          {view === 'plan' && <DrivesPlan widthPx={widthPx} />}
          <div className={styles.besides} hidden={view !== 'front'}>
            <div>
              {chassis ? (
                <FrontElevation
                  fronts={frontsOf(machine.ofKind)}
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
                    edit({ do: 'move-drive', driveId, bay })
                  }}
                />
              ) : (
                <p className="soft">This design has no chassis, so there are no bays to fill.</p>
              )}
              <div className={styles.beneath}>
                <Sockets />
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
            <span className="figure">{format.drive(dragged.sheet.capacityBytes)}</span>
          </div>
        )}
      </DragOverlay>
    </DndContext>
  )
}
