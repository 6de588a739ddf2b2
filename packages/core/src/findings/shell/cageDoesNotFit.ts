import { isTray } from '../../catalogue/kinds/cage'
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
  /** Trays for small drives that are in no bay. */
  traysWithoutBay: number
}

/** A cage of bays wants wide openings, one over the other; a tray wants a 3.5" bay without a backplane. */
export const cageDoesNotFit: Rule<'cage-does-not-fit', Facts> = {
  code: 'cage-does-not-fit',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const all = piecesOf(machine, 'cage')
    const cages = all.filter(({ dataSheet }) => !isTray(dataSheet))
    if (!chassis || all.length === 0) return []
    const inBay = new Set(
      machine.placed.flatMap(({ pieceId, need }) => (need === 'bay' ? [pieceId] : [])),
    )
    const trays = all.filter(({ id, dataSheet }) => isTray(dataSheet) && !inBay.has(id))
    const wanted = cages.reduce((sum, { dataSheet }) => sum + dataSheet.openings, 0)
    const openings = chassis.dataSheet.openings525
    const parts = [chassis, ...cages]
    const unknown =
      openings === null && cages.length > 0
        ? [lack(missingOf(chassis, 'openings525'), { parts })]
        : []
    const none = { chassisId: chassis.id, cages: 0, wanted: 0, openings: 0, traysWithoutBay: 0 }
    return [
      ...unknown,
      ...(openings !== null && wanted > openings.length
        ? [
            found(
              'blocks',
              { parts },
              { ...none, cages: cages.length, wanted, openings: openings.length },
            ),
          ]
        : []),
      ...(trays.length > 0
        ? [
            found(
              'blocks',
              { parts: [chassis, ...trays] },
              { ...none, traysWithoutBay: trays.length },
            ),
          ]
        : []),
    ]
  },
  sentence: ({ chassisId, cages, wanted, openings, traysWithoutBay }, { piece, format }) =>
    traysWithoutBay > 0
      ? `${format.counted(traysWithoutBay, 'tray finds', 'trays find')} no free 3.5" bay without a backplane in ${piece(chassisId)}.`
      : `${format.counted(cages, 'cage fills', 'cages fill')} ${format.counted(wanted, '5.25" opening')}; ${piece(chassisId)} has ${openings === 0 ? 'none' : format.number(openings)}.`,
  question: 'whether the cage finds an opening',
}
