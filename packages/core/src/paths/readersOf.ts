import type { Brief } from '../design/brief'
import { newReader, type Reader } from '../design/readers'

/**
 * Everybody who reads at once: those whom the brief describes, and as many others as it counts, whose own links
 * never hold them back.
 *
 * @param count how many are asked for; null for as many as the brief has, and one where it has none
 */
export function readersOf(
  { readers, readersAtOnce }: Pick<Brief, 'readers' | 'readersAtOnce'>,
  count: number | null,
): Reader[] {
  const wanted = count ?? Math.max(1, readersAtOnce, readers.length)
  const others = Array.from({ length: Math.max(0, wanted - readers.length) }, (_, index) => {
    const number = readers.length + index + 1
    // A space, which no id of a document has: it is never one of those.
    return newReader(`reader ${number}`, `reader ${number}`)
  })
  return [...readers.slice(0, wanted), ...others]
}
