import type { M2Need } from '../../catalogue/needs'
import { kindOf } from '../../catalogue/partKinds'
import type { Finding } from '../../judging/finding'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf } from '../../machine/machine'
import type { Piece } from '../../machine/piece'

/** An M.2 device whose key or protocol no free socket takes, of the board or of a carrier. */
export const m2NoSocket: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const base = { code: 'm2-no-socket', step: 'core' } as const
  const wanting = [...machine.pieces.values()].filter((piece) => m2NeedOf(piece))
  const notPlaced = machine.unplaced.filter(({ need }) => need === 'M.2')
  if (notPlaced.some(({ why }) => why === 'not known')) {
    const lacks = machine.unplaceable.find(({ lacks: { what } }) => what !== 'slots')?.lacks
    const lacking = machine.pieces.get(lacks?.pieceId ?? '')
    return [
      notKnown({
        ...base,
        partIds: [board.id, ...wanting.map(({ id }) => id)],
        question: 'whether every M.2 device finds a socket',
        missing:
          lacks?.what === 'key or protocol' && lacking
            ? `the key of ${sheetName(lacking.dataSheet)}`
            : `the M.2 sockets of ${sheetName(board.dataSheet)}`,
      }),
    ]
  }
  const kinds = (board.dataSheet.m2Sockets ?? []).map(
    ({ key, carries }) => `key ${key} with ${carries === 'both' ? 'PCIe or SATA' : carries}`,
  )
  return notPlaced.flatMap(({ pieceId }): Finding[] => {
    const device = machine.pieces.get(pieceId)
    const need = device && m2NeedOf(device)
    if (!device || !need) return []
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts: [board, device],
        sentence: `${sheetName(device.dataSheet)} needs an M.2 socket of key ${(need.keys ?? []).join(' or ')} with ${need.speaks ?? ''}; ${kinds.length === 0 ? 'the board has none' : `of ${format.counted(kinds.length, 'socket')} (${kinds.join(', ')}) none is left for it`}.`,
        numbers: { sockets: kinds.length, devices: wanting.length },
      }),
    ]
  })
}

function m2NeedOf({ dataSheet }: Piece): M2Need | undefined {
  return kindOf(dataSheet)
    .needs(dataSheet)
    .find((need) => need.kind === 'M.2')
}
