import { drivesInEnclosures } from '../design/bayBlocks'
import type { DesignDocument } from '../design/document'

export interface MachineWeight {
  /** Everything that is known, grams. */
  grams: number
  notKnownPartIds: string[]
}

/** What stands beside the machine and is not lifted with it. */
const BESIDE = new Set(['place', 'ups', 'enclosure'])

/** How heavy is the machine with everything in it? */
export function machineWeight(document: DesignDocument): MachineWeight {
  const { fitted, snapshots } = document
  const outside = drivesInEnclosures(document)
  const sheets = new Map(snapshots.map(({ id, sheet }) => [id, sheet]))
  let grams = 0
  const notKnownPartIds: string[] = []
  for (const { id, snapshotId } of fitted) {
    const sheet = sheets.get(snapshotId)
    if (!sheet || BESIDE.has(sheet.kind) || outside.has(id)) continue
    if (sheet.weightGrams === null) notKnownPartIds.push(id)
    else grams += sheet.weightGrams
  }
  return { grams, notKnownPartIds }
}
