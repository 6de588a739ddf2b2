import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The chassis blows one way, the cooler's fins stand across it. */
export const finsAcrossAirflow: Rule = ({ machine }) => {
  const chassis = pieceOf(machine, 'chassis')
  const cooler = pieceOf(machine, 'cooler')
  if (!chassis || !cooler) return []
  const { airflow } = chassis.dataSheet
  const { fins } = cooler.dataSheet
  if (fins === 'downwards') return []
  if (airflow === null || fins === null) {
    return [
      notKnown({
        code: 'fins-across-airflow',
        step: 'core',
        partIds: [chassis.id, cooler.id],
        question: 'whether the fins stand across the airflow',
        missing:
          fins === null
            ? `the way air goes through ${sheetName(cooler.dataSheet)}`
            : `the way ${sheetName(chassis.dataSheet)} blows`,
      }),
    ]
  }
  if (fins === airflow) return []
  return [
    fitFinding({
      code: 'fins-across-airflow',
      severity: 'note',
      step: 'core',
      parts: [chassis, cooler],
      sentence: `The fins of ${sheetName(cooler.dataSheet)} let air through ${fins}; ${sheetName(chassis.dataSheet)} blows ${airflow}.`,
    }),
  ]
}
