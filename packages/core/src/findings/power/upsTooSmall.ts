import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The UPS carries less than the machine may draw. */
export const upsTooSmall: Rule = (document, { power }, say) => {
  const [ups] = fittedOfKind(document, 'ups')
  const need = power.highWallWatts
  if (!ups || need === null) return []
  const { ratedWatts } = ups.sheet
  const base = { code: 'ups-too-small', step: 'shell' } as const
  if (ratedWatts === null) {
    return [
      notKnown({
        ...base,
        partIds: [ups.part.id],
        question: 'whether the UPS is strong enough',
        missing: `the watts that ${sheetName(ups.sheet)} carries`,
      }),
    ]
  }
  if (ratedWatts >= need) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: [ups],
      sentence: `${sheetName(ups.sheet)} carries ${say.watts(ratedWatts)}; the machine may draw ${say.watts(need)} idle already, and more at work.`,
      numbers: { ratedWatts, needWatts: need },
    }),
  ]
}
