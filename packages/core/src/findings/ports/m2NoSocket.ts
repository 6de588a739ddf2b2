import type { M2Need } from '../../catalogue/needs'
import { kindOf } from '../../catalogue/partKinds'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  keys: readonly string[]
  speaks: string
  sockets: { key: string; carries: string }[]
}

/** An M.2 device whose key or protocol no free socket takes, of the board or of a carrier. */
export const m2NoSocket: Rule<'m2-no-socket', Facts> = {
  code: 'm2-no-socket',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const wanting = [...machine.pieces.values()].filter((piece) => m2NeedOf(piece))
    const notPlaced = machine.unplaced['M.2']
    if (notPlaced.some(({ why }) => why === 'not known')) {
      const lacks = machine.unplaceable.find(({ lacks: { what } }) => what !== 'slots')?.lacks
      const lacking = machine.pieces.get(lacks?.pieceId ?? '')
      const missing =
        lacks?.what === 'key or protocol' && lacking
          ? missingOf(lacking, 'm2Keys')
          : missingOf(board, 'm2Sockets')
      return [lack(missing, { parts: [board, ...wanting] })]
    }
    const sockets = (board.dataSheet.m2Sockets ?? []).map(({ key, carries }) => ({ key, carries }))
    return notPlaced.flatMap(({ pieceId }) => {
      const device = machine.pieces.get(pieceId)
      const need = device && m2NeedOf(device)
      if (!device || !need) return []
      const facts = {
        deviceId: device.id,
        keys: need.keys ?? [],
        speaks: need.speaks ?? '',
        sockets,
      }
      return found('blocks', { parts: [board, device] }, facts)
    })
  },
  sentence: ({ deviceId, keys, speaks, sockets }, { piece, format }) => {
    const kinds = sockets.map(
      ({ key, carries }) => `key ${key} with ${carries === 'both' ? 'PCIe or SATA' : carries}`,
    )
    return `${piece(deviceId)} needs an M.2 socket of key ${keys.join(' or ')} with ${speaks}; ${sockets.length === 0 ? 'the board has none' : `of ${format.counted(sockets.length, 'socket')} (${kinds.join(', ')}) none is left for it`}.`
  },
  question: 'whether every M.2 device finds a socket',
}

function m2NeedOf({ dataSheet }: Piece): M2Need | undefined {
  return kindOf(dataSheet)
    .needs(dataSheet)
    .find((need) => need.kind === 'M.2')
}
