import type { SheetOf } from '../catalogue/partKinds'
import type { Piece } from '../machine/piece'
import { type Amount, type Missing } from '../units/amount'

/**
 * How much of the way from shallow idle to its most a CPU goes, by what it does. Common practice, no source: firmware
 * menus wait without any sleep (102 W against 70 to 80 W under a system, on one machine with two sockets), serving files
 * is light, checking parity is not, converting video without graphics is nearly all.
 */
export const CPU_LOADS = {
  firmware: { low: 0.05, likely: 0.15, high: 0.4 },
  serving: { low: 0.02, likely: 0.06, high: 0.15 },
  'serving many': { low: 0.04, likely: 0.12, high: 0.3 },
  checking: { low: 0.05, likely: 0.15, high: 0.35 },
  converting: { low: 0.4, likely: 0.7, high: 1 },
} as const
export type CpuLoad = keyof typeof CPU_LOADS

/**
 * Watts that one conversion of video adds on the graphics of a CPU. Common practice, no source: 9 W on a machine of 19 W.
 */
export const CONVERSION_WATTS = { low: 5, likely: 9, high: 15 } as const

/** What does a CPU draw under a load that keeps it out of its deep states? */
export function cpuDraw({ id, dataSheet }: Piece<'cpu'>, load: CpuLoad): Amount<'W'> {
  if (load === 'converting') return convertingDraw({ id, dataSheet })
  const { shallowIdleWatts, peakWatts } = dataSheet
  const base = shallowIdleWatts ?? 0
  const most = Math.max(base, peakWatts ?? base)
  const at = (share: number): number => base + share * (most - base)
  const { low, likely, high } = CPU_LOADS[load]
  return {
    low: at(low),
    likely: at(likely),
    high: at(high),
    unit: 'W',
    missing: missingOf(id, dataSheet, ['shallowIdleWatts', 'peakWatts']),
  }
}

/** On graphics where there are some; where a data sheet does not say, the band reaches from one to the other. */
function convertingDraw({ id, dataSheet }: Pick<Piece<'cpu'>, 'id' | 'dataSheet'>): Amount<'W'> {
  const { hasGraphics, shallowIdleWatts, peakWatts } = dataSheet
  const base = shallowIdleWatts ?? 0
  const most = Math.max(base, peakWatts ?? base)
  const onGraphics = (watts: number): number => Math.min(most, base + watts)
  const onCores = (share: number): number => base + share * (most - base)
  const { low, likely, high } = CONVERSION_WATTS
  const shares = CPU_LOADS.converting
  const graphics = hasGraphics !== false
  const cores = hasGraphics !== true
  return {
    low: graphics ? onGraphics(low) : onCores(shares.low),
    likely: graphics ? onGraphics(likely) : onCores(shares.likely),
    high: cores ? onCores(shares.high) : onGraphics(high),
    unit: 'W',
    missing: missingOf(id, dataSheet, ['shallowIdleWatts', 'peakWatts']),
  }
}

function missingOf(
  pieceId: string,
  sheet: SheetOf<'cpu'>,
  fields: readonly ('shallowIdleWatts' | 'peakWatts')[],
): Missing[] {
  return fields.flatMap((field) => (sheet[field] === null ? [{ pieceId, field }] : []))
}
