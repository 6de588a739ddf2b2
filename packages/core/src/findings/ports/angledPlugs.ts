import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cableId: PieceId
  chassisId: PieceId
}

/** A right-angled plug where only a straight one finds room behind the drive. */
export const angledPlugs: Rule<'angled-plugs', Facts> = {
  code: 'angled-plugs',
  step: 'drives',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const cables = piecesOf(machine, 'cable').filter(
      ({ dataSheet }) => dataSheet.farPlug === 'SATA',
    )
    if (!chassis || cables.length === 0) return []
    const { angledPlugsFit } = chassis.dataSheet
    if (angledPlugsFit === true) return []
    if (angledPlugsFit === null && isOpenCase(chassis.dataSheet)) return []
    const angled = cables.filter(({ dataSheet }) => dataSheet.angledFarPlugs !== false)
    const first = angled.find(({ dataSheet }) => dataSheet.angledFarPlugs === true)
    if (angled.length === 0) return []
    const parts = [chassis, ...angled]
    if (angledPlugsFit === null) return [lack(missingOf(chassis, 'angledPlugsFit'), { parts })]
    if (!first) {
      return [
        lack(
          angled.flatMap((cable) => missingOf(cable, 'angledFarPlugs')),
          { parts },
        ),
      ]
    }
    return [found('blocks', { parts }, { cableId: first.id, chassisId: chassis.id })]
  },
  sentence: ({ cableId, chassisId }, { piece }) =>
    `${piece(cableId)} has right-angled plugs; behind the drives of ${piece(chassisId)} only straight ones fit.`,
  question: 'whether the plugs of the cables find room behind the drives',
}
