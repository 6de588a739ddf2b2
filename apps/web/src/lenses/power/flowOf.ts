import { kindWords } from '@flint/core/editing'
import { type StatePower, upperFirst } from '@flint/core/figures'
import { format } from '../../controls/locale'

/** One stream of the account: from a kind of piece to where it is drawn. */
export interface Stream {
  key: string
  label: string
  watts: number
  /** Where its row begins, and how thick the stream is. */
  rowTop: number
  thickness: number
  /** Where it ends on the bar that it flows into. */
  endTop: number
  isBeside: boolean
}

export interface Flow {
  streams: Stream[]
  /** Behind the supply: where its bar begins on the page, and how high it is. */
  behind: { top: number; height: number; watts: number }
  /** Lost in the supply. */
  loss: { top: number; height: number; watts: number } | null
  wall: { top: number; height: number; watts: number } | null
  height: number
}

/** A row has room for its words. For the drawing only. */
const ROW_PX = 19
/** All that is drawn at the wall, at most so high. For the drawing only. */
const HIGH_PX = 190
/** A stream of next to nothing is still seen. For the drawing only. */
const THIN_PX = 1.5

/** The account from pieces to the wall, to scale: the most first, what stands beside the machine last. */
export function flowOf({ terms, dc, wall }: StatePower): Flow {
  const sorted = terms.toSorted(
    (one, other) => Number(one.isBeside) - Number(other.isBeside) || other.watts - one.watts,
  )
  const total = Math.max(1e-9, wall?.likely ?? dc.likely)
  const pxOf = (watts: number): number => Math.max(THIN_PX, (watts * HIGH_PX) / total)
  let rowTop = 0
  let insideTop = 0
  const streams = sorted.map(({ kind, isBeside, pieces, watts }): Stream => {
    const thickness = pxOf(watts)
    const words = kindWords.find((one) => one.kind === kind)
    const name = pieces === 1 ? upperFirst(words?.one ?? kind) : `${pieces} ${words?.many ?? kind}`
    const stream = {
      key: `${kind} ${isBeside ? 'beside' : 'inside'}`,
      label: `${name}, ${format.watts(watts, 1)}`,
      watts,
      rowTop,
      thickness,
      endTop: insideTop,
      isBeside,
    }
    rowTop += Math.max(ROW_PX, thickness + 3)
    insideTop += thickness
    return stream
  })
  const inside = streams.filter(({ isBeside }) => !isBeside)
  const behindPx = inside.reduce((sum, { thickness }) => sum + thickness, 0)
  const besideWatts = streams.reduce((sum, one) => sum + (one.isBeside ? one.watts : 0), 0)
  const besidePx = streams.reduce((sum, one) => sum + (one.isBeside ? one.thickness : 0), 0)
  const lossWatts = wall ? Math.max(0, wall.likely - besideWatts - dc.likely) : 0
  const lossPx = wall ? pxOf(lossWatts) : 0
  const wallPx = behindPx + lossPx + besidePx
  return {
    // What stands beside flows past the supply, below what that loses.
    streams: streams.map((one) => (one.isBeside ? { ...one, endTop: one.endTop + lossPx } : one)),
    behind: { top: 0, height: behindPx, watts: dc.likely },
    loss: wall && { top: behindPx, height: lossPx, watts: lossWatts },
    wall: wall && { top: 0, height: wallPx, watts: wall.likely },
    height: Math.max(rowTop, wallPx) + 4,
  }
}
