import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** A brick pays off only under about this much idle. Common practice, no source. */
const MOST_IDLE_WATTS = 50

/** A brick with a bare-board converter: what the converter passes on, and whether it is worth it. */
export const brickTooSmall: Rule = ({ machine, power }, format) => {
  const supply = pieceOf(machine, 'supply')
  if (supply?.dataSheet.shape !== 'brick') return []
  const { ratedWatts, converterRatedWatts } = supply.dataSheet
  const name = sheetName(supply.dataSheet)
  if (converterRatedWatts === null) {
    return [
      notKnown({
        code: 'brick-too-small',
        step: 'shell',
        partIds: [supply.id],
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
        sentence: `${name} passes on ${format.watts(weakest)}; the machine draws ${format.watts(power.dcWatts)} idle already.`,
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
      sentence: `A brick pays off up to about ${MOST_IDLE_WATTS} W idle; this machine draws ${format.watts(power.dcWatts)} behind it.`,
      numbers: { dcWatts: power.dcWatts },
    }),
  ]
}
