import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf } from '../../machine/machine'

/** Both plugs of a redundant pair in the same place, so that one dead socket kills both. */
export const pairInOneSocket: Rule = ({ machine }) => {
  const supply = pieceOf(machine, 'supply')
  if (!supply) return []
  const { sockets } = supply.part
  const { modules } = supply.dataSheet
  // Who has said where two plugs go has a supply with two.
  const isPair = modules === 2 || (modules === null && sockets.length === 2)
  if (!isPair) return []
  const name = sheetName(supply.dataSheet)
  if (sockets.length < 2) {
    return [
      fitFinding({
        code: 'pair-in-one-socket-not-known',
        severity: 'note',
        step: 'shell',
        parts: [supply],
        sentence: `Not known whether the pair in ${name} survives a dead socket: nobody has said where both its plugs go.`,
      }),
    ]
  }
  const [first, second] = sockets
  if (first !== second) return []
  return [
    fitFinding({
      code: 'pair-in-one-socket',
      severity: 'risks',
      step: 'shell',
      parts: [supply],
      sentence: `Both plugs of ${name} go into the same place (${first ?? ''}): what kills that kills both supplies.`,
    }),
  ]
}
