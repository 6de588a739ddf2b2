import { isOpenCase } from '../../catalogue/openCase'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  chassisId: PieceId
  coolerId: PieceId
  fins: string
  airflow: string
}

/** The chassis blows one way, the cooler's fins stand across it. */
export const finsAcrossAirflow: Rule<'fins-across-airflow', Facts> = {
  code: 'fins-across-airflow',
  step: 'core',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    const cooler = pieceOf(machine, 'cooler')
    if (!chassis || !cooler) return []
    const { airflow } = chassis.dataSheet
    const { fins } = cooler.dataSheet
    const parts = [chassis, cooler]
    if (fins === 'downwards') return []
    if (fins === null) return [lack(missingOf(cooler, 'fins'), { parts })]
    if (airflow === null && isOpenCase(chassis.dataSheet)) return []
    if (airflow === null) return [lack(missingOf(chassis, 'airflow'), { parts })]
    // In a case whose board stands upright, from bottom to top is across the board.
    if (fins === (airflow === 'bottom to top' ? 'side to side' : airflow)) return []
    return [found('note', { parts }, { chassisId: chassis.id, coolerId: cooler.id, fins, airflow })]
  },
  sentence: ({ chassisId, coolerId, fins, airflow }, { piece }) =>
    `The fins of ${piece(coolerId)} let air through ${fins}; ${piece(chassisId)} blows ${airflow}.`,
  question: 'whether the fins stand across the airflow',
}
