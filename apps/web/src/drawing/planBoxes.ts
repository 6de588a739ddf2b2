import { DRIVE_OUTLINES, SUPPLY_ENVELOPES } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'

/** Behind the drives: backplane, plugs and their cables. For the drawing only. */
const BEHIND_DRIVES_MM = 22

export interface PlanBoxShape {
  id: string
  frontMm: number
  leftMm: number
  depthMm: number
  widthMm: number
  words: string[]
  /** How far it reaches over the room there is, forwards; 0 when it fits or nobody knows. */
  overMm: number
  /** A card stands on its edge, so it is a strip with one line of words. */
  isCard: boolean
}

const over = (need: number | null, room: number | null): number =>
  need === null || room === null ? 0 : Math.max(0, need - room)

/** Everything whose place and size are known. Places are those of the rear left corner. */
export function planBoxes(machine: Machine): PlanBoxShape[] {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const boxes: PlanBoxShape[] = []
  const add = (box: Omit<PlanBoxShape, 'isCard'>, isCard = false): void => {
    boxes.push({ ...box, isCard })
  }
  const { boardAt, supplyAt } = chassis.dataSheet
  bayColumns(machine).forEach(({ block, bays }, index) => {
    const columnsMm = block.columns * (block.bayWidthMm + block.gapMm) - block.gapMm
    add({
      id: `bays-${index}`,
      frontMm: 4,
      leftMm: block.leftMm,
      depthMm: DRIVE_OUTLINES[block.formFactor].lengthMm + BEHIND_DRIVES_MM,
      widthMm: columnsMm,
      words: [`${bays} bays`],
      overMm: 0,
    })
  })
  const board = pieceOf(machine, 'board')
  if (board && boardAt && board.dataSheet.depthMm !== null && board.dataSheet.widthMm !== null) {
    add({
      id: board.id,
      frontMm: boardAt.frontMm - board.dataSheet.depthMm,
      leftMm: boardAt.leftMm,
      depthMm: board.dataSheet.depthMm,
      widthMm: board.dataSheet.widthMm,
      words: [`${board.dataSheet.model}, ${board.dataSheet.size}`],
      overMm: over(board.dataSheet.depthMm, chassis.dataSheet.boardMaxDepthMm),
    })
  }
  for (const { pieceId, leftMm, widthMm } of machine.cardPlaces) {
    const card = pieceId === null ? undefined : machine.pieces.get(pieceId)
    if (!card || !boardAt) continue
    const { dataSheet } = card
    if (!('lengthMm' in dataSheet) || dataSheet.lengthMm === null) continue
    const { lengthMm, model } = dataSheet
    add(
      {
        id: card.id,
        frontMm: boardAt.frontMm - lengthMm,
        leftMm,
        depthMm: lengthMm,
        widthMm,
        words: [model],
        overMm: over(lengthMm, chassis.dataSheet.cardMaxLengthMm),
      },
      true,
    )
  }
  const supply = pieceOf(machine, 'supply')
  const shape = supply?.dataSheet.shape
  if (supply && supplyAt && shape && supply.dataSheet.lengthMm !== null) {
    add({
      id: supply.id,
      frontMm: supplyAt.frontMm - supply.dataSheet.lengthMm,
      leftMm: supplyAt.leftMm,
      depthMm: supply.dataSheet.lengthMm,
      widthMm: SUPPLY_ENVELOPES[shape].widthMm,
      words: [supply.dataSheet.model],
      overMm: over(supply.dataSheet.lengthMm, chassis.dataSheet.supplyMaxLengthMm),
    })
  }
  return boxes
}

/** Blocks of bays inside the case; those that lie right over each other are one from above. */
function bayColumns({ blocks }: Machine): { block: Machine['blocks'][number]; bays: number }[] {
  const columns: { block: Machine['blocks'][number]; bays: number }[] = []
  for (const block of blocks) {
    if (block.isOutside) continue
    const bays = block.rows * block.columns
    const same = columns.find(
      ({ block: { leftMm, columns: count, bayWidthMm, formFactor } }) =>
        leftMm === block.leftMm &&
        count === block.columns &&
        bayWidthMm === block.bayWidthMm &&
        formFactor === block.formFactor,
    )
    if (same) same.bays += bays
    else columns.push({ block, bays })
  }
  return columns
}
