import type { Design } from '@flint/core/editing'
import { letteredGroups } from '@flint/core/editing'
import type { Machine } from '@flint/core/figures'

/** Bays that lie right over each other as the drawing sees them. */
export interface BayStack {
  id: string
  block: Machine['blocks'][number]
  frontMm: number
  acrossMm: number
  widthMm: number
  bays: number
  /** The name that each has in its group, and what it holds; null in no group. */
  drives: { id: string; name: string | null; capacityBytes: number; hatch: number | null }[]
}

/** Between the front of a case and its drives. For the drawing only. */
const BEHIND_FRONT_MM = 4

/** Every bay inside the case, as stacks: columns seen from above, rows seen from the side. */
export function bayStacks(
  machine: Machine,
  { pools }: Pick<Design, 'pools'>,
  plane: 'flat' | 'upright',
): BayStack[] {
  const groupOf = new Map(
    letteredGroups({ pools }).flatMap(({ letter, index, group }) =>
      group.driveIds.map((id, at) => [id, { name: `${letter}${at + 1}`, hatch: index }] as const),
    ),
  )
  const stacks: BayStack[] = []
  for (const bay of machine.bays) {
    const block = machine.blocks[bay.blockIndex]
    if (!block || block.isOutside) continue
    const acrossMm = plane === 'flat' ? bay.leftMm : bay.topMm
    const widthMm = plane === 'flat' ? bay.widthMm : bay.heightMm
    const driveId = machine.driveIn.get(bay.id)
    const sheet = driveId === undefined ? undefined : machine.pieces.get(driveId)?.dataSheet
    const drive =
      driveId === undefined || sheet?.kind !== 'drive'
        ? []
        : [
            {
              id: driveId,
              capacityBytes: sheet.capacityBytes,
              ...(groupOf.get(driveId) ?? { name: null, hatch: null }),
            },
          ]
    const same = stacks.find(
      (one) =>
        one.acrossMm === acrossMm &&
        one.widthMm === widthMm &&
        one.block.formFactor === block.formFactor,
    )
    if (same) {
      same.bays += 1
      same.drives.push(...drive)
    } else {
      const id = `bays ${stacks.length + 1}`
      stacks.push({
        id,
        block,
        frontMm: BEHIND_FRONT_MM,
        acrossMm,
        widthMm,
        bays: 1,
        drives: drive,
      })
    }
  }
  return stacks
}

/** "A1, A5", or what drives in no group hold: "2 TB". */
export function drivesText(
  drives: BayStack['drives'],
  sizeOf: (bytes: number) => string,
  between = ' ',
): string {
  return drives.map(({ name, capacityBytes }) => name ?? sizeOf(capacityBytes)).join(between)
}
