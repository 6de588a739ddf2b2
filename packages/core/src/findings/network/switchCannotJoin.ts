import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { portUses } from '../../machine/portUses'

interface Facts {
  switchId: PieceId
  joined: number
}

/** Ports that are joined need a switch that joins them too; without it only one of them is used, or none. */
export const switchCannotJoin: Rule<'switch-cannot-join', Facts> = {
  code: 'switch-cannot-join',
  step: 'network',
  find: ({ network, machine }) => {
    const { joined } = portUses(machine.networkPaths, network)
    if (joined.length < 2) return []
    return piecesOf(machine, 'switch').flatMap((piece) => {
      const { joinsPorts } = piece.dataSheet
      if (joinsPorts === null) return lack(missingOf(piece, 'joinsPorts'), { parts: [piece] })
      if (joinsPorts) return []
      return found('risks', { parts: [piece] }, { switchId: piece.id, joined: joined.length })
    })
  },
  sentence: ({ switchId, joined }, { piece }) =>
    `${piece(switchId)} does not join ports, and ${joined} ports of the machine are to act as one: give each of them an address of its own, or take a switch that joins them.`,
  question: 'whether the switch joins ports',
}
