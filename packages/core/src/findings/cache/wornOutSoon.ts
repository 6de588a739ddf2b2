import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'
import type { Band } from '../../units/band'

/** A device that lasts less than this is a consumable. Common practice, no source. */
export const CONSUMABLE_YEARS = 1

interface Facts {
  deviceId: PieceId
  years: Band
  writtenBytesPerDay: number
}

/** Flash whose rated writes are used up before the horizon of the brief. */
export const wornOutSoon: Rule<'worn-out-soon', Facts> = {
  code: 'worn-out-soon',
  step: 'cache',
  find: ({ services: { devices }, brief }) =>
    devices.flatMap(({ device, years, writtenBytesPerDay, missing }) => {
      const parts = [device]
      if (missing.length > 0) return lack(missing, { parts })
      if (!years || years.likely >= brief.horizonYears) return []
      const severity = years.likely < CONSUMABLE_YEARS ? 'risks' : 'note'
      return found(severity, { parts }, { deviceId: device.id, years, writtenBytesPerDay })
    }),
  sentence: ({ deviceId, years: { low, likely, high }, writtenBytesPerDay }, { piece, format }) => {
    const months = (years: number): string => format.number(years * 12)
    return `${piece(deviceId)} is rated for about ${months(likely)} months at ${format.drive(writtenBytesPerDay)} a day (${months(low)} to ${months(high)}): plan to replace it, or let it write less.`
  },
  question: 'how long the flash lasts',
}
