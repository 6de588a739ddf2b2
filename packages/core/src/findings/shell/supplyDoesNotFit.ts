import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  supplyId: PieceId
  /** The shapes that the case takes, when that is what is wrong. */
  shapes: { takes: string[]; has: string } | null
  /** The lengths, when those are. */
  lengths: { lengthMm: number; supplyMaxLengthMm: number } | null
}

/** The supply has another shape than the opening, or is longer than the room behind it. */
export const supplyDoesNotFit: Rule<'supply-does-not-fit', Facts> = {
  code: 'supply-does-not-fit',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const supply = pieceOf(machine, 'supply')
    if (!chassis || !supply || cameIn(machine, supply, chassis)) return []
    const { supplyShapes, supplyMaxLengthMm } = chassis.dataSheet
    const { shape, lengthMm } = supply.dataSheet
    const parts = [chassis, supply]
    const base = { chassisId: chassis.id, supplyId: supply.id, shapes: null, lengths: null }
    if (supplyShapes && shape && !supplyShapes.includes(shape)) {
      return [found('blocks', { parts }, { ...base, shapes: { takes: supplyShapes, has: shape } })]
    }
    // A brick stands outside, so its length does not matter.
    if (shape === 'brick') return []
    if (supplyMaxLengthMm !== null && lengthMm !== null && lengthMm > supplyMaxLengthMm) {
      return [found('blocks', { parts }, { ...base, lengths: { lengthMm, supplyMaxLengthMm } })]
    }
    if (isOpenCase(chassis.dataSheet) && !supplyShapes && supplyMaxLengthMm === null) return []
    const missing = [
      ...lacking(supply, 'shape', 'lengthMm'),
      ...lacking(chassis, 'supplyShapes', 'supplyMaxLengthMm'),
    ]
    return missing.length > 0 ? [lack(missing, { parts })] : []
  },
  sentence: ({ chassisId, supplyId, shapes, lengths }, { piece, format }) => {
    if (lengths) {
      const { lengthMm, supplyMaxLengthMm } = lengths
      const [long, room] = format.apart(lengthMm, supplyMaxLengthMm, format.millimetres)
      return `The supply is ${long} long; there is room for ${room}.`
    }
    return `${piece(chassisId)} takes supplies of shape ${(shapes?.takes ?? []).join(' or ')}; ${piece(supplyId)} is ${shapes?.has ?? ''}.`
  },
  question: 'whether the supply fits',
}
