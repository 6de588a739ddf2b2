import type { Design } from '@flint/core/editing'
import { endOfSerial, type Machine } from '@flint/core/figures'
import { type BayLook, PlainFront } from '../../drawing/PlainFront'
import { format } from '../../controls/locale'
import { sharedSuspects } from './sharedSuspects'
import type { Proof } from './useProof'
import styles from './prove.module.css'

interface ProveFrontProps {
  design: Design
  machine: Machine
  proof: Proof
  pointedPartIds: readonly string[]
}

/** The front, each bay with whether its drive is seen and as it should be. */
export function ProveFront({
  design,
  machine,
  proof: { found, verdicts, ranked, burnIns },
  pointedPartIds,
}: ProveFrontProps) {
  const missing = new Set(found?.missingIds ?? [])
  const pairs = new Map((found?.pairs ?? []).map((pair) => [pair.driveId, pair]))
  const labelOf = new Map(design.fitted.map((part) => [part.id, endOfSerial(part)]))
  const runs = new Map(
    burnIns.flatMap((one) => (one.state === 'ended' ? [] : [[one.driveId, one] as const])),
  )
  const lookOf = (bayId: string): BayLook | null => {
    const driveId = machine.driveIn.get(bayId)
    if (driveId === undefined) return null
    const label = labelOf.get(driveId) ?? ''
    const burning = runs.get(driveId)
    if (burning) {
      const words = `↻ ${format.percent(burning.doneShare)}`
      const isOdd = missing.has(driveId) || burning.state === 'overdue'
      if (!isOdd) return { className: styles.burning, words }
    }
    if (!found) return { className: styles.planned, words: label === '' ? 'planned' : label }
    if (missing.has(driveId)) return { className: styles.missing, words: '✕ missing' }
    const pair = pairs.get(driveId)
    const verdict = verdicts.get(driveId)?.verdict
    const isWrong = (pair?.differs.length ?? 0) > 0 || (verdict !== undefined && verdict !== 'good')
    return isWrong
      ? { className: styles.wrong, words: `△ ${verdict === 'return' ? 'bad' : 'look'}` }
      : { className: styles.seen, words: `✓ ${label === '' ? 'seen' : label}` }
  }
  return (
    <PlainFront
      machine={machine}
      pointedPartIds={pointedPartIds}
      lookOf={lookOf}
      shared={sharedSuspects(ranked, machine)}
      caption={
        found
          ? '✓ seen, ✕ missing, △ not as planned or not to be trusted, ↻ burning in; with the end of its serial number.'
          : 'Nothing has been gathered on the machine yet.'
      }
    />
  )
}
