import type { SheetOf } from '../catalogue/partKinds'
import type { Brief } from '../design/brief'
import { idleLossWatts, supplyEfficiency } from './supplyEfficiency'

/**
 * What does a supply take from the wall to deliver this?
 *
 * The two modules of a redundant pair share the load, so each works at half of it, where it is less
 * efficient, and each has its fixed loss: that is what redundancy costs.
 *
 * @param dcWatts delivered behind the supply, 0 or more
 * @example wallWatts(275, { ratedWatts: 550, certificate: 'gold', modules: 1 }, 115) // 305.6
 */
export function wallWatts(
  dcWatts: number,
  { ratedWatts, certificate, modules }: SheetOf<'supply'>,
  mainsVolts: Brief['mainsVolts'],
): number {
  const sharing = modules ?? 1
  const each = dcWatts / sharing
  const eachAtWall =
    each > 0
      ? each / supplyEfficiency(each, ratedWatts, certificate, mainsVolts)
      : idleLossWatts(ratedWatts, certificate, mainsVolts)
  return eachAtWall * sharing
}
