import { isOpenCase } from '../../catalogue/openCase'
import { SUPPLY_ENVELOPES } from '../../catalogue/standards'
import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
import { pieceOf } from '../../machine/machine'

/** Below this share of the board nobody is in anybody's way. */
export const WORTH_SAYING = 0.1
/** Over this share memory and plugs lie under it too. Common practice, no source. */
export const MOST_OF_THE_BOARD = 0.5

interface Facts {
  boardToSupplyMm: number
  alongMm: number
  forwardMm: number
  /** Of the board's area, 0 to 1. */
  share: number
}

/** A supply mounted over the board hides the sockets under it until it is taken out. */
export const supplyOverBoard: Rule<'supply-over-board', Facts> = {
  code: 'supply-over-board',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const board = pieceOf(machine, 'board')
    const supply = pieceOf(machine, 'supply')
    if (!chassis || !board || !supply) return []
    const { boardToSupplyMm, boardAt, supplyAt } = chassis.dataSheet
    if (boardToSupplyMm === 0 || supply.dataSheet.shape === 'brick') return []
    if (boardToSupplyMm === null && isOpenCase(chassis.dataSheet)) return []
    if (cameIn(machine, supply, chassis)) return []
    const parts = [chassis, board, supply]
    const { widthMm, depthMm } = board.dataSheet
    const { shape, lengthMm } = supply.dataSheet
    const isKnown = boardToSupplyMm !== null && boardAt && supplyAt && shape && lengthMm !== null
    if (!isKnown || widthMm === null || depthMm === null) {
      const missing = [
        ...lacking(chassis, 'boardToSupplyMm', 'boardAt', 'supplyAt'),
        ...lacking(board, 'widthMm', 'depthMm'),
        ...lacking(supply, 'shape', 'lengthMm'),
      ]
      return [lack(missing, { parts })]
    }
    const alongMm = overlap(
      [boardAt.leftMm, boardAt.leftMm + widthMm],
      [supplyAt.leftMm, supplyAt.leftMm + SUPPLY_ENVELOPES[shape].widthMm],
    )
    const forwardMm = overlap(
      [boardAt.frontMm - depthMm, boardAt.frontMm],
      [supplyAt.frontMm - lengthMm, supplyAt.frontMm],
    )
    const share = (alongMm * forwardMm) / (widthMm * depthMm)
    if (share < WORTH_SAYING) return []
    const severity = share > MOST_OF_THE_BOARD ? 'risks' : 'note'
    return [found(severity, { parts }, { boardToSupplyMm, alongMm, forwardMm, share })]
  },
  sentence: ({ boardToSupplyMm, share }, { format }) =>
    `The supply hangs ${format.millimetres(boardToSupplyMm)} over the board and hides ${format.percent(share)} of it: plug in what is under it before it goes in, and take it out for every change.`,
  question: 'how much of the board the supply hides',
}

function overlap([from, to]: [number, number], [start, end]: [number, number]): number {
  return Math.max(0, Math.min(to, end) - Math.max(from, start))
}
