import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  modules: number
  channels: number
}

/**
 * Modules that do not fill the channels of the board evenly, so that some of it is read more slowly. One module alone is
 * how many begin, with room for another, and is no fault.
 */
export const channelsUneven: Rule<'channels-uneven', Facts> = {
  code: 'channels-uneven',
  step: 'core',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    const modules = piecesOf(machine, 'memory')
    if (!board || modules.length < 2) return []
    const { memoryChannels: channels } = board.dataSheet
    const parts = [board, ...modules]
    if (channels === null) return [lack(missingOf(board, 'memoryChannels'), { parts })]
    if (modules.length % channels === 0) return []
    return [found('note', { parts }, { modules: modules.length, channels })]
  },
  sentence: ({ modules, channels }, { format }) =>
    `${format.counted(modules, 'memory module')} on a board with ${format.counted(channels, 'memory channel')}: memory is read at its full speed when each channel has as many. For a file server on a home network that is seldom felt.`,
  question: 'whether the memory channels are filled evenly',
}
