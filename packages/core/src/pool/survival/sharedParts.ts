import { bayBlocksOf } from '../../catalogue/bays'
import type { BayPlan } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { driveBytes } from '../../design/driveBytes'
import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { drivePorts } from '../../fit/drivePorts'
import { pullDrives, type PulledPool } from './pullDrives'

export interface SharedPart {
  /** "Backplane of bays 1 to 4", "Lockrow Sixteen". */
  name: string
  driveIds: string[]
  /** What each pool is without these drives, while the part is out. */
  pools: { poolId: string; state: PulledPool['state'] }[]
}

/**
 * Which parts take several drives along when they fail, and what are the pools then?
 *
 * Only what the document knows for sure: a backplane feeds all drives of its block, and one controller
 * reaches every drive when nothing else could. Which drive hangs on which cable or lead is not known until
 * the wiring is. The data is still on the drives: a pool that stops comes back with the part, but what was
 * being written may not.
 */
export function sharedParts(document: DesignDocument, { bays }: BayPlan): SharedPart[] {
  const bytesOf = driveBytes(document)
  const found = [...backplanes(document, bays), ...onlyController(document, bays)]
  return found
    .filter(({ driveIds }) => driveIds.length > 1)
    .map((part) => ({
      ...part,
      pools: pullDrives(document, part.driveIds, bytesOf).flatMap(({ poolId, state }) =>
        state === 'whole' ? [] : [{ poolId, state }],
      ),
    }))
}

type Found = Omit<SharedPart, 'pools'>

function backplanes(document: DesignDocument, bays: BayPlan['bays']): Found[] {
  const chassis = fittedOne(document, 'chassis')?.sheet
  if (!chassis) return []
  const cages = fittedOfKind(document, 'cage').map(({ sheet }) => sheet)
  return bayBlocksOf(chassis, cages).flatMap(({ backplane }, index) => {
    if (!backplane) return []
    const inside = bays.filter(({ bay }) => bay.blockIndex === index)
    const numbers = inside.map(({ bay }) => bay.number)
    const driveIds = inside.flatMap(({ drive }) => drive?.part.id ?? [])
    return [
      { name: `Backplane of bays ${Math.min(...numbers)} to ${Math.max(...numbers)}`, driveIds },
    ]
  })
}

/** The controller on which every drive hangs, when the board has no port to spare for any. */
function onlyController(document: DesignDocument, bays: BayPlan['bays']): Found[] {
  const cards = fittedOfKind(document, 'controller').filter(({ sheet }) => sheet.drivePorts > 0)
  const [card] = cards
  if (!card || cards.length > 1 || drivePorts(document).board > 0) return []
  const { maker, model } = card.sheet
  return [
    { name: `${maker} ${model}`, driveIds: bays.flatMap(({ drive }) => drive?.part.id ?? []) },
  ]
}
