import { fittedOne } from '../../design/fittedParts'
import { blockUses } from '../../fit/attachments'
import { powerPlugs } from '../../fit/powerPlugs'
import { DRIVES_PER_BACKPLANE_PLUG } from '../../paths/wiring/powerEnds'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Drives with plugs of their own want a SATA power plug each, a backplane the plugs it has. */
export const tooFewPowerPlugs: Rule = (document, { bays }, say) => {
  const supply = fittedOne(document, 'supply')
  const chassis = fittedOne(document, 'chassis')
  if (!supply || !chassis) return []
  const blocks = blockUses(document, bays).filter(({ drives }) => drives > 0)
  const single = blocks
    .filter(({ access, backplane }) => access === 'internal' && !backplane)
    .reduce((sum, { drives }) => sum + drives, 0)
  const onBackplanes = blocks
    .filter(({ access, backplane }) => access === 'hot-swap' || backplane)
    .reduce(
      (sum, { drives, backplane }) =>
        sum + (backplane?.powerPlugs ?? Math.ceil(drives / DRIVES_PER_BACKPLANE_PLUG)),
      0,
    )
  const wanted = single + onBackplanes
  if (wanted === 0) return []
  const available = powerPlugs(document)
  if (!available) {
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
  const sataPlugs = available['SATA power']
  const plugs = sataPlugs + available['peripheral power']
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
      numbers: { wanted, sataPlugs, plugs },
    }),
  ]
}
