import { drivesInEnclosures } from '../../design/bayBlocks'
import { wiringOf } from '../../paths/wiring/wiring'
import type { Rule } from '../rule'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'
import { fittedOfKind } from '../../design/fittedParts'
import { tooFewPorts } from './tooFewPorts'
import { sasOnSata } from './sasOnSata'

/** Drives that no cable reaches although there are enough ports: no plug of theirs fits, or one is inside and one outside. */
export const noCableReaches: Rule = (document, figures, say) => {
  const base = { code: 'no-cable-reaches', step: 'paths' } as const
  const [mute] = fittedOfKind(document, 'enclosure').filter(({ sheet }) => sheet.hostPlug === null)
  const outside = drivesInEnclosures(document)
  if (mute && outside.size > 0) {
    return [
      notKnown({
        ...base,
        partIds: [mute.part.id],
        question: `whether a cable reaches ${say.counted(outside.size, 'drive')}`,
        missing: `the plug of ${sheetName(mute.sheet)}`,
      }),
    ]
  }
  const { unreachedIds, free } = wiringOf(document, figures.bays).data
  if (unreachedIds.length === 0 || fittedOfKind(document, 'board').length === 0) return []
  // Where ports are simply too few, or SAS has none, that is said already.
  if ([tooFewPorts, sasOnSata].some((rule) => rule(document, figures, say).length > 0)) return []
  const plugless = fittedOfKind(document, 'controller').filter(
    ({ sheet }) => sheet.portPlug === null && sheet.drivePorts > 0,
  )
  const [silent] = plugless
  if (silent) {
    return [
      notKnown({
        ...base,
        partIds: unreachedIds,
        question: `whether a cable reaches ${say.counted(unreachedIds.length, 'drive')}`,
        missing: `the plug of the ports of ${sheetName(silent.sheet)}`,
      }),
    ]
  }
  const left = free.map(({ host, connectors }) => `${connectors.length} on ${host.name}`).join(', ')
  return [
    {
      ...base,
      severity: 'blocks',
      partIds: unreachedIds,
      groupIds: [],
      sentence: `No cable reaches ${say.counted(unreachedIds.length, 'drive')}: ${left ? `ports are left (${left}), but none takes a cable to them` : 'no port is left'}.`,
      numbers: { unreached: unreachedIds.length },
    },
  ]
}
