import { fittedOne } from '../../design/fittedParts'
import { blockUses } from '../../fit/attachments'
import { DRIVES_PER_LEAD } from '../../paths/wiring/wirePower'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Many drives one behind the other on one lead of the supply. */
export const longDaisyChain: Rule = (document, { bays }, say) => {
  const supply = fittedOne(document, 'supply')
  const drives = blockUses(document, bays)
    .filter(({ backplane }) => backplane === null)
    .reduce((sum, one) => sum + one.drives, 0)
  if (!supply || drives <= DRIVES_PER_LEAD) return []
  const { sataLeads } = supply.sheet
  const base = { code: 'long-daisy-chain', step: 'drives' } as const
  if (sataLeads === null) {
    return [
      notKnown({
        ...base,
        partIds: [supply.part.id],
        question: 'how many drives hang on one lead',
        missing: `the leads of ${sheetName(supply.sheet)}`,
      }),
    ]
  }
  const onOne = sataLeads === 0 ? drives : Math.ceil(drives / sataLeads)
  if (onOne <= DRIVES_PER_LEAD) return []
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: [supply],
      sentence: `${say.counted(drives, 'drive')} on ${say.counted(sataLeads, 'SATA lead')} of ${sheetName(supply.sheet)}: ${onOne} one behind the other, and more than ${DRIVES_PER_LEAD} sag while starting.`,
      numbers: { drives, sataLeads, onOne },
    }),
  ]
}
