import { type DataPlug, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import type { WiringEnd } from '../../design/pathChoices'
import type { Bay, BayBlock, BayId } from '../bays'
import { bayRange, baysOfBlock } from '../drivesInBays'
import { USUAL_DRIVE_BYTES_PER_SECOND } from '../linkRates'
import type { Piece, PiecesByKind, PieceId } from '../piece'

/** A drive behind an end of a cable. */
export interface DriveOnEnd {
  id: PieceId
  /** Which lane of the end it hangs on, from 0. */
  lane: number
  bytesPerSecond: number
}

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

/** What is behind the bays of one block, and which drives their backplane cannot speak to. */
export interface DataEnds {
  ends: DataEnd[]
  /** NVMe drives in bays whose backplane is not made for them, or does not say that it is. */
  unspokenIds: PieceId[]
}

/** Where data cables must go, block by block; bays with plugs on the drives themselves only with a drive. */
export function dataEnds(
  pieces: PiecesByKind,
  blocks: readonly BayBlock[],
  bays: ReadonlyMap<BayId, Bay>,
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): DataEnds {
  const ends: DataEnd[] = []
  const unspokenIds: PieceId[] = []
  const enclosures = new Map((pieces.enclosure ?? []).map((piece) => [piece.id, piece]))
  for (const block of blocks) {
    const enclosure = enclosures.get(block.pieceId)
    const inside = baysOfBlock(block, bays)
    if (enclosure) ends.push(...enclosureEnds(enclosure, inside, driveIn))
    else if (block.backplane) {
      for (const { id } of block.backplane.carriesNvme === true ? [] : inside) {
        const drive = driveIn.get(id)
        if (drive?.dataSheet.plug === 'NVMe') unspokenIds.push(drive.id)
      }
      ends.push(...backplaneEnds(block, inside, driveIn))
    } else ends.push(...inside.flatMap((bay) => driveEnd(bay, driveIn.get(bay.id))))
  }
  return { ends, unspokenIds }
}

const drivesOn = (
  bays: readonly Bay[],
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
  isSpokenTo: (drive: Piece<'drive'>) => boolean,
): { drives: DriveOnEnd[]; needsSas: boolean; needsNvme: boolean } => {
  const found = { drives: [] as DriveOnEnd[], needsSas: false, needsNvme: false }
  bays.forEach((bay, lane) => {
    const drive = driveIn.get(bay.id)
    if (!drive || !isSpokenTo(drive)) return
    const { plug, outerRateBytesPerSecond } = drive.dataSheet
    const bytesPerSecond = outerRateBytesPerSecond ?? USUAL_DRIVE_BYTES_PER_SECOND
    found.drives.push({ id: drive.id, lane, bytesPerSecond })
    if (plug === 'SAS') found.needsSas = true
    if (plug === 'NVMe') found.needsNvme = true
  })
  return found
}

const isNotNvme = ({ dataSheet }: Piece<'drive'>): boolean => dataSheet.plug !== 'NVMe'

function enclosureEnds(
  { id, dataSheet }: Piece<'enclosure'>,
  bays: readonly Bay[],
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): DataEnd[] {
  const { hostPlug: plug, model } = dataSheet
  // Which cable it wants is not known then, and a finding says so.
  if (plug === null) return []
  const ref = { piece: id }
  return [
    {
      ref,
      key: endKey(ref),
      name: model,
      plug,
      lanes: DRIVES_PER_DATA_PLUG[plug],
      bayIds: bays.map((bay) => bay.id),
      ...drivesOn(bays, driveIn, isNotNvme),
      isShared: true,
      isOutside: true,
    },
  ]
}

const OWN_PLUG = { SAS: 'SFF-8482', NVMe: 'SFF-8639', SATA: 'SATA', USB: 'SATA' } as const

function driveEnd(bay: Bay, drive: Piece<'drive'> | undefined): DataEnd[] {
  if (!drive) return []
  const plug = OWN_PLUG[drive.dataSheet.plug ?? 'SATA']
  const ref = { bay: bay.id }
  const driveIn = new Map([[bay.id, drive]])
  return [
    {
      ref,
      key: endKey(ref),
      name: `drive in bay ${bay.number}`,
      plug,
      lanes: DRIVES_PER_DATA_PLUG[plug],
      bayIds: [bay.id],
      ...drivesOn([bay], driveIn, () => true),
      isShared: false,
      isOutside: false,
    },
  ]
}

function backplaneEnds(
  { backplane, pieceId, number }: BayBlock,
  bays: readonly Bay[],
  driveIn: ReadonlyMap<BayId, Piece<'drive'>>,
): DataEnd[] {
  if (!backplane || backplane.dataPlugs === 0) return []
  const { dataPlug: plug, dataPlugs, carriesNvme } = backplane
  const lanes = DRIVES_PER_DATA_PLUG[plug]
  // An NVMe drive has all lanes of a plug. With fewer lanes than bays there is a chip that shares them.
  const perDrive = carriesNvme === true ? lanes : 1
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
    return {
      ref,
      key: endKey(ref),
      name,
      plug,
      lanes,
      bayIds: behind.map(({ id }) => id),
      ...drivesOn(behind, driveIn, (drive) => carriesNvme === true || isNotNvme(drive)),
      isShared,
      isOutside: false,
    }
  })
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
