import { GIB, MIB } from '../../units/bytes'
import { floorDivide } from '../../units/floorDivide'

const SLOP_DIVISOR = 32
const MOST_SLOP_BYTES = 128 * GIB
const LEAST_SLOP_BYTES = 128 * MIB

/**
 * The space a pool keeps back so that it can still delete and repair when it is full.
 *
 * One thirty-second, at most 128 GiB. The embedded log metaslabs are space kept back too, so they
 * count towards it, but never for more than half. A very small pool keeps 128 MiB, unless that is
 * more than half of it.
 *
 * @param usableBytes space promised to files in the normal metaslabs
 * @param embeddedLogBytes the same over the embedded log metaslabs
 * Source: OpenZFS 2.1.11, spa_update_dspace and spa_get_slop_space.
 * @example slopBytes(121858959605760, 13086228480) // 124352724992
 */
export function slopBytes(usableBytes: number, embeddedLogBytes: number): number {
  let slop = Math.min(floorDivide(usableBytes, SLOP_DIVISOR), MOST_SLOP_BYTES)
  slop -= Math.min(embeddedLogBytes, floorDivide(slop, 2))
  return Math.max(slop, Math.min(floorDivide(usableBytes, 2), LEAST_SLOP_BYTES))
}
