import { piecesOf, pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** A right-angled plug where only a straight one finds room behind the drive. */
export const angledPlugs: Rule = ({ machine }) => {
  const chassis = pieceOf(machine, 'chassis')
  const cables = piecesOf(machine, 'cable').filter(({ dataSheet }) => dataSheet.farPlug === 'SATA')
  if (!chassis || cables.length === 0) return []
  const { angledPlugsFit } = chassis.dataSheet
  if (angledPlugsFit === true) return []
  const angled = cables.filter(({ dataSheet }) => dataSheet.angledFarPlugs !== false)
  const [first] = angled
  if (!first) return []
  const base = { code: 'angled-plugs', step: 'drives' } as const
  const parts = [chassis, ...angled]
  if (
    angledPlugsFit === null ||
    angled.every(({ dataSheet }) => dataSheet.angledFarPlugs === null)
  ) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: 'whether the plugs of the cables find room behind the drives',
        missing:
          angledPlugsFit === null
            ? `that room for ${sheetName(chassis.dataSheet)}`
            : `the angle of the plugs of ${sheetName(first.dataSheet)}`,
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${sheetName(first.dataSheet)} has right-angled plugs; behind the drives of ${sheetName(chassis.dataSheet)} only straight ones fit.`,
    }),
  ]
}
