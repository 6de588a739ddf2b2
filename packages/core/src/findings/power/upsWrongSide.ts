import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import { fittingOf, type PieceId } from '../../machine/piece'

interface Facts {
  supplyId: PieceId
  upsId: PieceId | null
  why: 'surge only' | 'not plugged in' | 'no UPS'
}

/** A UPS that does not hold the machine up: its plug is elsewhere, or there is no UPS where the plug is said to be. */
export const upsWrongSide: Rule<'ups-wrong-side', Facts> = {
  code: 'ups-wrong-side',
  step: 'shell',
  find: ({ machine }) => {
    const supply = pieceOf(machine, 'supply')
    const ups = pieceOf(machine, 'ups')
    if (!supply) return []
    const { sockets } = fittingOf(machine.fittings, supply.id)
    const parts = [supply, ...(ups ? [ups] : [])]
    if (sockets.length === 0) {
      return ups ? [lack([{ pieceId: supply.id, field: 'plugsIn' }], { parts })] : []
    }
    const why = sockets.every((socket) => socket === 'UPS surge only')
      ? 'surge only'
      : ups && !sockets.includes('UPS battery')
        ? 'not plugged in'
        : !ups && sockets.some((socket) => socket.startsWith('UPS'))
          ? 'no UPS'
          : null
    if (why === null) return []
    return [found('risks', { parts }, { supplyId: supply.id, upsId: ups?.id ?? null, why })]
  },
  sentence: ({ supplyId, upsId, why }, { piece }) => {
    const name = piece(supplyId)
    if (why === 'no UPS') return `The plug of ${name} is said to go into a UPS; none is chosen.`
    if (why === 'not plugged in') {
      return `${upsId === null ? 'The UPS' : piece(upsId)} does not hold the machine up: the plug of ${name} is not in one of its battery sockets.`
    }
    return `The plug of ${name} is in a socket with surge protection only: in a power cut the machine goes down at once.`
  },
  question: 'whether the UPS holds the machine up',
}
