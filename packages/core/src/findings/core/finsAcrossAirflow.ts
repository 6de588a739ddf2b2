import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The chassis blows one way, the cooler's fins stand across it. */
export const finsAcrossAirflow: Rule = (document) => {
  const chassis = fittedOne(document, 'chassis')
  const cooler = fittedOne(document, 'cooler')
  if (!chassis || !cooler) return []
  const { airflow } = chassis.sheet
  const { fins } = cooler.sheet
  if (fins === 'downwards') return []
  if (airflow === null || fins === null) {
    return [
      notKnown({
        code: 'fins-across-airflow',
        step: 'core',
        partIds: [chassis.part.id, cooler.part.id],
        question: 'whether the fins stand across the airflow',
        missing:
          fins === null
            ? `the way air goes through ${sheetName(cooler.sheet)}`
            : `the way ${sheetName(chassis.sheet)} blows`,
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
      sentence: `The fins of ${sheetName(cooler.sheet)} let air through ${fins}; ${sheetName(chassis.sheet)} blows ${airflow}.`,
    }),
  ]
}
