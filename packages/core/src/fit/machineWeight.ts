import { kindOf } from '../catalogue/partKinds'
import type { Machine } from '../machine/machine'

export interface MachineWeight {
  /** Everything that is known, grams. */
  grams: number
  notKnownPartIds: string[]
}

/** How heavy is the machine with everything in it? What stands beside it is not lifted with it. */
export function machineWeight({ pieces, blocks, driveIn, awayIds }: Machine): MachineWeight {
  const elsewhere = new Set(awayIds)
  for (const { isOutside, bayIds } of blocks) {
    if (!isOutside) continue
    for (const id of bayIds) elsewhere.add(driveIn.get(id) ?? '')
  }
  let grams = 0
  const notKnownPartIds: string[] = []
  for (const { id, dataSheet } of pieces.values()) {
    if (kindOf(dataSheet).stands !== 'inside' || elsewhere.has(id)) continue
    if (dataSheet.weightGrams === null) notKnownPartIds.push(id)
    else grams += dataSheet.weightGrams
  }
  return { grams, notKnownPartIds }
}
