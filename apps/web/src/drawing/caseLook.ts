import { isOpenCase } from '@flint/core/drawing'
import type { SheetOf } from '@flint/core/editing'
import styles from './plan.module.css'

/** How the outline of a case is drawn: pointed at, open, or with walls. */
export function caseLook(
  { id, dataSheet }: { id: string; dataSheet: SheetOf<'chassis'> },
  pointedPartIds: readonly string[],
): string | undefined {
  if (pointedPartIds.includes(id)) return styles.highlighted
  return isOpenCase(dataSheet) ? styles.openCase : styles.case
}
