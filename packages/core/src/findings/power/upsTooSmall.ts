import { piecesOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The UPS carries less than the machine may draw. */
export const upsTooSmall: Rule = ({ machine, power }, format) => {
  const [ups] = piecesOf(machine, 'ups')
  const need = power.highWallWatts
  if (!ups || need === null) return []
  const { ratedWatts } = ups.dataSheet
  const base = { code: 'ups-too-small', step: 'shell' } as const
  if (ratedWatts === null) {
    return [
      notKnown({
        ...base,
        partIds: [ups.id],
        question: 'whether the UPS is strong enough',
        missing: `the watts that ${sheetName(ups.dataSheet)} carries`,
      }),
    ]
  }
  if (ratedWatts >= need) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: [ups],
      sentence: `${sheetName(ups.dataSheet)} carries ${format.watts(ratedWatts)}; the machine may draw ${format.watts(need)} idle already, and more at work.`,
      numbers: { ratedWatts, needWatts: need },
    }),
  ]
}
