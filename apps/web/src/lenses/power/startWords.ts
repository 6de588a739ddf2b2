import type { StartCurve } from '@flint/core/figures'
import { format } from '../../controls/locale'

interface Surge {
  amps: number
  ratedAmps: number
  missing: readonly unknown[]
}

/** The worst moment of each rail against what it is made for. */
export function startWords({ moments }: StartCurve, twelve: Surge, five: Surge): string {
  const rail = (volts: string, { amps, ratedAmps, missing }: Surge): string => {
    const least = missing.length > 0 ? 'at least ' : ''
    if (ratedAmps === 0)
      return `${least}${format.amps(amps)} at ${volts}, whose rating nobody gives`
    const [takes, carries] = format.apart(amps, ratedAmps, format.amps, 1)
    return `${least}${takes} of ${carries} at ${volts}`
  }
  const last = moments.at(-1)?.atSeconds ?? 0
  const turns = last > 0 ? ` All drives turn after ${format.number(last)} s.` : ''
  return `At the worst moment ${rail('12 V', twelve)} and ${rail('5 V', five)}.${turns} Groups want a controller or a backplane that lets drives wait; drives without such a setting start as soon as they have power.`
}
