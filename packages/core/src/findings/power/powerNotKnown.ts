import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { missingWords } from '../../judging/words'
import { type Missing, withMissing } from '../../units/amount'

interface Facts {
  missing: readonly Missing[]
}

/** Parts whose idle watts, or leave to sleep deeply, no data sheet says: the figure leaves them out. */
export const powerNotKnown: Rule<'power-not-known', Facts> = {
  code: 'power-not-known',
  step: 'core',
  find: ({ power: { dc, beside } }) => {
    const missing = withMissing(dc.missing, beside.missing)
    if (missing.length === 0) return []
    const partIds = [...new Set(missing.flatMap(({ pieceId }) => pieceId ?? []))]
    return [found('note', { partIds }, { missing })]
  },
  sentence: ({ missing }, words) =>
    `Not known what the machine draws: ${missingWords(missing, words)}. The watts at the wall may be too low.`,
}
