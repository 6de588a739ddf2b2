import type { ScenarioRates, Machine } from '@flint/core/figures'
import type { RearLink } from '../../drawing/RearView'
import { strokePx } from './strokePx'

/**
 * The network links as the rear has them, with rate and load like every other link.
 *
 * @param classOf the stroke for a load, 0 to 1, of a link that has this id
 */
export function rearLinks(
  { networkPaths, links }: Machine,
  { loads }: ScenarioRates,
  classOf: (share: number, id: string) => string,
): RearLink[] {
  const widest = Math.max(1, ...links.map(({ bytesPerSecond }) => bytesPerSecond))
  return networkPaths.map(({ id, name, port }) => {
    const link = links.find((one) => one.id === id)
    const share = loads.find((one) => one.link.id === id)?.share ?? 0
    return {
      id,
      partId: port.partId,
      strokeWidth: strokePx(link?.bytesPerSecond ?? 0, widest),
      className: classOf(share, id),
      words: name,
    }
  })
}
