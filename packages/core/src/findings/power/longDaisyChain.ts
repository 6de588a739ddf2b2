import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf } from '../../machine/machine'
import { DRIVES_PER_LEAD } from '../../machine/wiring/wirePower'

/** Many drives one behind the other on one lead of the supply, as they are wired. */
export const longDaisyChain: Rule = ({ machine }, format) => {
  const supply = pieceOf(machine, 'supply')
  const leads = machine.wiring.power?.leads ?? []
  const onBackplanes = new Set(
    machine.wiring.power?.feeds.flatMap(({ end }) => ('backplane' in end.ref ? end.driveIds : [])),
  )
  const chains = leads.map(({ lead, driveIds }) => ({
    lead,
    drives: driveIds.filter((id) => !onBackplanes.has(id)).length,
  }))
  const drives = chains.reduce((sum, one) => sum + one.drives, 0)
  if (!supply || drives <= DRIVES_PER_LEAD) return []
  const base = { code: 'long-daisy-chain', step: 'drives' } as const
  const assumed = chains.filter((one) => one.drives > 0 && !one.lead.known)
  if (assumed.length > 0) {
    return [
      notKnown({
        ...base,
        partIds: [supply.id],
        question: 'how many drives hang on one lead',
        missing: `the leads of ${sheetName(supply.dataSheet)}`,
      }),
    ]
  }
  const long = chains.filter((one) => one.drives > DRIVES_PER_LEAD)
  const longest = Math.max(0, ...long.map((one) => one.drives))
  if (long.length === 0) return []
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: [...new Set(long.map(({ lead }) => lead.ref.supplyId))].map((id) => ({ id })),
      sentence: `${long.map(({ lead, drives: count }) => `${format.counted(count, 'drive')} on ${lead.name}`).join(', ')} of ${sheetName(supply.dataSheet)}: ${longest} one behind the other, and more than ${DRIVES_PER_LEAD} sag while starting.`,
      numbers: { drives, leads: long.length, onOne: longest },
    }),
  ]
}
