/** Memory that each record in a read cache takes for being found. From memory: the header of OpenZFS's second level. */
const HEADER_BYTES = 96

/**
 * How much memory does a read cache take away from the first level?
 *
 * @param cacheBytes of the devices
 * @param recordBytes of the pool: small records make many headers
 * @example readCacheHeaders(2 ** 38, 2 ** 17) // 201326592: 192 MiB for 256 GiB of records of 128 KiB
 */
export function readCacheHeaders(cacheBytes: number, recordBytes: number): number {
  return Math.ceil(cacheBytes / recordBytes) * HEADER_BYTES
}
