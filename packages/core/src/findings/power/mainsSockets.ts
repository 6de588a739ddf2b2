import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { sheetName } from '../sheetName'

/** Plugs in sockets that do not help: on the dead side of the UPS, or both of a pair in the same place. */
export const mainsSockets: Rule = (document) => {
  const supply = fittedOne(document, 'supply')
  if (!supply) return []
  const [ups] = fittedOfKind(document, 'ups')
  const { sockets } = supply.part
  // Who has said where two plugs go has a supply with two.
  const pair = supply.sheet.modules === 2 || (supply.sheet.modules === null && sockets.length === 2)
  const findings: Finding[] = []
  const name = sheetName(supply.sheet)
  if (ups && sockets.length === 0) {
    findings.push(
      fitFinding({
        code: 'ups-wrong-side-not-known',
        severity: 'note',
        step: 'shell',
        parts: [ups, supply],
        sentence: `Not known whether ${sheetName(ups.sheet)} holds the machine up: nobody has said which socket the plug of ${name} goes into.`,
      }),
    )
  }
  if (sockets.length > 0 && sockets.every((socket) => socket === 'UPS surge only')) {
    findings.push(
      fitFinding({
        code: 'ups-wrong-side',
        severity: 'risks',
        step: 'shell',
        parts: [supply, ...(ups ? [ups] : [])],
        sentence: `The plug of ${name} is in a socket with surge protection only: in a power cut the machine goes down at once.`,
      }),
    )
  }
  if (pair && sockets.length < 2) {
    findings.push(
      fitFinding({
        code: 'pair-in-one-socket-not-known',
        severity: 'note',
        step: 'shell',
        parts: [supply],
        sentence: `Not known whether the pair in ${name} survives a dead socket: nobody has said where both its plugs go.`,
      }),
    )
  }
  if (pair && sockets.length === 2 && sockets[0] === sockets[1]) {
    findings.push(
      fitFinding({
        code: 'pair-in-one-socket',
        severity: 'risks',
        step: 'shell',
        parts: [supply],
        sentence: `Both plugs of ${name} go into the same place (${sockets[0] ?? ''}): what kills that kills both supplies.`,
      }),
    )
  }
  return findings
}
