import type { DeviceFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** Beyond this nobody asks for the year any more. */
const LONG_YEARS = 30

/** How long a device lasts, as a builder says it: months while it is short, years beyond. */
export function lifeWords({ years, missing, writtenBytesPerDay, freeBytes }: DeviceFigure): string {
  const free = freeBytes > 0 ? `, ${format.drive(freeBytes)} free` : ''
  if (writtenBytesPerDay === 0) return `nothing is written to it${free}`
  const daily = `${format.drive(writtenBytesPerDay)} a day`
  if (missing.length > 0 || !years) return `${daily}; how much it endures is not known${free}`
  return `${daily}: lasts ${spanWords(years)}${free}`
}

function spanWords({ low, likely, high }: NonNullable<DeviceFigure['years']>): string {
  if (low >= LONG_YEARS) return `over ${LONG_YEARS} years`
  const isShort = likely < 2
  const write = (value: number): string =>
    format.number(isShort ? value * 12 : value, isShort ? 0 : 1)
  const most = high >= LONG_YEARS ? `over ${LONG_YEARS}` : write(high)
  const about = likely >= LONG_YEARS ? `over ${LONG_YEARS}` : `about ${write(likely)}`
  return `${about} ${isShort ? 'months' : 'years'} (${write(low)} to ${most})`
}
