import { POWER_PLUGS } from '../../catalogue/plugs'
import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Power adapters whose plugs are cast around the wires: they can short inside and burn. */
export const mouldedSplitter: Rule = (document) => {
  const plugs: readonly string[] = POWER_PLUGS
  const cables = fittedOfKind(document, 'cable').filter(
    ({ sheet }) => plugs.includes(sheet.farPlug) && sheet.moulded !== false,
  )
  const [first] = cables
  if (!first) return []
  const base = { code: 'moulded-splitter', step: 'drives' } as const
  if (cables.every(({ sheet }) => sheet.moulded === null)) {
    return [
      notKnown({
        ...base,
        partIds: cables.map(({ part }) => part.id),
        question: 'whether the power adapter is moulded',
        missing: `that for ${sheetName(first.sheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'risks',
      parts: cables.filter(({ sheet }) => sheet.moulded === true),
      sentence: `${sheetName(cables.find(({ sheet }) => sheet.moulded)?.sheet ?? first.sheet)} has moulded plugs, which can short inside and catch fire. Take one with crimped plugs.`,
    }),
  ]
}
