import { isTray } from '../../catalogue/kinds/cage'
import { type Found, found, type Lack, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { type Machine, pieceOf, piecesOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'

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
    return chassis ? [...openingsShort(chassis, machine), ...withoutBay(chassis, machine)] : []
  },
  sentence: ({ chassisId, cages, wanted, openings, traysWithoutBay }, { piece, format }) =>
    traysWithoutBay > 0
      ? `${format.counted(traysWithoutBay, 'tray finds', 'trays find')} no free 3.5" bay without a backplane in ${piece(chassisId)}.`
      : `${format.counted(cages, 'cage fills', 'cages fill')} ${format.counted(wanted, '5.25" opening')}; ${piece(chassisId)} has ${openings === 0 ? 'none' : format.number(openings)}.`,
  question: 'whether the cage finds an opening',
}

const NOTHING_SHORT = { cages: 0, wanted: 0, openings: 0, traysWithoutBay: 0 }

function openingsShort(chassis: Piece<'chassis'>, machine: Machine): (Found<Facts> | Lack)[] {
  const cages = piecesOf(machine, 'cage').filter(({ dataSheet }) => !isTray(dataSheet))
  if (cages.length === 0) return []
  const parts = [chassis, ...cages]
  const openings = chassis.dataSheet.openings525
  if (openings === null) return [lack(missingOf(chassis, 'openings525'), { parts })]
  const wanted = cages.reduce((sum, { dataSheet }) => sum + dataSheet.openings, 0)
  if (wanted <= openings.length) return []
  const count = { cages: cages.length, wanted, openings: openings.length }
  return [found('blocks', { parts }, { ...NOTHING_SHORT, ...count, chassisId: chassis.id })]
}

function withoutBay(chassis: Piece<'chassis'>, machine: Machine): Found<Facts>[] {
  const all = piecesOf(machine, 'cage').filter(({ dataSheet }) => isTray(dataSheet))
  if (all.length === 0) return []
  const inBay = new Set(machine.placed.bay.map(({ pieceId }) => pieceId))
  const trays = all.filter(({ id }) => !inBay.has(id))
  if (trays.length === 0) return []
  const facts = { ...NOTHING_SHORT, chassisId: chassis.id, traysWithoutBay: trays.length }
  return [found('blocks', { parts: [chassis, ...trays] }, facts)]
}
