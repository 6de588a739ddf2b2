import { certain } from '../units/certain'
import { type Band, exactBand, mapBand } from '../units/band'

/** What is lost at one load; both in watts, or both as shares of the rating. */
export interface LossPoint {
  output: number
  loss: number
}

/**
 * Without load a supply still loses a share of what it loses at its lowest known point, for control, fan and
 * magnetising its core. Common practice, no source: a fifth in those made for low loads, all of it in poor ones.
 */
export const LOSS_WITHOUT_LOAD: Band = { low: 0.2, likely: 0.5, high: 1 }

/** The loss of a supply at a load, of which it is known at some. */
export function lossPoint(output: number, efficiency: number): LossPoint {
  return { output, loss: output * (1 / efficiency - 1) }
}

/**
 * What is lost at a load, when it is known at a few?
 *
 * Between the points the loss is a straight line, so that it never falls where the points do not. Above the highest it
 * goes on as steeply as before. Below the lowest nobody has measured: there it lies between a straight line to a fifth
 * of that loss without load and the whole of it.
 *
 * @param points in the order of their load, at least one; each loses no less than the one before
 * @param output 0 or more
 * @param withoutLoad what is lost without load, where somebody has measured it
 */
export function lossAt(
  points: readonly LossPoint[],
  output: number,
  withoutLoad: number | null = null,
): Band {
  const [lowest] = points
  if (!lowest) throw new RangeError('A loss curve needs a point.')
  if (output >= lowest.output) {
    return exactBand(onLine(points, output))
  }
  const share = output / lowest.output
  const from = (loss: number): number => loss + (lowest.loss - loss) * share
  if (withoutLoad !== null) {
    return exactBand(from(Math.min(withoutLoad, lowest.loss)))
  }
  return mapBand(LOSS_WITHOUT_LOAD, (share) => from(share * lowest.loss))
}

function onLine(points: readonly LossPoint[], output: number): number {
  const above = points.findIndex((point) => point.output >= output)
  const at = above === -1 ? points.length - 1 : above
  const [right, left] = [points[at], points[at - 1] ?? { output: 0, loss: 0 }]
  if (!right) return 0
  const slope = (right.loss - left.loss) / (right.output - left.output)
  return right.loss + slope * (output - right.output)
}

/** Points of somebody's measuring, in their order, of which none loses less than one before it. */
export function risingPoints(points: readonly LossPoint[]): LossPoint[] {
  let most = 0
  return points
    .toSorted((one, other) => one.output - other.output)
    .filter(
      ({ output }, index, sorted) => index === 0 || output > certain(sorted[index - 1]).output,
    )
    .map(({ output, loss }) => {
      most = Math.max(most, loss)
      return { output, loss: most }
    })
}
