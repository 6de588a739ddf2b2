import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { startSurge } from '../../power/startSurge'

interface Facts {
  amps: number
  ratedAmps: number
}

/** All drives starting at once ask more of the 12 V rails than they carry. */
export const startSurgeTooHigh: Rule<'start-surge-too-high', Facts> = {
  code: 'start-surge-too-high',
  step: 'drives',
  find: ({ machine }) => {
    const surge = startSurge(machine)
    if (!surge) return []
    const { amps, ratedAmps, missing } = surge
    if (amps > ratedAmps && !missing.some(({ field }) => field === 'rated12VAmps')) {
      return [found('blocks', {}, { amps, ratedAmps })]
    }
    const partIds = [...new Set(missing.flatMap(({ pieceId }) => pieceId ?? []))]
    return missing.length > 0 ? [lack(missing, { partIds })] : []
  },
  sentence: ({ amps, ratedAmps }, { format }) => {
    const [takes, carries] = format.apart(amps, ratedAmps, format.amps, 1)
    return `Starting all drives at once takes ${takes} at 12 V; the supply carries ${carries}. Start them in groups or take a larger supply.`
  },
  question: 'whether the supply can start all drives at once',
}
