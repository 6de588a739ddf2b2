import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

/** A brick pays off only under about this much idle. Common practice, no source. */
export const MOST_IDLE_WATTS = 50

interface Facts {
  supplyId: PieceId
  dcWatts: number
  /** What brick and converter pass on, whichever is less. */
  weakestWatts: number
}

/** A brick with a bare-board converter: what the converter passes on, and whether it is worth it. */
export const brickTooSmall: Rule<'brick-too-small', Facts> = {
  code: 'brick-too-small',
  step: 'shell',
  find: ({ machine, power }) => {
    const supply = pieceOf(machine, 'supply')
    if (supply?.dataSheet.shape !== 'brick') return []
    const { ratedWatts, converterRatedWatts } = supply.dataSheet
    const parts = [supply]
    if (converterRatedWatts === null) {
      return [lack(missingOf(supply, 'converterRatedWatts'), { parts })]
    }
    const dcWatts = power.dc.likely
    const weakestWatts = Math.min(ratedWatts, converterRatedWatts)
    const facts = { supplyId: supply.id, dcWatts, weakestWatts }
    if (dcWatts > weakestWatts) return [found('blocks', { parts }, facts)]
    return dcWatts > MOST_IDLE_WATTS ? [found('note', { parts }, facts)] : []
  },
  sentence: ({ supplyId, dcWatts, weakestWatts }, { piece, format }) => {
    if (dcWatts <= weakestWatts) {
      const [most, draws] = format.apart(MOST_IDLE_WATTS, dcWatts, format.watts)
      return `A brick pays off up to about ${most} idle; this machine draws ${draws} behind it.`
    }
    const [passes, draws] = format.apart(weakestWatts, dcWatts, format.watts)
    return `${piece(supplyId)} passes on ${passes}; the machine draws ${draws} idle already.`
  },
  question: 'what the converter passes on',
}
