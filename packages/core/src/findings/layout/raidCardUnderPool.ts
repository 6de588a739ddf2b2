import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cardId: PieceId
}

/**
 * File systems and arrays that do their own redundancy want to see the drives, not a RAID card's volume; fixed
 * stripes may be the card's own.
 */
export const raidCardUnderPool: Rule<'raid-card-under-pool', Facts> = {
  code: 'raid-card-under-pool',
  step: 'core',
  find: ({ pools, machine }) => {
    const minds = pools.some((pool) => pool.groups.length > 0 && pool.family !== 'fixed-stripes')
    if (!minds) return []
    const cards = piecesOf(machine, 'controller')
    const raid = cards.filter(({ dataSheet }) => dataSheet.controllerType === 'RAID card')
    const [first] = raid
    if (first) return [found('risks', { parts: raid }, { cardId: first.id })]
    const without = cards.filter(({ dataSheet }) => dataSheet.controllerType === null)
    if (without.length === 0) return []
    const missing = without.flatMap((card) => missingOf(card, 'controllerType'))
    return [lack(missing, { parts: without })]
  },
  sentence: ({ cardId }, { piece }) =>
    `${piece(cardId)} puts its own RAID between the file system and the drives: the file system finds wrong blocks by their checksums and has no second copy to mend them from, and SMART values and the order of writes stay behind the card. Only a card that passes drives through plainly will do.`,
  houseRule: () =>
    'Some take the card for its battery-backed cache; with a checksumming file system a plain controller is preferred.',
  question: 'whether the file system sees the drives themselves',
}
