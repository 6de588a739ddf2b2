import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { isOverloaded } from '../../machine/wiring/wirePower'

interface Facts {
  supplyId: PieceId
  amps: number
  ratedAmps: number
}

/** The 12 V rail behind the drives' leads carries less than the drives ask for together. */
export const railOverloaded: Rule<'rail-overloaded', Facts> = {
  code: 'rail-overloaded',
  step: 'paths',
  find: ({ machine, stagedPower }) =>
    (stagedPower?.rails ?? []).flatMap((rail) => {
      const supply = piecesOf(machine, 'supply').find(({ id }) => id === rail.supplyId)
      // Where the rails are not told apart, all of them together are another rule's matter.
      if (!supply || !isOverloaded(rail) || supply.dataSheet.driveRail12VAmps === null) return []
      const amps = Math.max(rail.startAmps ?? 0, rail.runningAmps ?? 0)
      const facts = { supplyId: supply.id, amps, ratedAmps: rail.ratedAmps ?? 0 }
      return found('blocks', { parts: [supply] }, facts)
    }),
  sentence: ({ supplyId, amps, ratedAmps }, { piece, format }) => {
    const [draw, rated] = format.apart(amps, ratedAmps, format.amps, 1)
    return `The drives draw up to ${draw} from the 12 V rail behind their leads; ${piece(supplyId)} gives it ${rated}. Start them in groups or take another supply.`
  },
}
