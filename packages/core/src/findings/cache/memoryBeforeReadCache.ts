import type { HouseRules } from '../../design/houseRules'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

interface Facts {
  memoryBytes: number
  memoryMaxBytes: number
  headerBytes: number
  rule: HouseRules['memory']
}

/** A read cache in a machine that could have more memory, which is quicker and finds itself without headers. */
export const memoryBeforeReadCache: Rule<'memory-before-read-cache', Facts> = {
  code: 'memory-before-read-cache',
  step: 'cache',
  find: ({ services: { services, memoryBytes }, machine, houseRules: { memory: rule } }) => {
    const board = pieceOf(machine, 'board')
    const caches = services.filter(
      ({ service, deviceIds }) => service.role === 'read cache' && deviceIds.length > 0,
    )
    if (!board || caches.length === 0 || memoryBytes === null) return []
    const partIds = caches.flatMap(({ deviceIds }) => deviceIds)
    const { memoryMaxBytes } = board.dataSheet
    if (memoryMaxBytes === null) {
      return [lack(missingOf(board, 'memoryMaxBytes'), { parts: [board], partIds })]
    }
    if (memoryBytes >= memoryMaxBytes) return []
    const headerBytes = caches.reduce((sum, one) => sum + one.memoryBytes, 0)
    const facts = { memoryBytes, memoryMaxBytes, headerBytes, rule }
    return [found(rule === 'as much as fits' ? 'risks' : 'note', { partIds }, facts)]
  },
  sentence: ({ memoryBytes, memoryMaxBytes, headerBytes }, { format }) =>
    `Memory first: there is ${format.space(memoryBytes)} and the board takes ${format.space(memoryMaxBytes)}; a read cache is slower than memory and takes ${format.space(headerBytes)} of it for its headers.`,
  houseRule: ({ rule }) =>
    rule === 'as much as fits'
      ? 'House rule: as much memory as the board takes, before any read cache.'
      : 'Some fill all memory slots before any read cache; others add the cache when memory costs more than it gives.',
  question: 'whether more memory would fit before a read cache',
}
