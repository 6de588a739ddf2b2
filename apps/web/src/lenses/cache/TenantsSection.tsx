import { DndContext, type DragEndEvent, pointerWithin, useDroppable } from '@dnd-kit/core'
import { DATA_KINDS, type DataKind } from '@flint/core/editing'
import { Evaluator } from '@flint/core/figures'
import { useMemo } from 'react'
import { useDragSensors } from '../../drawing/useDragSensors'
import { selectDesign, selectEvaluation, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { DataRows } from './DataRows'
import { PoolRow } from './PoolRow'
import { suggestedPlacing } from './suggestedPlacing'
import styles from './cache.module.css'

/** The drop place that is no pool. */
const ANYWHERE = 'anywhere'

/** Which pool holds what, whether it finds room there, and how each pool stands to what lives there. */
export function TenantsSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const evaluation = useAppSelector(selectEvaluation)
  const edit = useEdit()
  const sensors = useDragSensors()
  const standings = useMemo(() => new Evaluator().standings(design, machine), [design, machine])
  const { brief, pools, tenants } = design
  if (pools.length === 0) return null
  // With one pool there is nothing to choose.
  const suggested = pools.length > 1 ? suggestedPlacing(design, evaluation, machine) : []

  function place(kind: DataKind, poolId: string | null): void {
    edit({ do: 'place-data', kind, poolId })
  }

  function onDragEnd({ active, over }: DragEndEvent): void {
    const kind = DATA_KINDS.find((one) => one === active.id)
    if (kind && over) place(kind, over.id === ANYWHERE ? null : String(over.id))
  }

  return (
    <section aria-label="Who lives where">
      <h2>
        Who lives where
        <span className="aside">
          take data to a pool or choose one; what is placed on a pool has to fit there
        </span>
      </h2>
      <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={onDragEnd}>
        <div className={styles.tables}>
          <Anywhere>
            <table className="lined">
              <thead>
                <tr>
                  <th scope="col">Data</th>
                  <th scope="col">At the end</th>
                  <th scope="col">Lives on</th>
                </tr>
              </thead>
              <tbody>
                <DataRows
                  data={brief.data}
                  horizonYears={brief.horizonYears}
                  pools={pools.filter(({ id }) => !tenants.scratchPoolIds.includes(id))}
                  homeOf={new Map(tenants.homes.map(({ kind, poolId }) => [kind, poolId]))}
                  onPlace={place}
                />
                {brief.data.length === 0 && (
                  <tr>
                    <td colSpan={3} className="soft">
                      The brief names no data yet.
                    </td>
                  </tr>
                )}
              </tbody>
            </table>
            {suggested.length > 0 && (
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  edit({ do: 'several', what: 'place the data as suggested', edits: suggested })
                }}
              >
                Place it as suggested
              </button>
            )}
          </Anywhere>
          <table className="lined">
            <thead>
              <tr>
                <th scope="col">Pool</th>
                <th scope="col">Placed on it</th>
                <th scope="col">Usable</th>
                <th scope="col">Survives</th>
                <th scope="col">One more failure</th>
                <th scope="col">A reader gets</th>
                <th scope="col">For</th>
              </tr>
            </thead>
            <tbody>
              {standings.map((standing) => (
                <PoolRow
                  key={standing.poolId}
                  name={pools.find(({ id }) => id === standing.poolId)?.name ?? ''}
                  standing={standing}
                  workingBytes={
                    evaluation.capacity.pools.find(({ poolId }) => poolId === standing.poolId)
                      ?.workingBytes ?? 0
                  }
                  onScratch={(isScratch) => {
                    edit({ do: 'use-for-scratch', poolId: standing.poolId, isScratch })
                  }}
                />
              ))}
            </tbody>
          </table>
        </div>
      </DndContext>
    </section>
  )
}

/** Data that is taken back here lives wherever there is room. */
function Anywhere({ children }: { children: React.ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: ANYWHERE })
  return (
    <div ref={setNodeRef} data-over={isOver || undefined}>
      {children}
    </div>
  )
}
