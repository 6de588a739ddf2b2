import { kindOf } from '../catalogue/partKinds'
import { drivesOutside } from '../machine/drivesOutside'
import type { Machine } from '../machine/machine'
import { fittingOf } from '../machine/piece'

export interface MachineWeight {
  /** Everything that is known, grams. */
  grams: number
  notKnownPartIds: string[]
}

/** How heavy is the machine with everything in it? What stands beside it is not lifted with it. */
export function machineWeight(machine: Machine): MachineWeight {
  const elsewhere = new Set([...machine.awayIds, ...drivesOutside(machine)])
  let grams = 0
  const notKnownPartIds: string[] = []
  for (const { id, dataSheet } of machine.pieces.values()) {
    if (kindOf(dataSheet).stands !== 'inside' || elsewhere.has(id)) continue
    // A machine sold whole was weighed with what came in it.
    if (fittingOf(machine.fittings, id).within !== null) continue
    if (dataSheet.weightGrams === null) notKnownPartIds.push(id)
    else grams += dataSheet.weightGrams
  }
  return { grams, notKnownPartIds }
}
