import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Drives on a backplane share its plugs; one plug feeds about this many. Common practice, no source. */
const DRIVES_PER_BACKPLANE_PLUG = 4

/** Internal drives want a SATA power plug each, a backplane wants peripheral plugs. */
export const tooFewPowerPlugs: Rule = (document, { bays }, say) => {
  const supply = fittedOne(document, 'supply')
  const chassis = fittedOne(document, 'chassis')
  if (!supply || !chassis) return []
  const filled = bays.bays.filter(({ drive }) => drive !== null)
  const single = filled.filter(({ bay }) => bay.access === 'internal').length
  const onBackplane = filled.length - single
  const wanted = single + Math.ceil(onBackplane / DRIVES_PER_BACKPLANE_PLUG)
  if (wanted === 0) return []
  const { sataPlugs, peripheralPlugs } = supply.sheet
  if (sataPlugs === null || peripheralPlugs === null) {
    return [
      notKnown({
        code: 'too-few-power-plugs',
        step: 'core',
        partIds: [supply.part.id],
        question: 'whether the supply has plugs for every drive',
        missing: `the plugs of ${sheetName(supply.sheet)}`,
      }),
    ]
  }
  const plugs = sataPlugs + peripheralPlugs
  if (wanted <= plugs && single <= sataPlugs) return []
  return [
    fitFinding({
      code: 'too-few-power-plugs',
      severity: wanted > plugs ? 'blocks' : 'risks',
      step: 'core',
      parts: [supply],
      sentence:
        wanted > plugs
          ? `${say.counted(wanted, 'drive power plug')} wanted, ${sheetName(supply.sheet)} has ${plugs}.`
          : `${single} drives want a SATA power plug and there are ${sataPlugs}; the rest needs adapters. Moulded ones are a fire risk: use crimped ones.`,
      numbers: { wanted, sataPlugs, peripheralPlugs },
    }),
  ]
}
