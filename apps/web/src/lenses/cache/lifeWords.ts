import { type DeviceFigure, driveWritesPerDay } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** Beyond this nobody asks for the year any more. */
const LONG_YEARS = 30

/** What of a device is told. */
export type LivingDevice = Pick<
  DeviceFigure,
  'years' | 'missing' | 'writtenBytesPerDay' | 'freeBytes'
> & {
  device: {
    dataSheet: Pick<
      DeviceFigure['device']['dataSheet'],
      'capacityBytes' | 'enduranceBytes' | 'warrantyYears'
    >
  }
}

/** How long a device lasts, as a builder says it: months while it is short, years beyond. */
export function lifeWords({
  device,
  years,
  missing,
  writtenBytesPerDay,
  freeBytes,
}: LivingDevice): string {
  const free = freeBytes > 0 ? `, ${format.drive(freeBytes)} free` : ''
  if (writtenBytesPerDay === 0) return `nothing is written to it${free}`
  const daily = `${format.drive(writtenBytesPerDay)} a day`
  const rated = perDayWords(device, writtenBytesPerDay)
  if (missing.length > 0 || !years) return `${daily}; how much it endures is not known${free}`
  return `${daily}: lasts ${spanWords(years)}${rated}${free}`
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

/** Drive writes a day, rated and used, for those who compare devices by them; empty where the warranty is not known. */
function perDayWords(
  { dataSheet: { capacityBytes, enduranceBytes, warrantyYears } }: LivingDevice['device'],
  writtenBytesPerDay: number,
): string {
  if (enduranceBytes === null || warrantyYears === null) return ''
  const rated = driveWritesPerDay(enduranceBytes, capacityBytes, warrantyYears)
  const [used, most] = format.apart(writtenBytesPerDay / capacityBytes, rated, format.number, 2)
  return `, ${used} of ${most} DWPD`
}
