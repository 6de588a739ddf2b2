import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cableId: PieceId
  isWired: string
  mustBe: string
}

/** A fan-out cable that would do if it were wired the other way: both ways look alike. */
export const fanOutDirection: Rule<'fan-out-direction', Facts> = {
  code: 'fan-out-direction',
  step: 'paths',
  find: ({ machine }) => {
    const turned = machine.cables.uses.filter(({ use }) => use === 'wrong way')
    const [first] = turned
    const sheet = piecesOf(machine, 'cable').find(({ id }) => id === first?.partId)?.dataSheet
    if (!first?.line || !sheet?.direction) return []
    const partIds = turned.map(({ partId }) => partId)
    const mustBe = first.line.need.direction
    const facts = { cableId: first.partId, isWired: sheet.direction, mustBe }
    return [found('blocks', { partIds }, facts)]
  },
  sentence: ({ cableId, isWired, mustBe }, { piece }) =>
    `${piece(cableId)} is wired ${isWired}; here it must be ${mustBe}. They look alike, and the wrong one shows no drive.`,
}
