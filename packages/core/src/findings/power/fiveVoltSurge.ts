import type { Rule } from '../../judging/rule'
import { type SurgeFacts, surgeFindings } from './startSurgeTooHigh'

/** Drives that start together ask more of the 5 V rail than it carries, which small and redundant supplies make weak. */
export const fiveVoltSurge: Rule<'five-volt-surge', SurgeFacts> = {
  code: 'five-volt-surge',
  step: 'power',
  find: (given) => surgeFindings(given, 'five'),
  sentence: ({ amps, ratedAmps, drivesAtOnce }, { format }) => {
    const [takes, carries] = format.apart(amps, ratedAmps, format.amps, 1)
    const who =
      drivesAtOnce === null
        ? 'all drives at once'
        : `${format.counted(drivesAtOnce, 'drive')} at a time`
    return `Starting ${who} takes ${takes} at 5 V; the supply carries ${carries} there. Start them in ${drivesAtOnce === null ? '' : 'smaller '}groups or take another supply.`
  },
  question: 'whether the 5 V rail can start all drives at once',
}
