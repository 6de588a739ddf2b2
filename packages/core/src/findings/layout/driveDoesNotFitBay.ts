import { bayName } from '../../machine/bayPlan'
import type { Rule } from '../../judging/rule'

/** A 3.5" drive in a 2.5" bay. The other way round an adapter tray does it. */
export const driveDoesNotFitBay: Rule = ({ bays }) =>
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
        fix: {
          label: 'Put it on the bench',
          edit: { do: 'move-drive', driveId: id, bay: null },
        },
      },
    ]
  })
