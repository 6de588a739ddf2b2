import { type Certificate, CERTIFICATES } from '../catalogue/standards'
import type { Band } from '../units/band'
import { lossAt, type LossPoint, lossPoint } from './lossCurve'

/** Which set of levels a certificate stands for. */
export const CERTIFICATE_SETS = ['115 V', '230 V', '230 V redundant'] as const
export type CertificateSet = (typeof CERTIFICATE_SETS)[number]

/** Efficiency at a fifth, at half and at all of the rating; titanium at a tenth too. */
type Levels = readonly [fifth: number, half: number, full: number, tenth?: number]

/** The European and the redundant set know no plain certificate; the one for 115 V is taken. */
const PLAIN: Levels = [0.8, 0.8, 0.8]

/** Levels of each certificate, from memory. */
const LEVELS: Record<CertificateSet, Record<Certificate, Levels>> = {
  '115 V': {
    plain: PLAIN,
    bronze: [0.82, 0.85, 0.82],
    silver: [0.85, 0.88, 0.85],
    gold: [0.87, 0.9, 0.87],
    platinum: [0.9, 0.92, 0.89],
    titanium: [0.92, 0.94, 0.9, 0.9],
  },
  '230 V': {
    plain: PLAIN,
    bronze: [0.85, 0.88, 0.85],
    silver: [0.87, 0.9, 0.87],
    gold: [0.9, 0.92, 0.89],
    platinum: [0.92, 0.94, 0.9],
    titanium: [0.94, 0.96, 0.94, 0.9],
  },
  '230 V redundant': {
    plain: PLAIN,
    bronze: [0.81, 0.85, 0.81],
    silver: [0.85, 0.89, 0.85],
    gold: [0.88, 0.92, 0.88],
    platinum: [0.9, 0.94, 0.91],
    titanium: [0.94, 0.96, 0.91, 0.9],
  },
}

function pointsOf(set: CertificateSet, certificate: Certificate): LossPoint[] {
  const [fifth, half, full, tenth] = LEVELS[set][certificate]
  const [at20, at50, at100] = [lossPoint(0.2, fifth), lossPoint(0.5, half), lossPoint(1, full)]
  return tenth === undefined ? [at20, at50, at100] : [lossPoint(0.1, tenth), at20, at50, at100]
}

/**
 * What is lost in a supply with a certificate, as a share of its rating?
 *
 * At the certificate's own loads it is what that asks for. Below the lowest a better certificate says nothing by itself,
 * but it is never worse than a lesser one: the band of each is held below those of all lesser ones.
 *
 * @param outputShare of the rating, 0 or more
 * Source: certificate levels from memory; below them a plain guess.
 * @example certifiedLoss(0.5, 'gold', '115 V').likely.toFixed(4) // '0.0556'
 */
export function certifiedLoss(
  outputShare: number,
  certificate: Certificate,
  set: CertificateSet,
): Band {
  const lesser = CERTIFICATES.slice(0, CERTIFICATES.indexOf(certificate) + 1)
  const bands = lesser.map((one) => lossAt(pointsOf(set, one), outputShare))
  return {
    low: Math.min(...bands.map(({ low }) => low)),
    likely: Math.min(...bands.map(({ likely }) => likely)),
    high: Math.min(...bands.map(({ high }) => high)),
  }
}

/** Above this rating the rule on low loads speaks of a share of it. */
const SMALL_WATTS = 500
const LOW_LOAD = { watts: 10, share: 0.02, efficiency: 0.6 }

/**
 * The most that is lost by a supply that keeps the rule on low loads: 60 % at 10 W, or at 2 % of a rating above 500 W,
 * and no more than that below; a straight line from there to the lowest load of its certificate.
 *
 * Source: design guides for desktop supplies with the 12 V-only or the third ATX edition, from memory.
 */
export function mostAtLowLoad(
  outputWatts: number,
  ratedWatts: number,
  certificate: Certificate,
  set: CertificateSet,
): number {
  const lowWatts = ratedWatts > SMALL_WATTS ? LOW_LOAD.share * ratedWatts : LOW_LOAD.watts
  const low = lossPoint(lowWatts, LOW_LOAD.efficiency)
  const [lowest] = pointsOf(set, certificate).map(({ output, loss }) => ({
    output: output * ratedWatts,
    loss: loss * ratedWatts,
  }))
  if (!lowest || outputWatts >= lowest.output) return Infinity
  if (outputWatts <= low.output) return low.loss
  const share = (outputWatts - low.output) / (lowest.output - low.output)
  return low.loss + Math.max(0, lowest.loss - low.loss) * share
}
