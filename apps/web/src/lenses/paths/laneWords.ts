import type { LaneBudget } from '@flint/core/figures'

/**
 * Where the lanes of the CPU go, as a sum.
 *
 * @example
 * laneWords({ places: [{ kind: 'slot', number: 1, lanes: 16 }], chipsetLanes: 4, cpuLanes: null })
 * // '20 = 16 (slot 1) + 4 (chipset)'
 */
export function laneWords({ places, chipsetLanes, cpuLanes }: LaneBudget): string {
  const parts = [
    ...places.map(({ kind, number, lanes }) => `${lanes} (${kind} ${number})`),
    ...(chipsetLanes === null ? [] : [`${chipsetLanes} (chipset)`]),
  ]
  if (parts.length === 0) return ''
  const toPlaces = places.reduce((sum, { lanes }) => sum + lanes, 0)
  const sum = `${toPlaces + (chipsetLanes ?? 0)} = ${parts.join(' + ')}`
  if (cpuLanes === null) return sum
  return `${sum}; the CPU has ${cpuLanes} for slots and sockets${cpuLanes < toPlaces ? ', too few' : ''}`
}
