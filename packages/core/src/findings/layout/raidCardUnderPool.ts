import { piecesOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/**
 * File systems and arrays that do their own redundancy want to see the drives, not a RAID card's volume; fixed
 * stripes may be the card's own.
 */
export const raidCardUnderPool: Rule = ({ design, machine }) => {
  const cards = piecesOf(machine, 'controller').filter(
    ({ dataSheet }) => dataSheet.controllerType === 'RAID card',
  )
  const minds = design.pools.some(
    (pool) => pool.groups.length > 0 && pool.family !== 'fixed-stripes',
  )
  if (!minds) return []
  const [first] = cards
  if (!first) {
    const withoutValue = piecesOf(machine, 'controller').filter(
      ({ dataSheet }) => dataSheet.controllerType === null,
    )
    return withoutValue.slice(0, 1).map(({ dataSheet }) =>
      notKnown({
        code: 'raid-card-under-pool',
        step: 'core',
        partIds: withoutValue.map(({ id }) => id),
        question: 'whether the file system sees the drives themselves',
        missing: `what ${sheetName(dataSheet)} puts between`,
      }),
    )
  }
  return [
    fitFinding({
      code: 'raid-card-under-pool',
      severity: 'risks',
      step: 'core',
      parts: cards,
      sentence: `${sheetName(first.dataSheet)} puts its own RAID between the file system and the drives: errors are seen but not mended, and drives are hidden. Only a card that passes drives through plainly will do.`,
      houseRule:
        'Some take the card for its battery-backed cache; with a checksumming file system a plain controller is preferred.',
    }),
  ]
}
