import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { pieceOf } from '../../machine/machine'

/** A UPS that does not hold the machine up, because its plug is in a socket with surge protection only. */
export const upsWrongSide: Rule = ({ machine }) => {
  const supply = pieceOf(machine, 'supply')
  const ups = pieceOf(machine, 'ups')
  if (!supply) return []
  const { sockets } = supply.part
  const name = sheetName(supply.dataSheet)
  if (ups && sockets.length === 0) {
    return [
      fitFinding({
        code: 'ups-wrong-side-not-known',
        severity: 'note',
        step: 'shell',
        parts: [ups, supply],
        sentence: `Not known whether ${sheetName(ups.dataSheet)} holds the machine up: nobody has said which socket the plug of ${name} goes into.`,
      }),
    ]
  }
  if (sockets.length === 0 || !sockets.every((socket) => socket === 'UPS surge only')) return []
  return [
    fitFinding({
      code: 'ups-wrong-side',
      severity: 'risks',
      step: 'shell',
      parts: [supply, ...(ups ? [ups] : [])],
      sentence: `The plug of ${name} is in a socket with surge protection only: in a power cut the machine goes down at once.`,
    }),
  ]
}
