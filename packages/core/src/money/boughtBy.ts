import { type Amount, exactly } from '../units/amount'
import type { CostFigure } from './billOfMaterials'

/**
 * What is bought by a day: all of it but what can wait until after that day. What has no day counts.
 *
 * @param day as ISO 8601 has it; null for all that is ever bought
 * Of 1,200.00 with 300.00 planned for 2027-06-01, 900.00 are bought by 2027-01-01.
 */
export function boughtBy(
  { lines, total }: Pick<CostFigure, 'lines' | 'total'>,
  day: string | null,
): Amount<'money'> {
  if (day === null) return total
  const later = lines.filter(({ buy, on }) => buy === 'later' && on !== null && on > day)
  const minor = later.reduce((sum, { sumMinor }) => sum + (sumMinor ?? 0), 0)
  const ids = new Set<string | null>(later.flatMap(({ partIds }) => partIds))
  const missing = total.missing.filter(({ pieceId }) => !ids.has(pieceId))
  return exactly(total.likely - minor, 'money', missing)
}
