import type { Machine } from '../machine/machine'
import { sheetName } from './sheetName'

/** The names of pieces as a sentence has them, each name once: "Quillon Keep 12 and Lockrow Six". */
export function partNames({ pieces }: Pick<Machine, 'pieces'>, partIds: readonly string[]): string {
  const names = partIds.flatMap((id) => {
    const piece = pieces.get(id)
    return piece ? [sheetName(piece.dataSheet)] : []
  })
  return [...new Set(names)].join(' and ')
}
