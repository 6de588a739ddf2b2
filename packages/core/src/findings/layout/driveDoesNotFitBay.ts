import { bayName } from '../../design/bayUse'
import { moveDrive } from '../../design/edits/moveDrive'
import type { Rule } from '../rule'

/** A 3.5" drive in a 2.5" bay. The other way round an adapter tray does it. */
export const driveDoesNotFitBay: Rule = (_document, { bays }) =>
  bays.bays.flatMap(({ bay, drive }) => {
    if (drive?.sheet.formFactor !== '3.5' || bay.formFactor !== '2.5') return []
    const { id } = drive.part
    return [
      {
        code: 'drive-does-not-fit-bay',
        severity: 'blocks',
        step: 'drives',
        partIds: [id],
        groupIds: [],
        sentence: `The 3.5" drive in ${bayName(bay)} does not fit: the bay takes 2.5" drives.`,
        numbers: {},
        fix: { label: 'Put it on the bench', apply: (before) => moveDrive(before, id, null) },
      },
    ]
  })
