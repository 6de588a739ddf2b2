import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cpuId: PieceId
  coolerId: PieceId
  ratedWatts: number
  peakWatts: number
}

/** A cooler is rated for less than a CPU draws. Of several, the weakest counts against the hungriest. */
export const coolerTooWeak: Rule<'cooler-too-weak', Facts> = {
  code: 'cooler-too-weak',
  step: 'core',
  find: ({ machine }) => {
    const cpus = piecesOf(machine, 'cpu')
    const coolers = piecesOf(machine, 'cooler')
    const missing = [
      ...cpus.flatMap((cpu) => lacking(cpu, 'peakWatts')),
      ...coolers.flatMap((cooler) => lacking(cooler, 'ratedWatts')),
    ]
    if (cpus.length === 0 || coolers.length === 0) return []
    if (missing.length > 0) return [lack(missing, { parts: [...cpus, ...coolers] })]
    const peakOf = ({ dataSheet }: (typeof cpus)[number]): number => dataSheet.peakWatts ?? 0
    const ratedOf = ({ dataSheet }: (typeof coolers)[number]): number => dataSheet.ratedWatts ?? 0
    const hungriest = cpus.reduce((most, one) => (peakOf(one) > peakOf(most) ? one : most))
    const weakest = coolers.reduce((least, one) => (ratedOf(one) < ratedOf(least) ? one : least))
    const [peakWatts, ratedWatts] = [peakOf(hungriest), ratedOf(weakest)]
    if (ratedWatts >= peakWatts) return []
    const facts = { cpuId: hungriest.id, coolerId: weakest.id, ratedWatts, peakWatts }
    return [found('risks', { parts: [hungriest, weakest] }, facts)]
  },
  sentence: ({ coolerId, ratedWatts, peakWatts }, { piece, format }) => {
    const [rated, peak] = format.apart(ratedWatts, peakWatts, format.watts)
    return `${piece(coolerId)} is rated for ${rated}; the CPU draws up to ${peak} and will throttle.`
  },
  question: 'whether the cooler is strong enough',
}
