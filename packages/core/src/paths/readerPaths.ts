import type { NetworkChoices } from '../design/networkChoices'
import type { Reader } from '../design/readers'
import type { NetworkPath } from '../machine/links/link'
import { pathAt, portUses } from '../machine/portUses'

/**
 * Through which network port does each reader come?
 *
 * Through the one that is said, if it is there. A machine with a cable of its own takes the next port that is for
 * such cables, or for nothing; the others take the joined ports in turn, one each, or where none are joined those
 * with addresses of their own.
 *
 * @returns for each reader its way; null where no port is left
 */
export function readerPaths(
  readers: readonly Reader[],
  paths: readonly NetworkPath[],
  choices: Pick<NetworkChoices, 'ports'>,
): (NetworkPath | null)[] {
  const { uses, joined } = portUses(paths, choices)
  const withUse = (...wanted: string[]): NetworkPath[] =>
    uses.filter(({ use }) => wanted.includes(use)).map(({ path }) => path)
  const taken = new Set(
    readers.flatMap(({ way, port }) =>
      way === 'direct' && port ? (pathAt(paths, port)?.id ?? []) : [],
    ),
  )
  const free = [...withUse('direct'), ...withUse('unused')].filter(({ id }) => !taken.has(id))
  const shared = joined.length > 0 ? joined : withUse('single')
  let turn = 0
  return readers.map(({ way, port }) => {
    const said = port && pathAt(paths, port)
    if (said) return said
    if (way === 'direct') return free.shift() ?? null
    const path = shared[turn % shared.length] ?? null
    turn += 1
    return path
  })
}
