import { kindOf } from '../catalogue/partKinds'
import type { Machine } from '../machine/machine'
import { type Amount, exactly, type Missing } from '../units/amount'

/**
 * How loud is the machine, idle with its drives spinning, dB(A) at one metre?
 *
 * Sources that hum independently add by their power, not by their decibels: two equal ones are 3 dB
 * louder than one. Walls, feet and rooms change the result by several decibels, so it is a first figure.
 * Source: the level sum of incoherent sources, 10 × log10(Σ 10^(L/10)), as in acoustics handbooks (from
 * memory). Drives that are away are silent. A machine without any source has 0 dB(A).
 */
export function machineNoise(machine: Machine): Amount<'dB(A)'> {
  const away = new Set(machine.awayIds)
  const missing: Missing[] = []
  let power = 0
  for (const { id, dataSheet } of machine.inOrder) {
    const decibels = away.has(id) ? 'silent' : kindOf(dataSheet).decibels(dataSheet)
    if (decibels === 'silent') continue
    if (decibels === null) missing.push({ pieceId: id, field: noiseField(dataSheet) })
    else power += 10 ** (decibels / 10)
  }
  return exactly(power > 0 ? 10 * Math.log10(power) : 0, 'dB(A)', missing)
}

const noiseField = (sheet: object): string =>
  'fansNoiseDecibels' in sheet ? 'fansNoiseDecibels' : 'noiseDecibels'
