import { POWER_PLUGS, type PowerPlug } from '../catalogue/plugs'
import type { DesignDocument } from '../design/document'
import { fittedOfKind, fittedOne } from '../design/fittedParts'

/** Plugs for drives and backplanes, by kind. */
export type PlugCount = Record<PowerPlug, number>

/** Whether a plug is one for power. */
export const isPowerPlug = (plug: string): plug is PowerPlug =>
  POWER_PLUGS.some((known) => known === plug)

/**
 * Which power plugs are there for drives: those of the supply, and what adapter cables make of them?
 *
 * @returns null without a supply, or when its data sheet lacks a number
 * @example four SATA and four peripheral plugs, one adapter to four SATA plugs: 8 and 3
 */
export function powerPlugs(document: DesignDocument): PlugCount | null {
  const supply = fittedOne(document, 'supply')?.sheet
  if (!supply) return null
  const { sataPlugs, peripheralPlugs } = supply
  if (sataPlugs === null || peripheralPlugs === null) return null
  const plugs: PlugCount = { 'SATA power': sataPlugs, 'peripheral power': peripheralPlugs }
  for (const { sheet } of fittedOfKind(document, 'cable')) {
    const { nearPlug, farPlug, nearEnds, farEnds } = sheet
    // An adapter that finds no plug to go on adds nothing.
    if (!isPowerPlug(nearPlug) || !isPowerPlug(farPlug) || plugs[nearPlug] < nearEnds) continue
    plugs[nearPlug] -= nearEnds
    plugs[farPlug] += farEnds
  }
  return plugs
}
