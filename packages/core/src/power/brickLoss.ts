import type { BrickClass } from '../catalogue/standards'
import type { Band } from '../units/band'
import { lossAt, lossPoint } from './lossCurve'

/**
 * Average of the efficiency at a quarter, a half, three quarters and all of the rating, and the most that is drawn
 * without load, for bricks of 50 to 250 W with one voltage.
 * Source: international efficiency marks V and VI for external supplies and their successor, from memory.
 */
export const BRICK_LEVELS: Record<BrickClass, { average: number; noLoadWatts: number }> = {
  V: { average: 0.87, noLoadWatts: 0.5 },
  VI: { average: 0.88, noLoadWatts: 0.21 },
  VII: { average: 0.89, noLoadWatts: 0.15 },
}

/**
 * What is lost in an external brick?
 *
 * Its class gives an average over four loads, from a quarter of the rating to all of it, which is taken for each of
 * them: the loss is a straight line there. Below a quarter it falls to what is drawn without load.
 *
 * @param outputWatts delivered to the machine, 0 or more
 * @example brickLoss(0, 120, 'VI').likely // 0.21
 */
export function brickLoss(outputWatts: number, ratedWatts: number, brickClass: BrickClass): Band {
  const { average, noLoadWatts } = BRICK_LEVELS[brickClass]
  const points = [0.25, 1].map((share) => lossPoint(share * ratedWatts, average))
  return lossAt(points, outputWatts, noLoadWatts)
}

/**
 * What is lost in the converter behind a brick, which makes the voltages of the board: a little always, and a share of
 * what passes. Common practice, no source.
 */
const CONVERTER: { fixedWatts: Band; share: Band } = {
  fixedWatts: { low: 0.2, likely: 0.5, high: 1.5 },
  share: { low: 0.03, likely: 0.05, high: 0.08 },
}

/** @param outputWatts delivered to the board and its drives */
export function converterLoss(outputWatts: number): Band {
  const { fixedWatts, share } = CONVERTER
  return {
    low: fixedWatts.low + share.low * outputWatts,
    likely: fixedWatts.likely + share.likely * outputWatts,
    high: fixedWatts.high + share.high * outputWatts,
  }
}
