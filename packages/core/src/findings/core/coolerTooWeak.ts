import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'

/** A cooler is rated for less than a CPU draws. Of several, the weakest counts against the hungriest. */
export const coolerTooWeak: Rule = ({ machine }, format) => {
  const cpus = piecesOf(machine, 'cpu')
  const coolers = piecesOf(machine, 'cooler')
  if (cpus.length === 0 || coolers.length === 0) return []
  const withoutValue =
    cpus.find(({ dataSheet }) => dataSheet.peakWatts === null) ??
    coolers.find(({ dataSheet }) => dataSheet.ratedWatts === null)
  if (withoutValue) {
    return [
      notKnown({
        code: 'cooler-too-weak',
        step: 'core',
        partIds: [...cpus, ...coolers].map(({ id }) => id),
        question: 'whether the cooler is strong enough',
        missing: `watts for ${sheetName(withoutValue.dataSheet)}`,
      }),
    ]
  }
  const peakOf = ({ dataSheet }: (typeof cpus)[number]): number => dataSheet.peakWatts ?? 0
  const ratedOf = ({ dataSheet }: (typeof coolers)[number]): number => dataSheet.ratedWatts ?? 0
  const hungriest = cpus.reduce((most, one) => (peakOf(one) > peakOf(most) ? one : most))
  const weakest = coolers.reduce((least, one) => (ratedOf(one) < ratedOf(least) ? one : least))
  const [peakWatts, ratedWatts] = [peakOf(hungriest), ratedOf(weakest)]
  if (ratedWatts >= peakWatts) return []
  return [
    fitFinding({
      code: 'cooler-too-weak',
      severity: 'risks',
      step: 'core',
      parts: [hungriest, weakest],
      sentence: `${sheetName(weakest.dataSheet)} is rated for ${format.watts(ratedWatts)}; the CPU draws up to ${format.watts(peakWatts)} and will throttle.`,
      numbers: { ratedWatts, peakWatts },
    }),
  ]
}
