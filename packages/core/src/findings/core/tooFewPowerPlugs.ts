import type { PowerPlug } from '../../catalogue/plugs'
import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { USUAL_ADAPTER } from '../../machine/wiring/supplyLeads'
import type { AdapterLoad } from '../../machine/wiring/wirePower'

interface Facts {
  supplyId: PieceId
  wanted: number
  plugs: number
  /** What gets no power, and the plugs it wants. */
  unfed: { name: string; plug: PowerPlug }[]
  /** Plugs that come from adapters which are still to be bought, and how many of those. */
  onAdapters: number
  adapters: number
}

/** Drives, backplanes, boot devices and cards that get no power plug, or only one by an adapter that is still to be bought. */
export const tooFewPowerPlugs: Rule<'too-few-power-plugs', Facts> = {
  code: 'too-few-power-plugs',
  step: 'core',
  find: ({ machine }) => {
    const supplies = piecesOf(machine, 'supply')
    const [supply] = supplies
    if (!supply) return []
    const { power } = machine.wiring
    if (!power) {
      const isWanted = machine.unplaced['power plug'].length > 0
      const missing = supplies.flatMap((one) => [...lacking(one, 'sataPlugs', 'peripheralPlugs')])
      return isWanted && missing.length > 0 ? [lack(missing, { parts: supplies })] : []
    }
    const bought: AdapterLoad[] = []
    for (const { adapters } of power.leads) {
      for (const load of adapters) if (load.adapter.partId === null) bought.push(load)
    }
    if (power.unfed.length === 0 && bought.length === 0) return []
    const partIds = new Set([supply.id])
    for (const { ref, driveIds } of power.unfed) {
      if ('piece' in ref) partIds.add(ref.piece)
      else if ('backplane' in ref) partIds.add(ref.backplane.pieceId)
      else for (const id of driveIds) partIds.add(id)
    }
    const facts = {
      supplyId: supply.id,
      wanted: power.feeds.length + power.unfed.length,
      plugs: power.leads.reduce((sum, { lead }) => sum + lead.plugs, 0),
      unfed: power.unfed.map(({ name, plug }) => ({ name, plug })),
      onAdapters: bought.reduce((sum, { plugsUsed }) => sum + plugsUsed, 0),
      adapters: bought.length,
    }
    const concerns = { partIds: [...partIds] }
    return [found(power.unfed.length > 0 ? 'blocks' : 'risks', concerns, facts)]
  },
  sentence: ({ supplyId, wanted, plugs, unfed, onAdapters, adapters }, { piece, format }) => {
    if (unfed.length > 0) {
      const kinds = [...new Set(unfed.map(({ plug }) => plug))].join(' or ')
      return `${format.counted(unfed.length, `${kinds} plug`)} of ${format.number(wanted)} that are wanted ${unfed.length === 1 ? 'gets' : 'get'} no power: ${unfed.map(({ name }) => name).join(', ')}. ${piece(supplyId)} has ${format.counted(plugs, 'drive power plug')}.`
    }
    return `${format.counted(onAdapters, `${USUAL_ADAPTER.farPlug} plug`)} of ${format.number(wanted)} that are wanted can only come from ${format.counted(adapters, 'adapter')} on four-pole plugs. Moulded ones are a fire risk: use crimped ones.`
  },
  question: 'whether the supply has plugs for every drive',
}
