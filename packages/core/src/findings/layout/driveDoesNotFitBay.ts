import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { bayName } from '../../machine/bayPlan'
import type { BayId } from '../../machine/bays'
import type { PieceId } from '../../machine/piece'

interface Facts {
  driveId: PieceId
  bayId: BayId
  bay: string
}

/** A 3.5" drive in a 2.5" bay. The other way round an adapter tray does it. */
export const driveDoesNotFitBay: Rule<'drive-does-not-fit-bay', Facts> = {
  code: 'drive-does-not-fit-bay',
  step: 'drives',
  find: ({ machine }) => {
    const small = machine.bays.filter(({ formFactor }) => formFactor === '2.5')
    if (small.length === 0) return []
    const { driveIn, pieces } = machine
    return small.flatMap((bay) => {
      const drive = pieces.get(driveIn.get(bay.id) ?? '')
      if (drive?.dataSheet.kind !== 'drive' || drive.dataSheet.formFactor !== '3.5') return []
      const facts = { driveId: drive.id, bayId: bay.id, bay: bayName(bay) }
      const fix = { do: 'move-drive', driveId: drive.id, bay: null } as const
      return found('blocks', { parts: [drive] }, facts, { fix })
    })
  },
  sentence: ({ bay }) => `The 3.5" drive in ${bay} does not fit: the bay takes 2.5" drives.`,
}
