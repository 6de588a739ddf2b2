import { fanDutyOf } from '../../design/air'
import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { peakPower } from '../../power/peakPower'

interface Facts {
  supplyId: PieceId
  peakWatts: number
  ratedWatts: number
  /** Idle already, or only at work. */
  isIdle: boolean
  /** Two modules share the load, and one alone must carry it when the other is dead. */
  isPair: boolean
}

/**
 * Everything at work at once draws more than the supply gives. All parts at their peak together is the worst that
 * can be, and rare; a supply that cannot give it shuts down when it comes.
 */
export const supplyTooSmall: Rule<'supply-too-small', Facts> = {
  code: 'supply-too-small',
  step: 'shell',
  find: ({ brief, machine, power, air }) => {
    const supplies = piecesOf(machine, 'supply')
    const [first] = supplies
    if (!first) return []
    const ratedWatts = supplies.reduce((sum, { dataSheet }) => sum + dataSheet.ratedWatts, 0)
    const { dc } = peakPower(brief, machine, fanDutyOf(air))
    const facts = {
      supplyId: first.id,
      ratedWatts,
      isPair: first.dataSheet.modules === 2,
    }
    if (power.dc.low > ratedWatts) {
      const idle = { ...facts, peakWatts: power.dc.low, isIdle: true }
      return [found('blocks', { parts: supplies }, idle)]
    }
    if (dc.low > ratedWatts) {
      const busy = { ...facts, peakWatts: dc.low, isIdle: false }
      return [found('blocks', { parts: supplies }, busy)]
    }
    return dc.missing.length > 0 ? [lack(dc.missing, { parts: supplies })] : []
  },
  sentence: ({ supplyId, peakWatts, ratedWatts, isIdle, isPair }, { piece, format }) => {
    const [draws, gives] = format.apart(peakWatts, ratedWatts, format.watts)
    return `${piece(supplyId)} gives ${gives}${isPair ? ' with one of its two modules' : ''}; the machine draws ${isIdle ? `${draws} idle already` : `up to ${draws} when everything is at work`}.`
  },
  question: 'whether the supply carries everything at work',
}
