import { kindOf } from '../catalogue/partKinds'
import { USUAL_FAN_DUTY } from '../design/air'
import type { Machine } from '../machine/machine'
import type { Piece } from '../machine/piece'
import { type Amount, exactly, type Missing } from '../units/amount'

/** What is heard apart: disks at rest, disks that spin, disks that seek, and a start with its fans at full speed. */
export const NOISE_STATES = ['asleep', 'spinning', 'scrub', 'starting'] as const
export type NoiseState = (typeof NOISE_STATES)[number]

/**
 * How much louder is a fan at one speed than at another, in decibels?
 *
 * Source: fan laws, sound power goes with the fifth power of speed; engineering handbooks, from memory.
 * @example louderBy(0.8, 0.4).toFixed(1) // '15.1'
 */
export function louderBy(duty: number, thanDuty: number): number {
  return 50 * Math.log10(duty / thanDuty)
}

/**
 * How loud is the machine in a state, dB(A) at one metre?
 *
 * Sources that hum independently add by their power, not by their decibels: two equal ones are 3 dB
 * louder than one. Walls, feet and rooms change the result by several decibels, so it is a first figure.
 * Source: the level sum of incoherent sources, 10 × log10(Σ 10^(L/10)), as in acoustics handbooks (from
 * memory). Drives that are away are silent. A machine without any source has 0 dB(A).
 *
 * @param fanDuty share of full speed that the fans of the case run at
 */
export function machineNoise(
  machine: Machine,
  state: NoiseState,
  fanDuty = USUAL_FAN_DUTY,
): Amount<'dB(A)'> {
  const away = new Set(machine.awayIds)
  const duty = state === 'starting' ? 1 : fanDuty
  const missing: Missing[] = []
  let power = 0
  for (const piece of machine.inOrder) {
    const decibels = away.has(piece.id) ? 'silent' : decibelsOf(piece, state, duty)
    if (decibels === 'silent') continue
    if (decibels === null) missing.push({ pieceId: piece.id, field: noiseField(piece, state) })
    else power += 10 ** (decibels / 10)
  }
  return exactly(power > 0 ? 10 * Math.log10(power) : 0, 'dB(A)', missing)
}

function decibelsOf(
  { dataSheet }: Piece,
  state: NoiseState,
  duty: number,
): number | 'silent' | null {
  const atIdle = kindOf(dataSheet).decibels(dataSheet)
  if (dataSheet.kind === 'drive') {
    if (dataSheet.medium !== 'disk') return atIdle
    if (state === 'asleep') return 'silent'
    return state === 'spinning' ? atIdle : dataSheet.busyNoiseDecibels
  }
  if (typeof atIdle !== 'number') return atIdle
  return dataSheet.kind === 'fan' || dataSheet.kind === 'chassis'
    ? atIdle + louderBy(duty, USUAL_FAN_DUTY)
    : atIdle
}

function noiseField({ dataSheet }: Piece, state: NoiseState): string {
  if (dataSheet.kind === 'chassis') return 'fansNoiseDecibels'
  const isBusyDisk =
    dataSheet.kind === 'drive' && dataSheet.medium === 'disk' && state !== 'spinning'
  return isBusyDisk ? 'busyNoiseDecibels' : 'noiseDecibels'
}
