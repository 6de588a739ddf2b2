import { kindOf } from '../catalogue/partKinds'
import type { Machine } from '../machine/machine'

export interface MachineNoise {
  /** All sources together, dB(A) at one metre; null when no data sheet gives any. */
  decibels: number | null
  notKnownPartIds: string[]
}

/**
 * How loud is the machine, idle with its drives spinning?
 *
 * Sources that hum independently add by their power, not by their decibels: two equal ones are 3 dB
 * louder than one. Walls, feet and rooms change the result by several decibels, so it is a first figure.
 * Source: the level sum of incoherent sources, 10 × log10(Σ 10^(L/10)), as in acoustics handbooks (from
 * memory). Drives that are away are silent.
 */
export function machineNoise(machine: Machine): MachineNoise {
  const away = new Set(machine.awayIds)
  const levels = machine.inOrder.flatMap(({ id, dataSheet }) => {
    const decibels = away.has(id) ? 'silent' : kindOf(dataSheet).decibels(dataSheet)
    return decibels === 'silent' ? [] : [{ id, decibels }]
  })
  const known = levels.flatMap(({ decibels }) => decibels ?? [])
  const power = known.reduce((sum, decibels) => sum + 10 ** (decibels / 10), 0)
  return {
    decibels: power > 0 ? 10 * Math.log10(power) : null,
    notKnownPartIds: levels.flatMap(({ id, decibels }) => (decibels === null ? [id] : [])),
  }
}
