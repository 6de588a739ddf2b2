import { z } from 'zod'
import { withSheetToday } from '../../catalogue/oldFields'
import { bayIdOf, type LeadRef, type PortRef, type WiringEnd } from '../pathChoices'

/** As much of version 5 as the upgrade looks at; whatever else is wrong with it is for the schema to say. */
const old = z.looseObject({
  snapshots: z.array(
    z.looseObject({
      id: z.string(),
      sheet: z.looseObject({
        kind: z.string(),
        bayBlocks: z.array(z.looseObject({ rows: z.int(), columns: z.int() })).optional(),
        openings525: z.array(z.unknown()).nullish(),
        openings: z.int().optional(),
        rows: z.int().optional(),
        columns: z.int().optional(),
        portPlug: z.string().nullish(),
      }),
    }),
  ),
  fitted: z.array(
    z.looseObject({ id: z.string(), snapshotId: z.string(), bay: z.string().nullable() }),
  ),
  paths: z
    .looseObject({
      portPins: z
        .array(z.object({ end: z.string(), hostId: z.string(), connector: z.int() }))
        .default([]),
      leadPins: z.array(z.object({ end: z.string(), lead: z.string() })).default([]),
    })
    .optional(),
})
type Old = z.infer<typeof old>
interface OldPiece {
  id: string
  sheet: Old['snapshots'][number]['sheet']
}

/** A block of bays as version 5 counted them: over the whole machine, the front first. */
interface OldBlock {
  pieceId: string
  /** Which block of that piece it is, from 1. */
  block: number
  bays: number
}

/**
 * Version 6: a bay belongs to the piece that has it, where it was counted over the whole machine; what is fixed
 * names pieces, plugs and numbers apart, where they were one text; what a controller is, is called
 * `controllerType`, where it was `manner`.
 *
 * @param document of version 5, unchecked
 */
export function toVersion6(document: Record<string, unknown>): Record<string, unknown> {
  const snapshots = Array.isArray(document.snapshots)
    ? document.snapshots.map(withSheetToday)
    : document.snapshots
  const read = old.safeParse({ ...document, snapshots })
  if (!read.success) return { ...document, snapshots }
  const pieces = piecesOf(read.data)
  const blocks = blocksOf(pieces)
  const { paths } = read.data
  return {
    ...document,
    snapshots,
    fitted: read.data.fitted.map((part) => ({ ...part, bay: bayToday(part.bay, blocks) })),
    ...(paths && {
      paths: {
        ...paths,
        portPins: paths.portPins.flatMap(({ end, hostId, connector }) => {
          const today = endToday(end, 'plug', blocks)
          const port = portToday(hostId, connector, pieces)
          return today && port ? [{ end: today, port }] : []
        }),
        leadPins: paths.leadPins.flatMap(({ end, lead }) => {
          const today = endToday(end, 'power', blocks)
          const leads = leadToday(lead, pieces)
          return today && leads ? [{ end: today, lead: leads }] : []
        }),
      },
    }),
  }
}

function piecesOf({ fitted, snapshots }: Old): OldPiece[] {
  const sheets = new Map(snapshots.map(({ id, sheet }) => [id, sheet]))
  return fitted.flatMap(({ id, snapshotId }) => {
    const sheet = sheets.get(snapshotId)
    return sheet ? [{ id, sheet }] : []
  })
}

/** The front's own blocks, then the cages that found openings, then the enclosures. */
function blocksOf(pieces: readonly OldPiece[]): OldBlock[] {
  const ofKind = (kind: string): OldPiece[] => pieces.filter(({ sheet }) => sheet.kind === kind)
  const [chassis] = ofKind('chassis')
  if (!chassis) return []
  let openingsLeft = chassis.sheet.openings525?.length ?? 0
  const cages = ofKind('cage').filter(({ sheet }) => {
    const fits = (sheet.openings ?? 1) <= openingsLeft
    if (fits) openingsLeft -= sheet.openings ?? 1
    return fits
  })
  const own = (chassis.sheet.bayBlocks ?? []).map(({ rows, columns }, index) => {
    return { pieceId: chassis.id, block: index + 1, bays: rows * columns }
  })
  const added = [...cages, ...ofKind('enclosure')].map(({ id, sheet }) => {
    return { pieceId: id, block: 1, bays: (sheet.rows ?? 0) * (sheet.columns ?? 0) }
  })
  return [...own, ...added]
}

/** Bays that no block has stay where nothing is: such a drive lay on the bench, and still does. */
function bayToday(bay: string | null, blocks: readonly OldBlock[]): string | null {
  const number = Number(/^bay-([1-9]\d{0,3})$/.exec(bay ?? '')?.[1])
  if (bay === null || Number.isNaN(number)) return bay
  const before = new Map<string, number>()
  let left = number
  for (const { pieceId, bays } of blocks) {
    const first = before.get(pieceId) ?? 0
    if (left <= bays) return bayIdOf(pieceId, first + left)
    before.set(pieceId, first + bays)
    left -= bays
  }
  // Without a case nothing has bays yet; the first case to come has the id that the drives wait for.
  return blocks.length === 0 ? bayIdOf('chassis-1', number) : null
}

function endToday(
  end: string,
  word: 'plug' | 'power',
  blocks: readonly OldBlock[],
): WiringEnd | null {
  const bay = /^bay-[1-9]\d{0,3}$/.test(end) ? bayToday(end, blocks) : null
  if (bay !== null) return { bay }
  const [, block, plug] = new RegExp(`^${word}-(\\d+)-(\\d+)$`).exec(end) ?? []
  const found = blocks[Number(block) - 1]
  if (found) {
    return { backplane: { pieceId: found.pieceId, block: found.block, plug: Number(plug) } }
  }
  return blocks.some(({ pieceId }) => pieceId === end) ? { piece: end } : null
}

function portToday(hostId: string, connector: number, pieces: readonly OldPiece[]): PortRef | null {
  const usbOf = /^(board-\d+)-usb$/.exec(hostId)?.[1]
  if (usbOf !== undefined) return { pieceId: usbOf, plug: 'USB', connector }
  const host = pieces.find(({ id }) => id === hostId)
  if (!host) return null
  const plug = host.sheet.kind === 'board' ? 'SATA' : (host.sheet.portPlug ?? null)
  return { pieceId: hostId, plug: plug as PortRef['plug'], connector }
}

function leadToday(lead: string, pieces: readonly OldPiece[]): LeadRef | null {
  const supply = pieces.find(({ sheet }) => sheet.kind === 'supply')
  const [, plug, number] = /^(sata|peripheral)-(\d+)$/.exec(lead) ?? []
  if (!supply || plug === undefined) return null
  return {
    supplyId: supply.id,
    plug: plug === 'sata' ? 'SATA power' : 'peripheral power',
    number: Number(number),
  }
}
