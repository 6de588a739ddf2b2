import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The cooler is rated for less than the CPU draws. */
export const coolerTooWeak: Rule = (document, _figures, say) => {
  const cpu = fittedOne(document, 'cpu')
  const cooler = fittedOne(document, 'cooler')
  if (!cpu || !cooler) return []
  const { peakWatts } = cpu.sheet
  const { ratedWatts } = cooler.sheet
  const parts = [cpu, cooler]
  if (peakWatts === null || ratedWatts === null) {
    return [
      notKnown({
        code: 'cooler-too-weak',
        step: 'core',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the cooler is strong enough',
        missing: `watts for ${sheetName(peakWatts === null ? cpu.sheet : cooler.sheet)}`,
      }),
    ]
  }
  if (ratedWatts >= peakWatts) return []
  return [
    fitFinding({
      code: 'cooler-too-weak',
      severity: 'risks',
      step: 'core',
      parts,
      sentence: `${sheetName(cooler.sheet)} is rated for ${say.watts(ratedWatts)}; the CPU draws up to ${say.watts(peakWatts)} and will throttle.`,
      numbers: { ratedWatts, peakWatts },
    }),
  ]
}
