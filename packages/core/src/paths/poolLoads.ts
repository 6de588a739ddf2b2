import { certain } from '../units/certain'
import type { Pool } from '../design/pools/pools'
import type { LinkId } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { familyOf } from '../pool/families'
import type { Writing } from '../pool/layoutFamily'
import { streamRate } from '../pool/streamRate'
import type { DriveLoad } from './scenarios/scenario'

/** Reading, writing whole files, or changing pieces inside files. */
export type FileWork = 'read' | 'write' | 'write pieces'

export interface PoolLoads {
  /** The most that one file moves at, whatever the links give. */
  mostBytesPerSecond: number
  /** What each drive moves for a byte of the file of the reader whose turn it is, counted from 0. */
  loadsOf: (turn: number) => DriveLoad[]
}

/**
 * What does one large file of a pool keep busy?
 *
 * Where a file lies over many drives all of them carry their part; where it lies on one, each reader has a drive of
 * its own as long as there are enough. What is written goes to copies and parity too, each as its family does.
 *
 * @param wayOf the way of each drive that is reached; the others carry nothing
 */
export function poolLoads(
  pool: Pool,
  machine: Machine,
  wayOf: ReadonlyMap<PieceId, readonly LinkId[]>,
  work: FileWork,
): PoolLoads {
  const { streamingDrives, writing, writingInPieces } = familyOf(pool).traits(pool)
  const reached = (wanted: (kind: string) => boolean): PieceId[] =>
    pool.groups
      .filter(({ kind }) => wanted(kind))
      .flatMap(({ driveIds }) => driveIds.filter((id) => wayOf.has(id)))
  const members = reached((kind) => kind !== 'spare' && kind !== 'parity')
  if (members.length === 0) return { mostBytesPerSecond: Infinity, loadsOf: () => [] }
  if (work === 'read') {
    const rateOf = new Map(machine.links.map(({ id, bytesPerSecond }) => [id, bytesPerSecond]))
    const ownRate = (driveId: PieceId): number => {
      const [own] = certain(wayOf.get(driveId))
      return certain(rateOf.get(certain(own)))
    }
    const slowest = Math.min(...members.map(ownRate))
    return {
      // Each drive has more than its part at hand.
      mostBytesPerSecond: streamRate(slowest, Math.max(1, streamingDrives)),
      loadsOf: (turn) => {
        const carrying = streamingDrives > 1 ? members : inTurn(members, turn, 1)
        return carrying.map((driveId) => ({ driveId, load: 1 / carrying.length }))
      },
    }
  }
  const parityIds = reached((kind) => kind === 'parity')
  const isWhole = work === 'write' || hasSafeCache(pool, machine)
  return {
    // What is written all of them must take.
    mostBytesPerSecond: Infinity,
    loadsOf: (turn) => writeLoads(members, parityIds, isWhole ? writing : writingInPieces, turn),
  }
}

function inTurn(members: readonly PieceId[], from: number, count: number): PieceId[] {
  return Array.from({ length: count }, (_, at) => members[(from + at) % members.length] ?? '')
}

function writeLoads(
  members: readonly PieceId[],
  parityIds: readonly PieceId[],
  { drives, loadEach, parityLoadEach, othersLoadEach }: Writing,
  turn: number,
): DriveLoad[] {
  // A group with fewer members than parity takes can hold nothing, so nothing can be written to it.
  if (!(loadEach > 0 && loadEach < Infinity)) return []
  const carrying = drives === 'all' ? members : inTurn(members, turn, drives)
  const parity = parityLoadEach > 0 ? parityIds : []
  const others = othersLoadEach > 0 ? members.filter((id) => !carrying.includes(id)) : []
  return [
    ...carrying.map((driveId) => ({ driveId, load: loadEach })),
    ...parity.map((driveId) => ({ driveId, load: parityLoadEach })),
    ...others.map((driveId) => ({ driveId, load: othersLoadEach, reads: true })),
  ]
}

/**
 * Whether a card gathers pieces into full stripes before it writes them: it makes the stripes itself, and keeps what
 * it has gathered through a power cut. Common practice, no source.
 */
function hasSafeCache(pool: Pool, machine: Machine): boolean {
  if (pool.family !== 'fixed-stripes') return false
  const { hosts, cables, ports } = machine.wiring.data
  const hostOf = new Map(cables.map(({ id, hostId }) => [id, hostId]))
  return pool.groups.every(({ driveIds }) =>
    driveIds.every((driveId) => {
      const cableId = ports.find((port) => port.driveId === driveId)?.cableId
      const host = hosts.find(({ id }) => id === hostOf.get(cableId ?? ''))
      const sheet = machine.pieces.get(host?.pieceId ?? '')?.dataSheet
      return (
        sheet?.kind === 'controller' &&
        sheet.controllerType === 'RAID card' &&
        sheet.writeCache === 'protected'
      )
    }),
  )
}
