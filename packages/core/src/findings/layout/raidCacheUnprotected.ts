import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
}

/** A RAID card that gathers writes in memory which nothing keeps when power goes. */
export const raidCacheUnprotected: Rule<'raid-cache-unprotected', Facts> = {
  code: 'raid-cache-unprotected',
  step: 'core',
  find: ({ pools, machine }) => {
    if (!pools.some(({ groups }) => groups.length > 0)) return []
    return piecesOf(machine, 'controller').flatMap((card) => {
      const { controllerType, writeCache } = card.dataSheet
      if (controllerType !== 'RAID card' || writeCache === 'none' || writeCache === 'protected') {
        return []
      }
      const parts = [card]
      return writeCache === null
        ? lack(missingOf(card, 'writeCache'), { parts })
        : found('risks', { parts }, { cardId: card.id })
    })
  },
  sentence: ({ cardId }, { piece }) =>
    `${piece(cardId)} gathers writes in memory of its own that has no battery: when power goes, what it said was written is gone, and the pool may be with it. Switch that cache off.`,
  houseRule: () =>
    'Some take the card for its speed with a battery that is looked after; others let the file system write to the drives themselves.',
  question: 'whether the memory of the RAID card keeps its writes when power goes',
}
