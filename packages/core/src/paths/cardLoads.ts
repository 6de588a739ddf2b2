import type { BayPlan } from '../design/bayUse'
import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'
import { cardNeeds } from './cardNeeds'
import { USUAL_DRIVE_BYTES_PER_SECOND } from './linkRates'
import type { PlacedCard } from './placeCards'
import { placementsOf } from './placements'
import { wiringOf } from './wiring/wiring'

export interface CardLoad extends PlacedCard {
  /** What hangs on it could move. */
  needBytesPerSecond: number
}

/**
 * What does each placed card have to move, with the drives that are wired to it, and what does its slot lack?
 *
 * Slots are chosen before cables, for a controller with all its ports in use; the wiring may give it fewer
 * drives, or none, where its slot is narrow.
 */
export function cardLoads(document: DesignDocument, bays: BayPlan): CardLoad[] {
  const needs = cardNeeds(document)
  const controllers = new Set(fittedOfKind(document, 'controller').map(({ part }) => part.id))
  const rateOf = new Map(
    bays.bays.flatMap(({ drive }) =>
      drive
        ? [
            [
              drive.part.id,
              drive.sheet.outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND,
            ] as const,
          ]
        : [],
    ),
  )
  const { ports } = wiringOf(document, bays).data
  return (placementsOf(document)[0]?.placed ?? []).map((placed) => {
    const { cardId, bytesPerSecond } = placed
    const hanging = ports.filter(
      ({ cable: { host } }) => host.partId === cardId || host.behindId === cardId,
    )
    const needBytesPerSecond = controllers.has(cardId)
      ? hanging.reduce((sum, { driveId }) => sum + (rateOf.get(driveId) ?? 0), 0)
      : (needs.find(({ id }) => id === cardId)?.needBytesPerSecond ?? 0)
    const shortBytesPerSecond = Math.max(0, needBytesPerSecond - bytesPerSecond)
    return { ...placed, needBytesPerSecond, shortBytesPerSecond }
  })
}
