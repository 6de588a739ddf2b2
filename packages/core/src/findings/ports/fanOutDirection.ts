import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'

/** A fan-out cable that would do if it were wired the other way: both ways look alike. */
export const fanOutDirection: Rule = ({ machine }) => {
  const turned = machine.cables.uses.filter(({ use }) => use === 'wrong way')
  const [first] = turned
  const sheet = piecesOf(machine, 'cable').find(({ id }) => id === first?.partId)?.dataSheet
  if (!first || !sheet) return []
  return [
    fitFinding({
      code: 'fan-out-direction',
      severity: 'blocks',
      step: 'paths',
      parts: turned.map(({ partId }) => ({ id: partId })),
      sentence: `${sheetName(sheet)} is wired ${sheet.direction ?? ''}; here it must be ${first.line?.need.direction ?? ''}. They look alike, and the wrong one shows no drive.`,
      numbers: { wanted: turned.length },
    }),
  ]
}
