import { fittedOfKind } from '../../design/fittedParts'
import { familyOf } from '../../pool/families'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A checksumming file system wants to see the drives, not a RAID card's volume. */
export const raidCardUnderPool: Rule = (document) => {
  const cards = fittedOfKind(document, 'controller').filter(
    ({ sheet }) => sheet.manner === 'RAID card',
  )
  const minds = document.pools.some(
    (pool) => pool.groups.length > 0 && familyOf(pool).traits(pool).checksums,
  )
  if (!minds) return []
  const [first] = cards
  if (!first) {
    const silent = fittedOfKind(document, 'controller').filter(({ sheet }) => sheet.manner === null)
    return silent.slice(0, 1).map(({ sheet }) =>
      notKnown({
        code: 'raid-card-under-pool',
        step: 'core',
        partIds: silent.map(({ part }) => part.id),
        question: 'whether the file system sees the drives themselves',
        missing: `what ${sheetName(sheet)} puts between`,
      }),
    )
  }
  return [
    fitFinding({
      code: 'raid-card-under-pool',
      severity: 'risks',
      step: 'core',
      parts: cards,
      sentence: `${sheetName(first.sheet)} puts its own RAID between the file system and the drives: errors are seen but not mended, and drives are hidden. Only a card that passes drives through plainly will do.`,
      houseRule:
        'Some take the card for its battery-backed cache; with a checksumming file system a plain controller is preferred.',
    }),
  ]
}
