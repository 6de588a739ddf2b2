import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A brick pays off only under about this much idle. Common practice, no source. */
const MOST_IDLE_WATTS = 50

/** A brick with a bare-board converter: what the converter passes on, and whether it is worth it. */
export const brickTooSmall: Rule = (document, { power }, say) => {
  const supply = fittedOne(document, 'supply')
  if (supply?.sheet.shape !== 'brick') return []
  const { ratedWatts, converterRatedWatts } = supply.sheet
  const name = sheetName(supply.sheet)
  if (converterRatedWatts === null) {
    return [
      notKnown({
        code: 'brick-too-small',
        step: 'shell',
        partIds: [supply.part.id],
        question: 'what the converter passes on',
        missing: `the watts of the converter of ${name}`,
      }),
    ]
  }
  const weakest = Math.min(ratedWatts, converterRatedWatts)
  if (power.dcWatts > weakest) {
    return [
      fitFinding({
        code: 'brick-too-small',
        severity: 'blocks',
        step: 'shell',
        parts: [supply],
        sentence: `${name} passes on ${say.watts(weakest)}; the machine draws ${say.watts(power.dcWatts)} idle already.`,
        numbers: { weakestWatts: weakest, dcWatts: power.dcWatts },
      }),
    ]
  }
  if (power.dcWatts <= MOST_IDLE_WATTS) return []
  return [
    fitFinding({
      code: 'brick-too-small',
      severity: 'note',
      step: 'shell',
      parts: [supply],
      sentence: `A brick pays off up to about ${MOST_IDLE_WATTS} W idle; this machine draws ${say.watts(power.dcWatts)} behind it.`,
      numbers: { dcWatts: power.dcWatts },
    }),
  ]
}
