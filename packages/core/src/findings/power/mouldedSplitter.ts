import { POWER_PLUGS } from '../../catalogue/plugs'
import { piecesOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** Power adapters whose plugs are cast around the wires: they can short inside and burn. */
export const mouldedSplitter: Rule = ({ machine }) => {
  const plugs: readonly string[] = POWER_PLUGS
  const cables = piecesOf(machine, 'cable').filter(
    ({ dataSheet }) => plugs.includes(dataSheet.farPlug) && dataSheet.moulded !== false,
  )
  const [first] = cables
  if (!first) return []
  const base = { code: 'moulded-splitter', step: 'drives' } as const
  if (cables.every(({ dataSheet }) => dataSheet.moulded === null)) {
    return [
      notKnown({
        ...base,
        partIds: cables.map(({ id }) => id),
        question: 'whether the power adapter is moulded',
        missing: `that for ${sheetName(first.dataSheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: cables.filter(({ dataSheet }) => dataSheet.moulded === true),
      sentence: `${sheetName(cables.find(({ dataSheet }) => dataSheet.moulded)?.dataSheet ?? first.dataSheet)} has moulded plugs, which can short inside and catch fire. Take one with crimped plugs.`,
    }),
  ]
}
