import type { Certificate } from '../catalogue/standards'

/** Efficiency at one load: `loadShare` of the rated output, both 0 to 1. */
export interface EfficiencyPoint {
  loadShare: number
  efficiency: number
}

export type MainsVolts = 115 | 230

interface CertifiedCurve {
  points: readonly EfficiencyPoint[]
  /** Loss without load as a share of the rating, where the points alone would give none. */
  fixedLossShare?: number
}

const at20and50and100 = (low: number, half: number, full: number): EfficiencyPoint[] => [
  { loadShare: 0.2, efficiency: low },
  { loadShare: 0.5, efficiency: half },
  { loadShare: 1, efficiency: full },
]

/**
 * A flat 80 % certificate fits a loss that vanishes without load, which no supply has. Real plain
 * units of 450 to 850 W show 55 to 70 % at 20 to 40 W, and 2.5 % of the rating as fixed loss gives
 * that. Common practice, no source.
 */
const PLAIN: CertifiedCurve = { points: at20and50and100(0.8, 0.8, 0.8), fixedLossShare: 0.025 }

/** Certificate levels for internal supplies, from memory. */
const CURVES: Record<MainsVolts, Record<Certificate, CertifiedCurve>> = {
  115: {
    plain: PLAIN,
    bronze: { points: at20and50and100(0.82, 0.85, 0.82) },
    silver: { points: at20and50and100(0.85, 0.88, 0.85) },
    gold: { points: at20and50and100(0.87, 0.9, 0.87) },
    platinum: { points: at20and50and100(0.9, 0.92, 0.89) },
    titanium: {
      points: [{ loadShare: 0.1, efficiency: 0.9 }, ...at20and50and100(0.92, 0.94, 0.9)],
    },
  },
  230: {
    // The European set of levels knows no plain certificate; the 115 V one is used for it.
    plain: PLAIN,
    bronze: { points: at20and50and100(0.85, 0.88, 0.85) },
    silver: { points: at20and50and100(0.87, 0.9, 0.87) },
    gold: { points: at20and50and100(0.9, 0.92, 0.89) },
    platinum: { points: at20and50and100(0.92, 0.94, 0.9) },
    titanium: {
      points: [{ loadShare: 0.1, efficiency: 0.9 }, ...at20and50and100(0.94, 0.96, 0.94)],
    },
  },
}

/** No supply works so far above its rating; of a rating next to nothing the curve would have no number. */
const HIGHEST_LOAD = 10

/** Loss as a share of the rating at a load share x: a + b·x + c·x². */
type LossCurve = readonly [fixed: number, linear: number, quadratic: number]

/**
 * How efficient is a supply at this load?
 *
 * What is fitted is the loss, not the efficiency: a fixed part for control and fan, a part that
 * grows with the current and a part that grows with its square. The curve goes through the
 * certificate's points exactly (the lowest three below the third of them, the highest three above) and
 * is continued below the lowest point, where no certificate speaks but where a storage server idles.
 *
 * @param outputWatts DC watts delivered, more than 0
 * @param ratedWatts the supply's rating
 * @returns 0 to 1
 * Source: certificate levels from memory; the shape of the loss is common practice, no source.
 * @example supplyEfficiency(275, 550, 'gold', 115) // 0.9: the certificate's own point
 */
export function supplyEfficiency(
  outputWatts: number,
  ratedWatts: number,
  certificate: Certificate,
  mainsVolts: MainsVolts,
): number {
  const output = Math.min(outputWatts / ratedWatts, HIGHEST_LOAD)
  if (output <= 0) return 0
  const { points, fixedLossShare } = CURVES[mainsVolts][certificate]
  return output / (output + lossShare(output, points, fixedLossShare))
}

/**
 * Watts lost in a supply that delivers nothing: what its fixed loss takes at the wall.
 * @example idleLossWatts(500, 'plain', 115) // 12.5
 */
export function idleLossWatts(
  ratedWatts: number,
  certificate: Certificate,
  mainsVolts: MainsVolts,
): number {
  const { points, fixedLossShare } = CURVES[mainsVolts][certificate]
  return lossShare(0, points, fixedLossShare) * ratedWatts
}

function lossShare(
  output: number,
  points: readonly EfficiencyPoint[],
  fixedLossShare: number | undefined,
): number {
  const lowest = points[0]
  if (fixedLossShare !== undefined && lowest && output < lowest.loadShare) {
    const slope = (lossAt(lowest) - fixedLossShare) / lowest.loadShare
    return fixedLossShare + slope * output
  }
  const third = points[2]
  const chosen = third && output <= third.loadShare ? points.slice(0, 3) : points.slice(-3)
  const [fixed, linear, quadratic] = lossCurveThrough(chosen)
  return fixed + linear * output + quadratic * output ** 2
}

function lossAt({ loadShare, efficiency }: EfficiencyPoint): number {
  return loadShare * (1 / efficiency - 1)
}

/** The parabola through three points, by Newton's divided differences. */
function lossCurveThrough(points: readonly EfficiencyPoint[]): LossCurve {
  const [p, q, r] = points
  if (!p || !q || !r) throw new RangeError('An efficiency curve needs three points.')
  const slopePQ = (lossAt(q) - lossAt(p)) / (q.loadShare - p.loadShare)
  const slopeQR = (lossAt(r) - lossAt(q)) / (r.loadShare - q.loadShare)
  const quadratic = (slopeQR - slopePQ) / (r.loadShare - p.loadShare)
  const linear = slopePQ - quadratic * (p.loadShare + q.loadShare)
  const fixed = lossAt(p) - linear * p.loadShare - quadratic * p.loadShare ** 2
  return [fixed, linear, quadratic]
}
