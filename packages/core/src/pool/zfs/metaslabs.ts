import { floorDivide } from '../../units/floorDivide'

const DEFAULT_SHIFT = 29
const SMALLEST_SHIFT = 24
const LARGEST_SHIFT = 34
const FEWEST_WANTED = 16
const MANY_ENOUGH = 200
const MOST = 131_072

/** How a top-level vdev is cut into metaslabs. */
export interface Metaslabs {
  /** A metaslab has 2^shift bytes. */
  shift: number
  count: number
  /** 2^shift. */
  eachBytes: number
}

/**
 * The number of binary digits of a whole number; ZFS calls it highbit64.
 * Halving instead of taking a logarithm, because Math.log2 rounds just below a power of two.
 */
function bitLength(value: number): number {
  let digits = 0
  for (let rest = value; rest >= 1; rest = Math.floor(rest / 2)) digits += 1
  return digits
}

/**
 * Into how many metaslabs, and how large, does ZFS cut a top-level vdev?
 *
 * It aims at 200 of them: small vdevs get 512 MiB pieces (or less, so as to have 16), large ones get
 * pieces of up to 16 GiB, and only beyond 131,072 such pieces do they grow again. The tail that
 * does not fill a whole metaslab is lost.
 *
 * @param allocatableBytes bytes of the top-level vdev, parity included
 * Source: OpenZFS 2.1.11, vdev_metaslab_set_size.
 * @example metaslabs(160008854568960) // { shift: 34, count: 9313, eachBytes: 17179869184 }
 */
export function metaslabs(allocatableBytes: number): Metaslabs {
  const atDefault = floorDivide(allocatableBytes, 2 ** DEFAULT_SHIFT)
  let shift = DEFAULT_SHIFT
  if (atDefault < FEWEST_WANTED) shift = bitLength(floorDivide(allocatableBytes, FEWEST_WANTED))
  else if (atDefault > MANY_ENOUGH) shift = bitLength(floorDivide(allocatableBytes, MANY_ENOUGH))

  if (shift < SMALLEST_SHIFT) shift = SMALLEST_SHIFT
  else if (shift > LARGEST_SHIFT) {
    const tooMany = floorDivide(allocatableBytes, 2 ** LARGEST_SHIFT) > MOST
    shift = tooMany ? bitLength(floorDivide(allocatableBytes, MOST)) : LARGEST_SHIFT
  }
  const eachBytes = 2 ** shift
  return { shift, count: floorDivide(allocatableBytes, eachBytes), eachBytes }
}
