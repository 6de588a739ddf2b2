import type { PartKind } from '../catalogue/partKinds'
import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'

export interface MachineNoise {
  /** All sources together, dB(A) at one metre; null when no data sheet gives any. */
  decibels: number | null
  notKnownPartIds: string[]
}

/** What moves air or platters. */
const SOUNDING = [
  'cooler',
  'supply',
  'fan',
  'cage',
  'enclosure',
  'drive',
] as const satisfies PartKind[]

/**
 * How loud is the machine, idle with its drives spinning?
 *
 * Sources that hum independently add by their power, not by their decibels: two equal ones are 3 dB
 * louder than one. Walls, feet and rooms change the result by several decibels, so it is a first figure.
 * Source: the level sum of incoherent sources, 10 × log10(Σ 10^(L/10)), as in acoustics handbooks (from
 * memory). Drives on the bench are silent.
 */
export function machineNoise(document: DesignDocument): MachineNoise {
  const levels = [
    ...fittedOfKind(document, 'chassis').map(({ part, sheet }) => ({
      partId: part.id,
      // A case without fans of its own makes no sound, whatever else its data sheet leaves open.
      decibels: sheet.fanCount === 0 ? -Infinity : sheet.fansNoiseDecibels,
    })),
    ...SOUNDING.flatMap((kind) =>
      fittedOfKind(document, kind)
        .filter(({ part, sheet }) => sheet.kind !== 'drive' || part.bay !== null)
        .map(({ part, sheet }) => ({
          partId: part.id,
          decibels:
            sheet.kind === 'drive' && sheet.medium === 'flash' ? -Infinity : sheet.noiseDecibels,
        })),
    ),
  ]
  const known = levels.flatMap(({ decibels }) => (decibels === null ? [] : [decibels]))
  const power = known.reduce((sum, decibels) => sum + 10 ** (decibels / 10), 0)
  return {
    decibels: power > 0 ? 10 * Math.log10(power) : null,
    notKnownPartIds: levels.flatMap(({ partId, decibels }) => (decibels === null ? [partId] : [])),
  }
}
