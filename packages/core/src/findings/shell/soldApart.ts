import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { listed } from '../../judging/words'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  /** Drives that want trays or screws; 0 when those are in the box. */
  drivesWithoutTrays: number
  withoutRails: boolean
}

/** Trays, rails or screws that do not come with the case and are easily forgotten. */
export const soldApart: Rule<'sold-apart', Facts> = {
  code: 'sold-apart',
  step: 'shell',
  find: ({ machine, stillToChoose }) => {
    const chassis = pieceOf(machine, 'chassis')
    if (!chassis) return []
    const isRacked = pieceOf(machine, 'place')?.dataSheet.form === 'rack'
    const missing = [
      ...(chassis.dataSheet.driveTrays === null && machine.driveIn.size > 0
        ? missingOf(chassis, 'driveTrays')
        : []),
      ...(chassis.dataSheet.rails === null && isRacked ? missingOf(chassis, 'rails') : []),
    ]
    const open = missing.length > 0 ? [lack(missing, { parts: [chassis] })] : []
    const trays = stillToChoose.find(({ choice }) => choice === 'trays')
    const withoutRails = stillToChoose.some(({ choice }) => choice === 'rails')
    if (!trays && !withoutRails) return open
    const facts = { chassisId: chassis.id, drivesWithoutTrays: trays?.count ?? 0, withoutRails }
    return [...open, found('note', { parts: [chassis] }, facts)]
  },
  sentence: ({ chassisId, drivesWithoutTrays, withoutRails }, { piece, format }) => {
    const apart = [
      ...(drivesWithoutTrays > 0
        ? [`trays and screws for ${format.counted(drivesWithoutTrays, 'drive')}`]
        : []),
      ...(withoutRails ? ['the rails for the rack'] : []),
    ]
    return `Not in the box of ${piece(chassisId)}: ${listed(apart)}. They are not in the sum.`
  },
  question: 'whether trays, screws and rails are in the box',
}
