import type { Machine } from '@flint/core/figures'
import { memo, useMemo } from 'react'
import { leadRuns, planDrawing, type PlanRun } from './planRuns'
import styles from './plan.module.css'

interface PlanCablesProps {
  machine: Machine
  pxPerMm: number
}

/** Cables and leads as they run, for lenses in which nothing is done with them. */
export const PlanCables = memo(function PlanCables({ machine, pxPerMm }: PlanCablesProps) {
  const [cables, leads] = useMemo(() => {
    const cableIds = new Set(
      machine.links.flatMap(({ id, kind }) => (kind === 'cable' || kind === 'port' ? [id] : [])),
    )
    const runs = planDrawing(machine, { loads: [] })?.runs ?? []
    return [runs.filter(({ linkIds }) => linkIds.some((id) => cableIds.has(id))), leadRuns(machine)]
  }, [machine])
  const path = ({ points }: PlanRun): string =>
    points.map(({ x, y }) => `${x * pxPerMm},${y * pxPerMm}`).join(' ')
  return (
    <svg className={styles.cables} aria-hidden="true">
      {leads.map((run) => (
        <polyline key={run.id} points={path(run)} className={styles.lead}>
          <title>{run.words}</title>
        </polyline>
      ))}
      {cables.map((run) => (
        <polyline key={run.id} points={path(run)} className={styles.cable}>
          <title>{run.words}</title>
        </polyline>
      ))}
    </svg>
  )
})
