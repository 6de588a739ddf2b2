import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  largestBytes: number
  smallestBytes: number
}

/** Modules of unlike size: only the part that they have alike is read over all channels. Common practice, no source. */
export const unequalModules: Rule<'unequal-modules', Facts> = {
  code: 'unequal-modules',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board || modules.length < 2) return []
    const sizes = modules.map(({ dataSheet }) => dataSheet.capacityBytes)
    const [largestBytes, smallestBytes] = [Math.max(...sizes), Math.min(...sizes)]
    if (largestBytes === smallestBytes) return []
    return [found('note', { parts: [board, ...modules] }, { largestBytes, smallestBytes })]
  },
  sentence: ({ largestBytes, smallestBytes }, { format }) =>
    `Modules of ${format.space(smallestBytes)} and ${format.space(largestBytes)} side by side: what they do not have alike is read over one channel.`,
}
