import {
  bayBlocksOf,
  type DesignDocument,
  DRIVE_OUTLINES,
  fittedOfKind,
  fittedOne,
  SUPPLY_ENVELOPES,
} from '@flint/core'
import { cardPlaces } from '@flint/core'

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
export function planBoxes(document: DesignDocument): PlanBoxShape[] {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const boxes: PlanBoxShape[] = []
  const add = (box: Omit<PlanBoxShape, 'isCard'>, isCard = false): void => {
    boxes.push({ ...box, isCard })
  }
  const { boardAt, supplyAt } = chassis.sheet
  const cages = fittedOfKind(document, 'cage').map(({ sheet }) => sheet)
  bayBlocksOf(chassis.sheet, cages).forEach((block, index) => {
    const columnsMm = block.columns * (block.bayWidthMm + block.gapMm) - block.gapMm
    add({
      id: `bays-${index}`,
      frontMm: 4,
      leftMm: block.leftMm,
      depthMm: DRIVE_OUTLINES[block.formFactor].lengthMm + BEHIND_DRIVES_MM,
      widthMm: columnsMm,
      words: [`${block.rows * block.columns} bays`],
      overMm: 0,
    })
  })
  const board = fittedOne(document, 'board')
  if (board && boardAt && board.sheet.depthMm !== null && board.sheet.widthMm !== null) {
    add({
      id: board.part.id,
      frontMm: boardAt.frontMm - board.sheet.depthMm,
      leftMm: boardAt.leftMm,
      depthMm: board.sheet.depthMm,
      widthMm: board.sheet.widthMm,
      words: [`${board.sheet.model}, ${board.sheet.size}`],
      overMm: over(board.sheet.depthMm, chassis.sheet.boardMaxDepthMm),
    })
  }
  for (const { id, leftMm, widthMm, card } of cardPlaces(document)) {
    if (!card || !boardAt || card.sheet.lengthMm === null) continue
    const { lengthMm, model } = card.sheet
    add(
      {
        id,
        frontMm: boardAt.frontMm - lengthMm,
        leftMm,
        depthMm: lengthMm,
        widthMm,
        words: [model],
        overMm: over(lengthMm, chassis.sheet.cardMaxLengthMm),
      },
      true,
    )
  }
  const supply = fittedOne(document, 'supply')
  const shape = supply?.sheet.shape
  if (supply && supplyAt && shape && supply.sheet.lengthMm !== null) {
    add({
      id: supply.part.id,
      frontMm: supplyAt.frontMm - supply.sheet.lengthMm,
      leftMm: supplyAt.leftMm,
      depthMm: supply.sheet.lengthMm,
      widthMm: SUPPLY_ENVELOPES[shape].widthMm,
      words: [supply.sheet.model],
      overMm: over(supply.sheet.lengthMm, chassis.sheet.supplyMaxLengthMm),
    })
  }
  return boxes
}
