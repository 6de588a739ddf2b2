import type { SupplySheet } from '../catalogue/kinds/supply'
import { brickLoss, converterLoss } from './brickLoss'
import { certifiedLoss, type CertificateSet, mostAtLowLoad } from './certifiedLoss'
import { type Band, mapBand } from '../units/band'
import { lossAt, lossPoint, risingPoints } from './lossCurve'

export type MainsVolts = 115 | 230

/** No supply works so far above its rating; of a rating next to nothing the curve would have no number. */
const HIGHEST_LOAD = 10

/** What of a data sheet says how much its supply loses. */
export type LosingSupply = Pick<
  SupplySheet,
  | 'shape'
  | 'ratedWatts'
  | 'certificate'
  | 'modules'
  | 'efficiencyPoints'
  | 'noLoadWatts'
  | 'meetsLowLoadRule'
  | 'brickClass'
  | 'converterRatedWatts'
>

/**
 * What does a supply lose when it delivers this?
 *
 * Points of its maker count before its class or certificate. The two modules of a redundant pair share the load, so each
 * works at half of it and each has its fixed loss: that is what redundancy costs. Behind a brick a converter loses
 * something of its own, of what the brick must then deliver.
 *
 * @param outputWatts delivered behind it, 0 or more
 * @returns watts; a band where nobody has measured
 */
export function supplyLoss(
  outputWatts: number,
  supply: LosingSupply,
  mainsVolts: MainsVolts,
): Band {
  if (supply.shape === 'brick' && supply.converterRatedWatts !== null) {
    const converter = converterLoss(outputWatts)
    const ofBrick = (end: keyof Band): number =>
      moduleLoss(outputWatts + converter[end], supply, mainsVolts)[end] + converter[end]
    return { low: ofBrick('low'), likely: ofBrick('likely'), high: ofBrick('high') }
  }
  const modules = supply.modules ?? 1
  return mapBand(moduleLoss(outputWatts / modules, supply, mainsVolts), (loss) => loss * modules)
}

function moduleLoss(outputWatts: number, supply: LosingSupply, mainsVolts: MainsVolts): Band {
  const { shape, ratedWatts, certificate, efficiencyPoints, noLoadWatts, brickClass } = supply
  if (efficiencyPoints && efficiencyPoints.length > 0) {
    const points = efficiencyPoints.map((point) => lossPoint(point.outputWatts, point.efficiency))
    return lossAt(risingPoints(points), outputWatts, noLoadWatts)
  }
  if (shape === 'brick' && brickClass !== null)
    return brickLoss(outputWatts, ratedWatts, brickClass)
  const set = setOf(supply, mainsVolts)
  const loss = mapBand(
    certifiedLoss(Math.min(outputWatts / ratedWatts, HIGHEST_LOAD), certificate, set),
    (share) => share * ratedWatts,
  )
  if (supply.meetsLowLoadRule !== true) return loss
  const mostWatts = mostAtLowLoad(outputWatts, ratedWatts, certificate, set)
  return mapBand(loss, (watts) => Math.min(watts, mostWatts))
}

function setOf({ modules }: LosingSupply, mainsVolts: MainsVolts): CertificateSet {
  if (mainsVolts === 115) return '115 V'
  return (modules ?? 1) > 1 ? '230 V redundant' : '230 V'
}

/**
 * How much of what a supply takes from the wall arrives behind it, likely?
 *
 * @returns 0 to 1; 0 where nothing is delivered
 */
export function supplyEfficiency(
  outputWatts: number,
  supply: LosingSupply,
  mainsVolts: MainsVolts,
): number {
  if (outputWatts <= 0) return 0
  return outputWatts / (outputWatts + supplyLoss(outputWatts, supply, mainsVolts).likely)
}
