import { isTray } from '../../catalogue/kinds/cage'
import type { PartSheet } from '../../catalogue/partKinds'
import type { Design } from '../design'
import { bayIdsOf, fittedOne } from '../fittedParts'

/**
 * The bay that a new tray goes into: the last of the case that takes one and is empty.
 *
 * @returns null for what is no tray, and where no bay is left
 */
export function bayForTray(design: Design, sheet: PartSheet): string | null {
  const chassis = fittedOne(design, 'chassis')
  if (sheet.kind !== 'cage' || !isTray(sheet) || !chassis) return null
  const ids = bayIdsOf(chassis.part.id, chassis.sheet)
  const taking = chassis.sheet.bayBlocks.flatMap(({ rows, columns, formFactor, backplane }) =>
    Array<boolean>(rows * columns).fill(formFactor === '3.5' && backplane === null),
  )
  const taken = new Set(design.fitted.map(({ bay }) => bay))
  return ids.filter((id, index) => taking[index] === true && !taken.has(id)).at(-1) ?? null
}
