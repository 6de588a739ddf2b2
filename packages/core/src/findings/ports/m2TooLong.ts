import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { m2Devices } from '../../machine/m2Devices'
import type { PieceId } from '../../machine/piece'

interface Facts {
  deviceId: PieceId
  socket: number
  lengthMm: number
  longestMm: number
}

/** An M.2 device is longer than the board has room for at its socket. */
export const m2TooLong: Rule<'m2-too-long', Facts> = {
  code: 'm2-too-long',
  step: 'core',
  find: ({ machine }) =>
    m2Devices(machine).flatMap(({ board, device, number, socket: { longestMm } }) => {
      if (!('m2LengthMm' in device.dataSheet)) return []
      const { m2LengthMm: lengthMm } = device.dataSheet
      const parts = [board, device]
      // Nearly all are 80 mm long and nearly all sockets take them, so two silent sheets ask no question.
      if (lengthMm === null && longestMm === null) return []
      if (lengthMm === null) return lack(missingOf(device, 'm2LengthMm'), { parts })
      if (longestMm === null) return lack(missingOf(board, 'm2Sockets'), { parts })
      if (lengthMm <= longestMm) return []
      return found(
        'blocks',
        { parts },
        { deviceId: device.id, socket: number, lengthMm, longestMm },
      )
    }),
  sentence: ({ deviceId, socket, lengthMm, longestMm }, { piece, format }) =>
    `${piece(deviceId)} is ${format.millimetres(lengthMm)} long; M.2 socket ${socket} of the board takes ${format.millimetres(longestMm)}.`,
  question: 'whether an M.2 device is too long',
}
