import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import { partNames } from '../../judging/partNames'

/** Data cables of the design that nothing wants; they cost money and do no harm. */
export const cableSurplus: Rule = ({ machine }, format) => {
  const surplus = machine.cables.uses.filter(({ use }) => use === 'surplus')
  // While nothing is wired yet, no cable can be left over.
  if (surplus.length === 0 || machine.wiring.data.cables.length === 0) return []
  const owned = new Set(
    piecesOf(machine, 'cable').flatMap(({ id, part }) => (part.owned ? [id] : [])),
  )
  const toBuy = surplus.filter(({ partId }) => !owned.has(partId))
  if (toBuy.length === 0) return []
  const ids = toBuy.map(({ partId }) => partId)
  return [
    fitFinding({
      code: 'cable-surplus',
      severity: 'note',
      step: 'paths',
      parts: ids.map((id) => ({ id })),
      sentence: `${format.counted(toBuy.length, 'cable is', 'cables are')} not wanted by anything: ${partNames(machine, ids)}.`,
      numbers: { surplus: toBuy.length },
    }),
  ]
}
