import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'
import { cardsOf } from '../fit/cards'
import { ethernetBytesPerSecond, USUAL_DRIVE_BYTES_PER_SECOND } from './linkRates'
import type { Card } from './placeCards'

/** A card whose edge no data sheet gives. The shortest that such cards have; common practice, no source. */
const USUAL_LANES = 4

/**
 * What must each card move, so that nothing behind it waits?
 *
 * A controller as many drives as it has ports and the design has drives, at the mean of their outer rates; a
 * network card all its ports; a display card nothing that matters here.
 */
export function cardNeeds(document: DesignDocument): Card[] {
  const drives = fittedOfKind(document, 'drive').filter(({ part }) => part.bay !== null)
  const total = drives.reduce(
    (sum, { sheet }) => sum + (sheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND),
    0,
  )
  const mean = drives.length > 0 ? total / drives.length : 0
  let left = drives.length
  return cardsOf(document).map(({ part, sheet }) => {
    let needBytesPerSecond = 0
    if (sheet.kind === 'controller') {
      const taken = Math.min(sheet.drivePorts, left)
      left -= taken
      needBytesPerSecond = taken * mean
    }
    if (sheet.kind === 'nic' && sheet.bitsPerSecond !== null) {
      needBytesPerSecond = sheet.ports * ethernetBytesPerSecond(sheet.bitsPerSecond)
    }
    return {
      id: part.id,
      lanes: sheet.lanes ?? USUAL_LANES,
      pcieGeneration: sheet.pcieGeneration ?? 3,
      needBytesPerSecond,
    }
  })
}
