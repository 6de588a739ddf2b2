import type { DriveSheet } from '../catalogue/kinds/drive'
import type { FittedPart, Pool } from '../design/design'
import { type LetteredGroup, letteredGroups } from '../design/groupLetters'
import type { Service, ServiceRole } from '../design/services'
import type { Bay } from './bays'
import { type Machine, pieceOf, piecesOf } from './machine'
import type { PieceId } from './piece'

export interface DriveInPlace {
  part: FittedPart
  sheet: DriveSheet
  /** The group it is a member of, and which member it is, counted from 1. */
  member: { lettered: LetteredGroup; number: number } | null
  /** What it does beside, or instead of, being a member. */
  roles: ServiceRole[]
}

export interface BayUse {
  bay: Bay
  drive: DriveInPlace | null
}

/** A socket or USB port that holds a drive, or could. */
export interface SocketUse {
  /** For looking it up; never taken apart. */
  id: string
  /** "M.2 1", "USB 2". */
  name: string
  drive: DriveInPlace | null
}

export interface BayPlan {
  bays: BayUse[]
  /** Drives in sockets of the board or of a carrier, and in USB ports, which have no bay. */
  sockets: SocketUse[]
  /** Drives in no place of this machine: on the bench, or sent back. */
  bench: DriveInPlace[]
}

/** What sits in each bay and socket, and what lies on the bench. */
export function bayPlan(
  machine: Machine,
  design: {
    fitted: readonly FittedPart[]
    pools: readonly Pool[]
    services: readonly Service[]
  },
): BayPlan {
  const members = new Map<PieceId, DriveInPlace['member']>()
  for (const lettered of letteredGroups({ pools: [...design.pools] })) {
    lettered.group.driveIds.forEach((driveId, index) => {
      members.set(driveId, { lettered, number: index + 1 })
    })
  }
  const sheets = new Map(piecesOf(machine, 'drive').map(({ id, dataSheet }) => [id, dataSheet]))
  const drives = new Map(
    design.fitted.flatMap((part): [PieceId, DriveInPlace][] => {
      const sheet = sheets.get(part.id)
      if (!sheet) return []
      const roles = design.services.flatMap(({ role, parts }) =>
        parts.some(({ pieceId }) => pieceId === part.id) ? [role] : [],
      )
      return [[part.id, { part, sheet, member: members.get(part.id) ?? null, roles }]]
    }),
  )
  const boardId = pieceOf(machine, 'board')?.id
  return {
    bays: machine.bays.map((bay) => ({
      bay,
      drive: drives.get(machine.driveIn.get(bay.id) ?? '') ?? null,
    })),
    sockets: [...machine.placed['M.2'], ...machine.placed['USB port']].flatMap(
      (one): SocketUse[] => {
        const { pieceId, need, on } = one
        const drive = drives.get(pieceId)
        if (!drive) return []
        const host = machine.pieces.get(on.pieceId)?.dataSheet.model ?? ''
        const of = on.pieceId === boardId ? '' : ` of ${host}`
        const name = `${need === 'M.2' ? 'M.2' : 'USB'} ${on.number}${of}`
        return [{ id: `${need} ${on.pieceId} ${on.number}`, name, drive }]
      },
    ),
    bench: machine.awayIds.flatMap((id) => drives.get(id) ?? []),
  }
}

/** A bay as a screen reader or a sentence names it. */
export function bayName({ number, row, column, rows, columns }: Bay): string {
  const place: string[] = []
  if (rows > 1) place.push(`row ${row} of ${rows}`)
  if (columns > 1) place.push(`column ${column} of ${columns}`)
  return [`bay ${number}`, ...place].join(', ')
}
