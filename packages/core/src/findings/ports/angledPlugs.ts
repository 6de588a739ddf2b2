import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A right-angled plug where only a straight one finds room behind the drive. */
export const angledPlugs: Rule = (document) => {
  const chassis = fittedOne(document, 'chassis')
  const cables = fittedOfKind(document, 'cable').filter(({ sheet }) => sheet.farPlug === 'SATA')
  if (!chassis || cables.length === 0) return []
  const { angledPlugsFit } = chassis.sheet
  if (angledPlugsFit === true) return []
  const angled = cables.filter(({ sheet }) => sheet.angledFarPlugs !== false)
  const [first] = angled
  if (!first) return []
  const base = { code: 'angled-plugs', step: 'drives' } as const
  const parts = [chassis, ...angled]
  if (angledPlugsFit === null || angled.every(({ sheet }) => sheet.angledFarPlugs === null)) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the plugs of the cables find room behind the drives',
        missing:
          angledPlugsFit === null
            ? `that room for ${sheetName(chassis.sheet)}`
            : `the angle of the plugs of ${sheetName(first.sheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${sheetName(first.sheet)} has right-angled plugs; behind the drives of ${sheetName(chassis.sheet)} only straight ones fit.`,
    }),
  ]
}
