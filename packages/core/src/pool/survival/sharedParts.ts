import type { Design } from '../../design/design'
import { driveBytes } from '../../design/driveBytes'
import type { Bay } from '../../machine/bays'
import { bayRange, baysOfBlock } from '../../machine/drivesInBays'
import { type Machine, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { membersAway } from '../poolState'
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
  driveIds: PieceId[]
  /** What each pool is without these drives, while the part is out. */
  pools: { poolId: string; state: PulledPool['state'] }[]
}

/** Without what it does to the pools, and its name not yet written: most are never shown. */
export interface PartOfSeveral extends Omit<SharedPart, 'pools' | 'name'> {
  nameOf: () => string
}

/**
 * Which parts take several drives along when they fail, and what are the pools then?
 *
 * As the wiring has it: a controller with all that hangs on it, an expander, an enclosure, a backplane, a
 * cable, a lead of the supply. The data is still on the drives: a pool that stops comes back with the part,
 * but what was being written may not.
 */
export function sharedParts(design: Design, machine: Machine): SharedPart[] {
  const bytesOf = driveBytes(design)
  return partsOfSeveral(machine).map(({ kind, nameOf, driveIds }) => ({
    kind,
    name: nameOf(),
    driveIds,
    pools: pullDrives(design, [...driveIds, ...membersAway(machine)], bytesOf).flatMap(
      ({ poolId, state }) => (state === 'whole' ? [] : [{ poolId, state }]),
    ),
  }))
}

/** Every part with the drives that are gone with it, of those that take several. */
export const partsOfSeveral = (machine: Machine): PartOfSeveral[] =>
  partsOfDrives(machine).filter(({ driveIds }) => driveIds.length > 1)

/** Every part on the way to drives with those that it serves, also those that serve one. */
export function partsOfDrives(machine: Machine): PartOfSeveral[] {
  const onCable = drivesByCable(machine)
  return [
    ...controllers(machine, onCable),
    ...blocks(machine),
    ...cables(machine, onCable),
    ...leads(machine),
  ].filter(({ driveIds }) => driveIds.length > 0)
}

type DrivesByCable = ReadonlyMap<string, PieceId[]>

function drivesByCable({ wiring }: Machine): DrivesByCable {
  const onCable = new Map<string, PieceId[]>()
  for (const { cableId, driveId } of wiring.data.ports) {
    const before = onCable.get(cableId)
    if (before) before.push(driveId)
    else onCable.set(cableId, [driveId])
  }
  return onCable
}

function controllers(machine: Machine, onCable: DrivesByCable): PartOfSeveral[] {
  const { hosts, cables: all } = machine.wiring.data
  return piecesOf(machine, 'controller').map(({ id, dataSheet }) => {
    const hostIds = new Set<string>()
    for (const host of hosts) if (host.pieceId === id) hostIds.add(host.id)
    for (const host of hosts) if (hostIds.has(host.behindId ?? '')) hostIds.add(host.id)
    const driveIds: PieceId[] = []
    for (const { id: cableId, hostId } of all) {
      if (hostIds.has(hostId)) driveIds.push(...(onCable.get(cableId) ?? []))
    }
    return {
      kind: dataSheet.controllerType === 'expander' ? 'expander' : 'controller',
      nameOf: () => `${dataSheet.maker} ${dataSheet.model}`,
      driveIds,
    }
  })
}

function cables(machine: Machine, onCable: DrivesByCable): PartOfSeveral[] {
  const { hosts, cables: all } = machine.wiring.data
  const bayOf = machine.bayById
  return all
    .filter(({ ends }) => !ends.some(({ isOutside }) => isOutside))
    .map(({ id, hostId, connectors, ends }) => ({
      kind: 'cable',
      nameOf: () => {
        const host = hosts.find((one) => one.id === hostId)?.name ?? ''
        const bays: Bay[] = []
        for (const { bayIds } of ends) {
          for (const bayId of bayIds) {
            const bay = bayOf.get(bayId)
            if (bay) bays.push(bay)
          }
        }
        return `Cable from ${host} port ${connectors[0] ?? ''} to ${bays.length > 0 ? bayRange(bays) : (ends[0]?.name ?? '')}`
      },
      driveIds: onCable.get(id) ?? [],
    }))
}

function leads({ wiring }: Machine): PartOfSeveral[] {
  return (wiring.power?.leads ?? []).map(({ lead, driveIds }) => {
    return { kind: 'lead', nameOf: () => `Supply’s ${lead.name}`, driveIds }
  })
}

/** Backplanes and enclosures: the bays of one block share them. */
function blocks(machine: Machine): PartOfSeveral[] {
  const { bayById: bayOf, driveIn } = machine
  const several = new Set(machine.blocks.map(({ pieceId }) => pieceId)).size > 1
  return machine.blocks.flatMap((block): PartOfSeveral[] => {
    const driveIds: PieceId[] = []
    for (const bayId of block.bayIds) {
      const driveId = driveIn.get(bayId)
      if (driveId !== undefined) driveIds.push(driveId)
    }
    const sheet = machine.pieces.get(block.pieceId)?.dataSheet
    if (!sheet) return []
    if (block.isOutside) {
      return [{ kind: 'enclosure', nameOf: () => `${sheet.maker} ${sheet.model}`, driveIds }]
    }
    const of = several && sheet.kind !== 'chassis' ? ` of ${sheet.model}` : ''
    return block.backplane
      ? [
          {
            kind: 'backplane',
            nameOf: () => `Backplane of ${bayRange(baysOfBlock(block, bayOf))}${of}`,
            driveIds,
          },
        ]
      : []
  })
}
