import { SUPPLY_ENVELOPES } from '../../catalogue/standards'
import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A supply mounted over the board hides the sockets under it until it is taken out. */
export const supplyOverBoard: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  const supply = fittedOne(document, 'supply')
  if (!chassis || !board || !supply) return []
  const { boardToSupplyMm, boardAt, supplyAt } = chassis.sheet
  if (boardToSupplyMm === 0 || supply.sheet.shape === 'brick') return []
  const parts = [chassis, board, supply]
  const { widthMm, depthMm } = board.sheet
  const { shape, lengthMm } = supply.sheet
  const known = boardToSupplyMm !== null && boardAt && supplyAt && shape && lengthMm !== null
  if (!known || widthMm === null || depthMm === null) {
    return [
      notKnown({
        code: 'supply-over-board',
        step: 'shell',
        partIds: parts.map(({ part }) => part.id),
        question: 'how much of the board the supply hides',
        missing: `where board and supply lie in ${sheetName(chassis.sheet)}, or their sizes`,
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
      sentence: `The supply hangs ${say.number(boardToSupplyMm)} mm over the board and hides ${say.percent(share)} of it: plug in what is under it before it goes in, and take it out for every change.`,
      numbers: { alongMm: along, forwardMm: forward, share },
    }),
  ]
}

function overlap([from, to]: [number, number], [start, end]: [number, number]): number {
  return Math.max(0, Math.min(to, end) - Math.max(from, start))
}
