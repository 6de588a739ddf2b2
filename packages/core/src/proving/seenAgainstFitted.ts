import type { Design } from '../design/design'
import type { Machine } from '../machine/machine'
import { piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { SeenDrive, SeenMachine, SeenPciDevice } from './collected/seenMachine'

/** By what a drive that the machine sees was taken for one of the design; the surest first. */
export const MATCHED_BY = ['serial', 'label', 'model and size', 'size'] as const
export type MatchedBy = (typeof MATCHED_BY)[number]

/** A drive of the design, and the one that the machine sees in its stead. */
export interface SeenPair {
  driveId: PieceId
  seen: SeenDrive
  by: MatchedBy
  /** Whether others are as likely to be it: alike drives of which no serial number is noted. */
  isGuess: boolean
  /** What of it is not as it was planned. */
  differs: PairDifference[]
}

export type PairDifference =
  | { what: 'size'; plannedBytes: number; seenBytes: number }
  | { what: 'slow link'; bits: number; mostBits: number }
  | { what: 'old signature'; signatures: string[] }
  | { what: 'firmware'; wanted: string; seen: string }

/** A card whose link runs narrower or slower than both ends could, or than the plan says. */
export interface SlowCard {
  device: SeenPciDevice
  /** The piece that it is taken for; null where its name says none. */
  pieceId: PieceId | null
  plannedLanes: number | null
}

export interface SeenAgainstFitted {
  pairs: SeenPair[]
  /** Drives of the design that are in the house and that the machine does not see. */
  missingIds: PieceId[]
  /** Drives that the machine sees and the design does not have. */
  extra: SeenDrive[]
  slowCards: SlowCard[]
  /** Null where the machine does not list its modules, or the design has none. */
  memory: { plannedBytes: number; seenBytes: number } | null
}

/** Drives sold as the same size differ by less than this share. */
const SIZE_TOLERANCE = 0.02
/** Modules of this size and more count; some boards list a chip of their own. */
const LEAST_MODULE_BYTES = 2 ** 28

/**
 * What does the machine see, held against what the design says is fitted?
 *
 * Each drive is looked for by its whole serial number, then by what is written on it (the end of one), then by model
 * and size, then by size. Alike drives without a serial are dealt out in their order and called a guess.
 *
 * @returns serial numbers to note where none was; nothing is changed by it
 */
export function seenAgainstFitted(
  { fitted }: Pick<Design, 'fitted'>,
  machine: Machine,
  seen: SeenMachine,
): SeenAgainstFitted {
  const away = new Set(fitted.flatMap(({ id, away: why }) => (why === null ? [] : [id])))
  const planned = piecesOf(machine, 'drive')
    .filter(({ id }) => !away.has(id))
    .map(({ id, dataSheet }): Planned => {
      const part = fitted.find((one) => one.id === id)
      return {
        id,
        serial: plain(part?.serial ?? ''),
        label: plain(part?.label ?? ''),
        model: plain(dataSheet.model),
        bytes: dataSheet.capacityBytes,
        firmware: dataSheet.firmwareWanted,
      }
    })
  const left = new Set(
    seen.drives.map((drive): Offered => ({
      drive,
      serial: plain(drive.serial ?? ''),
      model: plain(drive.model ?? ''),
      bytes: drive.bytes,
    })),
  )
  const pairs = new Map<PieceId, SeenPair>()
  for (const by of MATCHED_BY) {
    // Whether one of several alike is meant is asked of those that were there before any of them was taken.
    const [open, offered] = [planned.filter(({ id }) => !pairs.has(id)), [...left]]
    for (const drive of open) {
      const first = [...left].find((one) => IS_IT[by](drive, one))
      if (!first) continue
      left.delete(first)
      const alike = offered.filter((one) => IS_IT[by](drive, one))
      const rivals = open.filter((other) => other.id !== drive.id && IS_IT[by](other, first))
      pairs.set(drive.id, {
        driveId: drive.id,
        seen: first.drive,
        by,
        isGuess: by !== 'serial' && (alike.length > 1 || rivals.length > 0),
        differs: differencesOf(drive, first),
      })
    }
  }
  return {
    pairs: planned.flatMap(({ id }) => pairs.get(id) ?? []),
    missingIds: planned.flatMap(({ id }) => (pairs.has(id) ? [] : [id])),
    extra: [...left].map(({ drive }) => drive),
    slowCards: slowCards(machine, seen.pci),
    memory: memoryOf(machine, seen),
  }
}

/** A drive of the design; texts without what people and tools write differently, empty where nobody has said them. */
interface Planned {
  id: PieceId
  serial: string
  label: string
  model: string
  bytes: number
  /** That it should have; null where nobody says it. */
  firmware: string | null
}

/** A drive that the machine sees, with its texts likewise. */
interface Offered {
  drive: SeenDrive
  serial: string
  model: string
  bytes: number | null
}

const plain = (text: string): string => text.toUpperCase().replace(/[^A-Z0-9]/g, '')
/** Shorter ends of a serial number fit too many drives. */
const LEAST_LABEL = 3

const IS_IT: Record<MatchedBy, (planned: Planned, offered: Offered) => boolean> = {
  serial: (planned, { serial }) => planned.serial !== '' && planned.serial === serial,
  label: (planned, { serial }) =>
    planned.serial === '' && planned.label.length >= LEAST_LABEL && serial.endsWith(planned.label),
  // A drive whose serial number is known to be another is never taken for this one.
  'model and size': (planned, offered) =>
    maySwap(planned, offered) &&
    offered.model.includes(planned.model) &&
    isSameSize(planned, offered),
  size: (planned, offered) => maySwap(planned, offered) && isSameSize(planned, offered),
}

const maySwap = (planned: Planned, { serial }: Offered): boolean =>
  planned.serial === '' || serial === ''

const isSameSize = ({ bytes }: Planned, offered: Offered): boolean =>
  offered.bytes !== null && Math.abs(offered.bytes - bytes) <= SIZE_TOLERANCE * bytes

function differencesOf(planned: Planned, offered: Offered): PairDifference[] {
  const { drive: seen } = offered
  const { linkBits = null, mostLinkBits = null } = seen.smart ?? {}
  return [
    ...(seen.bytes !== null && !isSameSize(planned, offered)
      ? [{ what: 'size' as const, plannedBytes: planned.bytes, seenBytes: seen.bytes }]
      : []),
    ...(linkBits !== null && mostLinkBits !== null && linkBits < mostLinkBits
      ? [{ what: 'slow link' as const, bits: linkBits, mostBits: mostLinkBits }]
      : []),
    ...(seen.signatures.length > 0
      ? [{ what: 'old signature' as const, signatures: seen.signatures }]
      : []),
    ...(planned.firmware !== null && seen.firmware && planned.firmware !== seen.firmware
      ? [{ what: 'firmware' as const, wanted: planned.firmware, seen: seen.firmware }]
      : []),
  ]
}

/** Every card whose link is narrower or slower than it could be, and those that have fewer lanes than planned. */
function slowCards(machine: Machine, pci: readonly SeenPciDevice[]): SlowCard[] {
  return pci.flatMap((device): SlowCard[] => {
    const piece = machine.inOrder.find(
      ({ kind, dataSheet }) =>
        (kind === 'controller' || kind === 'nic') &&
        plain(device.name).includes(plain(dataSheet.model)),
    )
    const planned = machine.placement.placed.find(({ pieceId }) => pieceId === piece?.id)
    const plannedLanes = planned?.lanes ?? null
    const isSlow =
      device.lanes < (plannedLanes ?? device.mostLanes) ||
      device.transfersPerSecond < device.mostTransfersPerSecond
    return isSlow ? [{ device, pieceId: piece?.id ?? null, plannedLanes }] : []
  })
}

function memoryOf(machine: Machine, { memoryBytes }: SeenMachine): SeenAgainstFitted['memory'] {
  const modules = piecesOf(machine, 'memory')
  if (memoryBytes === null || modules.length === 0) return null
  return {
    plannedBytes: modules.reduce((sum, { dataSheet }) => sum + dataSheet.capacityBytes, 0),
    seenBytes: memoryBytes
      .filter((bytes) => bytes >= LEAST_MODULE_BYTES)
      .reduce((sum, bytes) => sum + bytes, 0),
  }
}

/** Serial numbers that were seen and that the design does not have yet; guesses are left to people. */
export function serialsToNote(
  { fitted }: Pick<Design, 'fitted'>,
  { pairs }: Pick<SeenAgainstFitted, 'pairs'>,
): { pieceId: PieceId; serial: string }[] {
  return pairs.flatMap(({ driveId, seen: { serial }, isGuess }) => {
    const known = fitted.find(({ id }) => id === driveId)?.serial ?? ''
    return serial === null || isGuess || known === serial ? [] : [{ pieceId: driveId, serial }]
  })
}
