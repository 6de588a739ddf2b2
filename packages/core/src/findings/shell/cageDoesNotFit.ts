import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  cages: number
  wanted: number
  openings: number
}

/** A cage of bays wants wide openings, one over the other. */
export const cageDoesNotFit: Rule<'cage-does-not-fit', Facts> = {
  code: 'cage-does-not-fit',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const cages = piecesOf(machine, 'cage')
    if (!chassis || cages.length === 0) return []
    const wanted = cages.reduce((sum, { dataSheet }) => sum + dataSheet.openings, 0)
    const parts = [chassis, ...cages]
    const openings = chassis.dataSheet.openings525
    if (openings === null) return [lack(missingOf(chassis, 'openings525'), { parts })]
    if (wanted <= openings.length) return []
    const facts = {
      chassisId: chassis.id,
      cages: cages.length,
      wanted,
      openings: openings.length,
    }
    return [found('blocks', { parts }, facts)]
  },
  sentence: ({ chassisId, cages, wanted, openings }, { piece, format }) =>
    `${format.counted(cages, 'cage fills', 'cages fill')} ${format.counted(wanted, '5.25" opening')}; ${piece(chassisId)} has ${openings === 0 ? 'none' : format.number(openings)}.`,
  question: 'whether the cage finds an opening',
}
