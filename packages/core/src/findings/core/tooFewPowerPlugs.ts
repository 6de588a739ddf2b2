import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'
import { USUAL_ADAPTER } from '../../machine/wiring/supplyLeads'

/** Drives, backplanes, boot devices and cards that get no power plug, or only one by an adapter that is still to be bought. */
export const tooFewPowerPlugs: Rule = ({ machine }, format) => {
  const supplies = piecesOf(machine, 'supply')
  const [supply] = supplies
  if (!supply) return []
  const { power } = machine.wiring
  const base = { code: 'too-few-power-plugs', step: 'core' } as const
  if (!power) {
    const wanted = machine.unplaced.some(({ need }) => need === 'power plug')
    const withoutValue = supplies.find(
      ({ dataSheet }) => dataSheet.sataPlugs === null || dataSheet.peripheralPlugs === null,
    )
    if (!wanted || !withoutValue) return []
    return [
      notKnown({
        ...base,
        partIds: [withoutValue.id],
        question: 'whether the supply has plugs for every drive',
        missing: `the plugs of ${sheetName(withoutValue.dataSheet)}`,
      }),
    ]
  }
  const wanted = power.feeds.length + power.unfed.length
  const plugs = power.leads.reduce((sum, { lead }) => sum + lead.plugs, 0)
  if (power.unfed.length > 0) {
    const kinds = [...new Set(power.unfed.map(({ plug }) => plug))]
    const owners = power.unfed.flatMap(({ ref, driveIds }) =>
      'piece' in ref ? [ref.piece] : 'backplane' in ref ? [ref.backplane.pieceId] : driveIds,
    )
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts: [supply, ...new Set(owners)].map((one) =>
          typeof one === 'string' ? { id: one } : one,
        ),
        sentence: `${format.counted(power.unfed.length, `${kinds.join(' or ')} plug`)} of ${format.number(wanted)} that are wanted ${power.unfed.length === 1 ? 'gets' : 'get'} no power: ${power.unfed.map(({ name }) => name).join(', ')}. ${sheetName(supply.dataSheet)} has ${format.counted(plugs, 'drive power plug')}.`,
        numbers: { wanted, unfed: power.unfed.length, plugs },
      }),
    ]
  }
  const bought = power.leads
    .flatMap(({ adapters }) => adapters)
    .filter(({ adapter }) => adapter.partId === null)
  if (bought.length === 0) return []
  const onBought = bought.reduce((sum, { plugsUsed }) => sum + plugsUsed, 0)
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: [supply],
      sentence: `${format.counted(onBought, `${USUAL_ADAPTER.farPlug} plug`)} of ${format.number(wanted)} that are wanted can only come from ${format.counted(bought.length, 'adapter')} on four-pole plugs. Moulded ones are a fire risk: use crimped ones.`,
      numbers: { wanted, onAdapters: onBought, adapters: bought.length, plugs },
    }),
  ]
}
