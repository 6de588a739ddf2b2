import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'

/** A cable of the design with the right plugs that does not reach, as far as the drawing tells. */
export const cableTooShort: Rule = ({ machine }, format) => {
  const { lines, uses } = machine.cables
  const cables = new Map(piecesOf(machine, 'cable').map((cable) => [cable.id, cable]))
  const base = { code: 'cable-too-short', step: 'paths' } as const
  const short = uses.filter(({ use }) => use === 'too short')
  const first = cables.get(short[0]?.partId ?? '')
  if (first) {
    const lengthMm = first.dataSheet.lengthMm ?? 0
    const leastMm = short[0]?.line?.need.leastMm ?? 0
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: short.map(({ partId }) => ({ id: partId })),
        sentence: `${sheetName(first.dataSheet)} is ${format.number(lengthMm)} mm long; along the walls of the case it takes about ${format.number(leastMm)} mm. Measure before you buy.`,
        numbers: { lengthMm, leastMm },
      }),
    ]
  }
  const unmeasured = lines.filter(({ from, need }) => {
    const sheet = from?.inBox === false ? cables.get(from.partId)?.dataSheet : undefined
    return sheet && (need.leastMm === null || sheet.lengthMm === null)
  })
  if (unmeasured.length === 0) return []
  const lengthNotKnown = unmeasured.some(
    ({ from }) => cables.get(from?.partId ?? '')?.dataSheet.lengthMm === null,
  )
  const placeNotKnown = unmeasured.some(({ need }) => need.leastMm === null)
  return [
    notKnown({
      ...base,
      partIds: unmeasured.flatMap(({ from }) => from?.partId ?? []),
      question: `whether ${format.counted(unmeasured.length, 'cable is', 'cables are')} long enough`,
      missing: [
        lengthNotKnown ? 'their length' : '',
        placeNotKnown ? 'where board and card lie in the case' : '',
      ]
        .filter(Boolean)
        .join(', or '),
    }),
  ]
}
