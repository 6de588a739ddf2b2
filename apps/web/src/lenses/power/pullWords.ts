import type { PullTest } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** What a pull test says of a piece, beside what its data sheet says. */
export function pullWords(
  { watts, sheetWatts, cpuWatts }: Pick<PullTest, 'watts' | 'sheetWatts' | 'cpuWatts'>,
  name: string,
  fieldWords: string,
): string {
  const sheet =
    sheetWatts === null
      ? `${fieldWords} was not known`
      : `its data sheet has ${format.watts(sheetWatts, 1)}`
  const cpu =
    cpuWatts > 0
      ? ` ${format.watts(cpuWatts, 1)} more are the CPU's, which sleeps deeper without it.`
      : ''
  return `Behind the supply ${name} draws ${format.watts(watts, 1)}; ${sheet}.${cpu}`
}
