import { fittedOfKind } from '../../design/fittedParts'
import { cableFits } from '../../paths/wiring/cableList'
import { cablesOf } from '../../paths/wiring/wiring'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A cable of the design with the right plugs that does not reach, as far as the drawing tells. */
export const cableTooShort: Rule = (document, { bays }, say) => {
  const lines = cablesOf(document, bays)
  const used = new Set(lines.flatMap(({ from }) => from?.partId ?? []))
  const cables = fittedOfKind(document, 'cable').filter(({ part }) => !used.has(part.id))
  const base = { code: 'cable-too-short', step: 'paths' } as const
  const waiting = lines.filter(({ from }) => from === null)
  const short = cables.filter(({ sheet }) =>
    waiting.some(({ need }) => cableFits(sheet, { ...need, leastMm: null })),
  )
  const [first] = short
  if (first) {
    const leastMm = Math.min(
      ...waiting
        .filter(({ need }) => cableFits(first.sheet, { ...need, leastMm: null }))
        .map(({ need }) => need.leastMm ?? 0),
    )
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: short,
        sentence: `${sheetName(first.sheet)} is ${say.number(first.sheet.lengthMm ?? 0)} mm long; along the walls of the case it takes about ${say.number(leastMm)} mm. Measure before you buy.`,
        numbers: { lengthMm: first.sheet.lengthMm ?? 0, leastMm },
      }),
    ]
  }
  const unmeasured = lines.filter(({ from, need }) => {
    const sheet = fittedOfKind(document, 'cable').find(
      ({ part }) => part.id === from?.partId,
    )?.sheet
    return sheet && (need.leastMm === null || sheet.lengthMm === null)
  })
  if (unmeasured.length === 0) return []
  return [
    notKnown({
      ...base,
      partIds: unmeasured.flatMap(({ from }) => from?.partId ?? []),
      question: `whether ${say.counted(unmeasured.length, 'cable is', 'cables are')} long enough`,
      missing: 'their length, or where board and card lie in the case',
    }),
  ]
}
