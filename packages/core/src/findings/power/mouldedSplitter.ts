import { POWER_PLUGS } from '../../catalogue/plugs'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  cableId: PieceId
}

/** Power adapters whose plugs are cast around the wires: they can short inside and burn. */
export const mouldedSplitter: Rule<'moulded-splitter', Facts> = {
  code: 'moulded-splitter',
  step: 'drives',
  find: ({ machine }) => {
    const plugs: readonly string[] = POWER_PLUGS
    const cables = piecesOf(machine, 'cable').filter(({ dataSheet }) =>
      plugs.includes(dataSheet.farPlug),
    )
    const moulded = cables.filter(({ dataSheet }) => dataSheet.moulded === true)
    const [first] = moulded
    if (first) return [found('risks', { parts: moulded }, { cableId: first.id })]
    const without = cables.filter(({ dataSheet }) => dataSheet.moulded === null)
    if (without.length === 0) return []
    const missing = without.flatMap((cable) => missingOf(cable, 'moulded'))
    return [lack(missing, { parts: without })]
  },
  sentence: ({ cableId }, { piece }) =>
    `${piece(cableId)} has moulded plugs, which can short inside and catch fire. Take one with crimped plugs.`,
  question: 'whether the plugs of a power adapter are moulded',
}
