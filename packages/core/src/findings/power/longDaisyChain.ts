import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { DRIVES_PER_LEAD } from '../../machine/wiring/wirePower'

interface Facts {
  supplyId: PieceId
  chains: { lead: string; drives: number }[]
}

/** Many drives one behind the other on one lead of the supply, as they are wired. */
export const longDaisyChain: Rule<'long-daisy-chain', Facts> = {
  code: 'long-daisy-chain',
  step: 'drives',
  find: ({ machine }) => {
    const supply = pieceOf(machine, 'supply')
    const { power } = machine.wiring
    if (!supply || !power) return []
    // What hangs behind a backplane is not one behind the other on the lead.
    const onLead = new Map<string, number>()
    let drives = 0
    for (const { end, leadKey } of power.feeds) {
      if ('backplane' in end.ref) continue
      onLead.set(leadKey, (onLead.get(leadKey) ?? 0) + end.driveIds.length)
      drives += end.driveIds.length
    }
    if (drives <= DRIVES_PER_LEAD) return []
    const chains = power.leads.map(({ lead }) => ({ lead, drives: onLead.get(lead.key) ?? 0 }))
    const assumed = chains.find((one) => one.drives > 0 && !one.lead.known)?.lead
    if (assumed) {
      const field = assumed.plug === 'SATA power' ? 'sataLeads' : 'peripheralLeads'
      return [lack(missingOf({ id: assumed.ref.supplyId }, field), { parts: [supply] })]
    }
    const long = chains.filter((one) => one.drives > DRIVES_PER_LEAD)
    const [first] = long
    if (!first) return []
    const partIds = [...new Set(long.map(({ lead }) => lead.ref.supplyId))]
    const facts = {
      supplyId: first.lead.ref.supplyId,
      chains: long.map((one) => ({ lead: one.lead.name, drives: one.drives })),
    }
    return [found('risks', { partIds }, facts)]
  },
  sentence: ({ supplyId, chains }, { piece, format }) => {
    const longest = Math.max(...chains.map(({ drives }) => drives))
    const each = chains.map(({ lead, drives }) => `${format.counted(drives, 'drive')} on ${lead}`)
    return `${each.join(', ')} of ${piece(supplyId)}: ${longest} one behind the other, and more than ${DRIVES_PER_LEAD} sag while starting.`
  },
  question: 'how many drives hang on one lead',
}
