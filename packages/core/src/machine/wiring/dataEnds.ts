import type { Backplane } from '../../catalogue/blocks'
import { type DataPlug, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import type { WiringEnd } from '../../design/pathChoices'
import type { Bay, BayBlock, BayId } from '../bays'
import { bayRange } from '../drivesInBays'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../linkRates'
import type { Piece, PiecesByKind, PieceId } from '../piece'
import type { DriveGroups } from './driveGroups'

/** A drive behind an end of a cable. */
export interface DriveOnEnd {
  id: PieceId
  /** Which lane of the end it hangs on, from 0. */
  lane: number
  bytesPerSecond: number
}

/** The drive in a bay, if there is one. */
export type DriveBehind = Piece<'drive'> | null

/** What a data cable goes to: a drive, a plug of a backplane, an enclosure, a boot device. */
export interface DataEnd {
  ref: WiringEnd
  /** The same as a text, for looking it up; never taken apart. */
  key: string
  name: string
  plug: DataPlug
  /** Lanes of the plug. */
  lanes: number
  /** All bays behind it, in order; the first hangs on the first lane. */
  bayIds: BayId[]
  drives: DriveOnEnd[]
  needsSas: boolean
  needsNvme: boolean
  /** Whether a chip shares the lanes among its bays, as in an enclosure; else each bay has its own. */
  isShared: boolean
  /** Whether it is inside an enclosure beside the machine. */
  isOutside: boolean
}

/** An end as a text, for looking it up. */
export function endKey(end: WiringEnd): string {
  if ('bay' in end) return `bay ${end.bay}`
  if ('piece' in end) return `piece ${end.piece}`
  const { pieceId, block, plug } = end.backplane
  return `backplane ${pieceId} ${block} ${plug}`
}

/** Where a data cable can go, whichever drives are in the bays behind it. */
export interface DataPlace extends Pick<
  DataEnd,
  'ref' | 'key' | 'name' | 'bayIds' | 'isShared' | 'isOutside'
> {
  /** Null where the drive has a plug of its own. */
  plug: DataPlug | null
  speaksNvme: boolean
}

/** Where data cables of a block can go: into its enclosure, its backplane, or each of its drives. */
export function dataPlacesOf(
  block: BayBlock,
  bays: readonly Bay[],
  enclosure: Piece<'enclosure'> | undefined,
): DataPlace[] {
  if (enclosure) return enclosurePlaces(enclosure, bays)
  if (block.backplane) return backplanePlaces(block, block.backplane, bays)
  return bays.map(({ id, number }) => {
    const ref = { bay: id }
    const name = `drive in bay ${number}`
    const own = { plug: null, speaksNvme: true, isShared: false, isOutside: false }
    return { ref, key: endKey(ref), name, bayIds: [id], ...own }
  })
}

function enclosurePlaces({ id, dataSheet }: Piece<'enclosure'>, bays: readonly Bay[]): DataPlace[] {
  const { hostPlug: plug, model: name } = dataSheet
  // Which cable it wants is not known then, and a finding says so.
  if (plug === null) return []
  const ref = { piece: id }
  const bayIds = bays.map((bay) => bay.id)
  const outside = { speaksNvme: false, isShared: true, isOutside: true }
  return [{ ref, key: endKey(ref), name, plug, bayIds, ...outside }]
}

function backplanePlaces(
  { pieceId, number }: BayBlock,
  { dataPlug: plug, dataPlugs, carriesNvme }: Backplane,
  bays: readonly Bay[],
): DataPlace[] {
  if (dataPlugs === 0) return []
  const lanes = DRIVES_PER_DATA_PLUG[plug]
  const speaksNvme = carriesNvme === true
  // An NVMe drive has all lanes of a plug. With fewer lanes than bays there is a chip that shares them.
  const perDrive = speaksNvme ? lanes : 1
  const isShared = dataPlugs * lanes < bays.length * perDrive
  const perPlug = isShared ? bays.length : lanes / perDrive
  const count = isShared ? 1 : Math.ceil(bays.length / perPlug)
  return Array.from({ length: count }, (_, at) => {
    const behind = bays.slice(at * perPlug, (at + 1) * perPlug)
    const [first] = behind
    const name =
      lanes === 1 && first
        ? `backplane, bay ${first.number}`
        : `backplane plug ${at + 1}, ${bayRange(behind)}`
    const ref = { backplane: { pieceId, block: number, plug: at + 1 } }
    const bayIds = behind.map(({ id }) => id)
    return { ref, key: endKey(ref), name, plug, bayIds, speaksNvme, isShared, isOutside: false }
  })
}

const OWN_PLUG = { SAS: 'SFF-8482', NVMe: 'SFF-8639', SATA: 'SATA', USB: 'SATA' } as const

/**
 * The end that a cable finds at a place; none at a bay without a drive that would have the plug.
 * @param behind the drives in the bays of the place, in their order
 */
export function dataEndAt(place: DataPlace, behind: readonly DriveBehind[]): DataEnd | null {
  const { ref, key, name, bayIds, speaksNvme, isShared, isOutside } = place
  const plug = place.plug ?? (behind[0] ? OWN_PLUG[behind[0].dataSheet.plug ?? 'SATA'] : null)
  if (plug === null) return null
  const drives: DriveOnEnd[] = []
  let [needsSas, needsNvme] = [false, false]
  behind.forEach((drive, lane) => {
    if (!drive || (drive.dataSheet.plug === 'NVMe' && !speaksNvme)) return
    const { plug: own, outerRateBytesPerSecond } = drive.dataSheet
    const bytesPerSecond = outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND
    drives.push({ id: drive.id, lane, bytesPerSecond })
    if (own === 'SAS') needsSas = true
    if (own === 'NVMe') needsNvme = true
  })
  return {
    ref,
    key,
    name,
    plug,
    lanes: DRIVES_PER_DATA_PLUG[plug],
    bayIds,
    drives,
    needsSas,
    needsNvme,
    isShared,
    isOutside,
  }
}

/** NVMe drives of a block whose backplane is not made for them, or does not say that it is. */
export function unspokenIn(
  { backplane, bayIds }: BayBlock,
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): PieceId[] {
  if (!backplane || backplane.carriesNvme === true) return []
  const ids: PieceId[] = []
  for (const bayId of bayIds) {
    const drive = driveIn.get(bayId)
    if (drive?.dataSheet.plug === 'NVMe') ids.push(drive.id)
  }
  return ids
}

/** What wiring sees of an end: those that look alike are wired alike, whichever drives are behind them. */
export function lookOfDataEnd(
  { key, plug, needsSas, needsNvme, drives }: DataEnd,
  groups: DriveGroups,
): string {
  const on = drives.map(
    ({ id, lane, bytesPerSecond }) => `${lane}:${bytesPerSecond}:${groups.lookOf(id)}`,
  )
  return [key, plug, Number(needsSas), Number(needsNvme), ...on].join()
}

/** Boot devices with a data plug of their own. */
export function bootEnds({ boot = [] }: PiecesByKind): DataEnd[] {
  return boot
    .filter(({ dataSheet }) => dataSheet.attaches === 'SATA')
    .map(({ id, dataSheet }) => {
      const ref = { piece: id }
      const none = { bayIds: [], drives: [], needsSas: false, needsNvme: false }
      const base = { ref, key: endKey(ref), plug: 'SATA' as const, lanes: 1, ...none }
      return { ...base, name: `boot device ${dataSheet.model}`, isShared: false, isOutside: false }
    })
}
