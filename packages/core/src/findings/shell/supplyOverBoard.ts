import { SUPPLY_ENVELOPES } from '../../catalogue/standards'
import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** A supply mounted over the board hides the sockets under it until it is taken out. */
export const supplyOverBoard: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const board = pieceOf(machine, 'board')
  const supply = pieceOf(machine, 'supply')
  if (!chassis || !board || !supply) return []
  const { boardToSupplyMm, boardAt, supplyAt } = chassis.dataSheet
  if (boardToSupplyMm === 0 || supply.dataSheet.shape === 'brick') return []
  const parts = [chassis, board, supply]
  const { widthMm, depthMm } = board.dataSheet
  const { shape, lengthMm } = supply.dataSheet
  const known = boardToSupplyMm !== null && boardAt && supplyAt && shape && lengthMm !== null
  if (!known || widthMm === null || depthMm === null) {
    return [
      notKnown({
        code: 'supply-over-board',
        step: 'shell',
        partIds: parts.map(({ id }) => id),
        question: 'how much of the board the supply hides',
        missing: `where board and supply lie in ${sheetName(chassis.dataSheet)}, or their sizes`,
      }),
    ]
  }
  const along = overlap(
    [boardAt.leftMm, boardAt.leftMm + widthMm],
    [supplyAt.leftMm, supplyAt.leftMm + SUPPLY_ENVELOPES[shape].widthMm],
  )
  const forward = overlap(
    [boardAt.frontMm - depthMm, boardAt.frontMm],
    [supplyAt.frontMm - lengthMm, supplyAt.frontMm],
  )
  const share = (along * forward) / (widthMm * depthMm)
  if (share < 0.1) return []
  return [
    fitFinding({
      code: 'supply-over-board',
      severity: share > 0.5 ? 'risks' : 'note',
      step: 'shell',
      parts,
      sentence: `The supply hangs ${format.number(boardToSupplyMm)} mm over the board and hides ${format.percent(share)} of it: plug in what is under it before it goes in, and take it out for every change.`,
      numbers: { alongMm: along, forwardMm: forward, share },
    }),
  ]
}

function overlap([from, to]: [number, number], [start, end]: [number, number]): number {
  return Math.max(0, Math.min(to, end) - Math.max(from, start))
}
