import { fanDutyOf } from '../../design/air'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { peakPower } from '../../power/peakPower'

interface Facts {
  upsId: PieceId
  ratedWatts: number
  needWatts: number
  /** Idle already, or only at work. */
  isIdle: boolean
}

/** The UPS carries less than the machine may draw, idle or at work. */
export const upsTooSmall: Rule<'ups-too-small', Facts> = {
  code: 'ups-too-small',
  step: 'shell',
  find: ({ brief, machine, power, air }) => {
    const [ups] = piecesOf(machine, 'ups')
    if (!ups || power.wall === null) return []
    const { ratedWatts } = ups.dataSheet
    const parts = [ups]
    if (ratedWatts === null) return [lack(missingOf(ups, 'ratedWatts'), { parts })]
    const idle = { upsId: ups.id, ratedWatts, needWatts: power.wall.high, isIdle: true }
    if (idle.needWatts > ratedWatts) return [found('blocks', { parts }, idle)]
    const { wall: busy } = peakPower(brief, machine, fanDutyOf(air))
    if (busy === null) return []
    if (busy.low > ratedWatts) {
      return [found('risks', { parts }, { ...idle, needWatts: busy.low, isIdle: false })]
    }
    return busy.missing.length > 0 ? [lack(busy.missing, { parts })] : []
  },
  sentence: ({ upsId, ratedWatts, needWatts, isIdle }, { piece, format }) => {
    const [carries, needs] = format.apart(ratedWatts, needWatts, format.watts)
    return isIdle
      ? `${piece(upsId)} carries ${carries}; the machine may draw ${needs} idle already, and more at work.`
      : `${piece(upsId)} carries ${carries}; at work the machine draws ${needs}, so it goes down when the power fails while it is busy.`
  },
  question: 'whether the UPS is strong enough',
}
