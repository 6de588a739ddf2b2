import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import { fittingOf, type PieceId } from '../../machine/piece'

interface Facts {
  upsId: PieceId
  plugs: number
  sockets: number
}

/** More plugs are said to go into the battery sockets of the UPS than it has. */
export const upsSocketsShort: Rule<'ups-sockets-short', Facts> = {
  code: 'ups-sockets-short',
  step: 'power',
  find: ({ machine }) => {
    const [ups] = piecesOf(machine, 'ups')
    if (!ups) return []
    const plugs = machine.inOrder.reduce(
      (sum, { id }) =>
        sum +
        fittingOf(machine.fittings, id).sockets.filter((socket) => socket === 'UPS battery').length,
      0,
    )
    if (plugs === 0) return []
    const parts = [ups]
    const { batterySockets: sockets } = ups.dataSheet
    if (sockets === null) return [lack(missingOf(ups, 'batterySockets'), { parts })]
    return plugs <= sockets ? [] : [found('blocks', { parts }, { upsId: ups.id, plugs, sockets })]
  },
  sentence: ({ upsId, plugs, sockets }, { piece, format }) =>
    `${format.counted(plugs, 'plug goes', 'plugs go')} into battery sockets of ${piece(upsId)}, which has ${sockets === 0 ? 'none' : format.number(sockets)}: the others have surge protection only.`,
  question: 'whether the UPS has enough battery sockets',
}
