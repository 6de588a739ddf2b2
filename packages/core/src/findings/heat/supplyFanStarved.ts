import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  supplyId: PieceId
  flow: number
  freeFlow: number
}

/** With less than this of what it moves alone a supply's fan leaves it hot. Common practice, no source. */
export const STARVED_SHARE = 0.6

/** The fans of the case pull harder than the supply's own fan, which then moves little air, or none. */
export const supplyFanStarved: Rule<'supply-fan-starved', Facts> = {
  code: 'supply-fan-starved',
  step: 'heat',
  find: ({ airFlow }) => {
    if (!airFlow?.supply) return []
    const { pieceId, flow, free } = airFlow.supply
    if (flow.likely >= free.likely * STARVED_SHARE) return []
    const facts = { supplyId: pieceId, flow: flow.likely, freeFlow: free.likely }
    return [found('risks', { partIds: [pieceId] }, facts)]
  },
  sentence: ({ supplyId, flow, freeFlow }, { piece, format }) =>
    flow <= 0
      ? `The fan of ${piece(supplyId)} moves no air: the fans of the case pull air in through the supply. Let them run slower, or let more air in at the front.`
      : `The fan of ${piece(supplyId)} moves about ${format.number(flow)} of ${format.number(freeFlow)} m³/h, since the fans of the case pull harder. Let them run slower, or let more air in at the front.`,
}
