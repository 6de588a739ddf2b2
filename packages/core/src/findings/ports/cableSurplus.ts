import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cableIds: readonly PieceId[]
}

/** Data cables of the design that nothing needs; they cost money and do no harm. */
export const cableSurplus: Rule<'cable-surplus', Facts> = {
  code: 'cable-surplus',
  step: 'paths',
  find: (given) => {
    const { machine } = given
    const surplus = machine.cables.uses.filter(({ use }) => use === 'surplus')
    // While nothing is wired yet, no cable can be left over.
    if (surplus.length === 0 || machine.wiring.data.cables.length === 0) return []
    const cableIds = surplus.flatMap(({ partId }) => (given.ownedIds.has(partId) ? [] : [partId]))
    return cableIds.length === 0 ? [] : [found('note', { partIds: cableIds }, { cableIds })]
  },
  sentence: ({ cableIds }, { pieces, format }) =>
    `Nothing needs ${format.counted(cableIds.length, 'cable')}: ${pieces(cableIds)}.`,
}
