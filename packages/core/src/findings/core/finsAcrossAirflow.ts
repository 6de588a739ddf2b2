import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { sheetName } from '../sheetName'

/** The chassis blows one way, the cooler's fins stand across it. */
export const finsAcrossAirflow: Rule = (document) => {
  const chassis = fittedOne(document, 'chassis')
  const cooler = fittedOne(document, 'cooler')
  const airflow = chassis?.sheet.airflow
  const fins = cooler?.sheet.fins
  if (!chassis || !cooler || !airflow || !fins || fins === 'downwards' || fins === airflow)
    return []
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
