import { blocksOfDesign } from '../../design/bayBlocks'
import type { BayPlan, BayUse } from '../../design/bayUse'
import type { DesignDocument } from '../../design/document'
import { keptByParts } from '../../design/keptByParts'
import { driveBytes } from '../../design/driveBytes'
import { fittedOfKind } from '../../design/fittedParts'
import type { DataCable } from '../../paths/wiring/hostBench'
import { bayRange } from '../../paths/wiring/dataEnds'
import { wiringOf } from '../../paths/wiring/wiring'
import { pullDrives, type PulledPool } from './pullDrives'

export const SHARED_KINDS = [
  'controller',
  'expander',
  'enclosure',
  'backplane',
  'cable',
  'lead',
] as const
export type SharedKind = (typeof SHARED_KINDS)[number]

export interface SharedPart {
  kind: SharedKind
  /** "Backplane of bays 1 to 4", "Lockrow Sixteen". */
  name: string
  driveIds: string[]
  /** What each pool is without these drives, while the part is out. */
  pools: { poolId: string; state: PulledPool['state'] }[]
}

/** Without what it does to the pools. */
export type PartOfSeveral = Omit<SharedPart, 'pools'>

/**
 * Which parts take several drives along when they fail, and what are the pools then?
 *
 * As the wiring has it: a controller with all that hangs on it, an expander, an enclosure, a backplane, a
 * cable, a lead of the supply. The data is still on the drives: a pool that stops comes back with the part,
 * but what was being written may not.
 */
export const sharedParts = keptByParts(findSharedParts)

function findSharedParts(document: DesignDocument, bays: BayPlan): SharedPart[] {
  const bytesOf = driveBytes(document)
  return partsOfSeveral(document, bays).map((part) => ({
    ...part,
    pools: pullDrives(document, part.driveIds, bytesOf).flatMap(({ poolId, state }) =>
      state === 'whole' ? [] : [{ poolId, state }],
    ),
  }))
}

/** Every part with the drives that are gone with it, of those that take several. */
export const partsOfSeveral = keptByParts(findPartsOfSeveral)

function findPartsOfSeveral(document: DesignDocument, bays: BayPlan): PartOfSeveral[] {
  const { data, power, hosts } = wiringOf(document, bays)
  const onCable = new Map<DataCable, string[]>()
  for (const { cable, driveId } of data.ports) {
    const before = onCable.get(cable)
    if (before) before.push(driveId)
    else onCable.set(cable, [driveId])
  }
  const controllers = fittedOfKind(document, 'controller').map(({ part, sheet }): PartOfSeveral => {
    const kind = sheet.manner === 'expander' ? 'expander' : 'controller'
    const behind = hosts.filter(({ id, behindId }) => id === part.id || behindId === part.id)
    return {
      kind,
      name: `${sheet.maker} ${sheet.model}`,
      driveIds: data.cables.flatMap((cable) =>
        behind.includes(cable.host) ? (onCable.get(cable) ?? []) : [],
      ),
    }
  })
  const cables = data.cables
    .filter(({ ends }) => !ends.some(({ isOutside }) => isOutside))
    .map((cable): PartOfSeveral => {
      const { host, connectors, ends } = cable
      const to = bayRange(ends.flatMap((end) => end.bays))
      return {
        kind: 'cable',
        name: `Cable from ${host.name} port ${connectors[0] ?? ''} to ${to}`,
        driveIds: onCable.get(cable) ?? [],
      }
    })
  const leads = (power?.leads ?? []).map(({ lead, driveIds }): PartOfSeveral => {
    return { kind: 'lead', name: `Supply’s ${lead.name}`, driveIds }
  })
  return [...controllers, ...blocks(document, bays.bays), ...cables, ...leads].filter(
    ({ driveIds }) => driveIds.length > 1,
  )
}

/** Backplanes and enclosures: the bays of one block share them. */
function blocks(document: DesignDocument, bays: readonly BayUse[]): PartOfSeveral[] {
  const enclosures = fittedOfKind(document, 'enclosure')
  return blocksOfDesign(document).flatMap(
    ({ backplane, enclosureIndex }, index): PartOfSeveral[] => {
      const inside = bays.filter(({ bay }) => bay.blockIndex === index)
      const driveIds = inside.flatMap(({ drive }) => drive?.part.id ?? [])
      const enclosure = enclosureIndex === null ? undefined : enclosures[enclosureIndex]?.sheet
      if (enclosure) {
        return [{ kind: 'enclosure', name: `${enclosure.maker} ${enclosure.model}`, driveIds }]
      }
      return backplane
        ? [{ kind: 'backplane', name: `Backplane of ${bayRange(inside)}`, driveIds }]
        : []
    },
  )
}
