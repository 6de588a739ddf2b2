import type { Placement } from '@flint/core/figures'
import { format } from '../../controls/locale'

/**
 * What another way to place the cards gives away against the best, in words; and what it gains, as when fewer
 * cards hang off the chipset.
 */
export function tradeWords(best: Placement, other: Placement): string {
  const parts: string[] = []
  const left = other.leftIds.length - best.leftIds.length
  if (left > 0) parts.push(`${format.counted(left, 'card')} more without a slot`)
  const [before, after] = [shortOf(best), shortOf(other)]
  if (after > before) parts.push(`${format.rate(after - before)} more missing`)
  const users = other.chipsetUsers - best.chipsetUsers
  if (users > 0) parts.push(`${format.counted(users, 'card')} more on the chipset`)
  if (users < 0) parts.push(`${format.counted(-users, 'card')} fewer on the chipset`)
  return parts.length > 0 ? parts.join(', ') : 'as good'
}

const shortOf = ({ placed }: Placement): number =>
  placed.reduce((sum, { shortBytesPerSecond }) => sum + shortBytesPerSecond, 0)
