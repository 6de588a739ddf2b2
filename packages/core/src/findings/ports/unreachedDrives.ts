import { OUTSIDE_PLUGS } from '../../catalogue/plugs'
import { drivesOutside } from '../../machine/drivesOutside'
import { type Machine, pieceOf } from '../../machine/machine'
import type { Piece } from '../../machine/piece'

/** Drives that no cable reaches, by what stands in the way. */
export interface UnreachedDrives {
  /** SAS drives for which no SAS port is left. */
  sas: Piece<'drive'>[]
  /** NVMe drives whose bay or whose port is not made for them, or does not say so. */
  nvme: Piece<'drive'>[]
  /** The others, while ports inside the machine are left that none of their cables fits. */
  noCable: Piece<'drive'>[]
  /** The others, when ports are simply too few. */
  noPort: Piece<'drive'>[]
}

/** Why are drives not reached? Each is in one list, so that each is told once. */
export function unreachedDrives(machine: Machine): UnreachedDrives {
  const found: UnreachedDrives = { sas: [], nvme: [], noCable: [], noPort: [] }
  const { unreachedIds, free, hosts } = machine.wiring.data
  if (!pieceOf(machine, 'board')) return found
  const freeHosts = hosts.filter(({ id }) => free.some(({ hostId }) => hostId === id))
  const outside = drivesOutside(machine)
  const portsLeft = freeHosts.some(({ plug }) => plug === null || !OUTSIDE_PLUGS.includes(plug))
  for (const id of unreachedIds) {
    const drive = machine.pieces.get(id) as Piece<'drive'> | undefined
    if (!drive) continue
    const { plug } = drive.dataSheet
    if (plug === 'NVMe') found.nvme.push(drive)
    else if (outside.has(id)) found.noCable.push(drive)
    else if (plug === 'SAS' && !freeHosts.some(({ takesSas }) => takesSas)) found.sas.push(drive)
    else if (portsLeft) found.noCable.push(drive)
    else found.noPort.push(drive)
  }
  return found
}
