import type { SheetOf } from '../catalogue/partKinds'
import { type Machine, pieceOf } from './machine'
import type { Piece } from './piece'

/** A device in an M.2 socket of the board itself; sockets are counted from 1. */
export interface M2Device {
  board: Piece<'board'>
  device: Piece
  number: number
  socket: NonNullable<SheetOf<'board'>['m2Sockets']>[number]
}

/** What sits in the M.2 sockets of the board; devices on carriers are left out, since no sheet says what room they have. */
export function m2Devices(machine: Machine): M2Device[] {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  return machine.placed['M.2'].flatMap(({ pieceId, on }) => {
    if (on.pieceId !== board.id) return []
    const device = machine.pieces.get(pieceId)
    const socket = board.dataSheet.m2Sockets?.[on.number - 1]
    return device && socket ? [{ board, device, number: on.number, socket }] : []
  })
}
