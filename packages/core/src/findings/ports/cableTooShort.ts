import { found, lack } from '../../judging/finding'
import { lacking, missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { type Missing, withMissing } from '../../units/amount'

interface Facts {
  cableId: PieceId
  lengthMm: number
  leastMm: number
}

/** A cable of the design with the right plugs that does not reach, as far as the drawing tells. */
export const cableTooShort: Rule<'cable-too-short', Facts> = {
  code: 'cable-too-short',
  step: 'paths',
  find: ({ machine }) => {
    const { lines, uses } = machine.cables
    const cables = new Map(piecesOf(machine, 'cable').map((cable) => [cable.id, cable]))
    const short = uses.filter(({ use }) => use === 'too short')
    const first = cables.get(short[0]?.partId ?? '')
    if (first) {
      const facts = {
        cableId: first.id,
        lengthMm: first.dataSheet.lengthMm ?? 0,
        leastMm: short[0]?.line?.need.leastMm ?? 0,
      }
      return [found('risks', { partIds: short.map(({ partId }) => partId) }, facts)]
    }
    const chassis = pieceOf(machine, 'chassis')
    const missing = lines.flatMap(({ from, need }): Missing[] => {
      const cable = from?.inBox === false ? cables.get(from.partId) : undefined
      if (!cable) return []
      return [
        ...lacking(cable, 'lengthMm'),
        ...(need.leastMm === null && chassis ? missingOf(chassis, 'boardAt') : []),
      ]
    })
    if (missing.length === 0) return []
    const partIds = lines.flatMap(({ from }) => (from?.inBox === false ? [from.partId] : []))
    return [lack(withMissing([], missing), { partIds })]
  },
  sentence: ({ cableId, lengthMm, leastMm }, { piece, format }) => {
    const [long, least] = format.apart(lengthMm, leastMm, format.millimetres)
    return `${piece(cableId)} is ${long} long; along the walls of the case it takes about ${least}. Measure before you buy.`
  },
  question: 'whether each cable is long enough',
}
