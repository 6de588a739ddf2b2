import { isOpenCase } from '../../catalogue/openCase'
import { type CoolerClearance, coolerClearance } from '../../fit/coolerClearance'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { cameIn } from '../../machine/cameIn'
import { pieceOf, piecesOf } from '../../machine/machine'
import type { Piece } from '../../machine/piece'

/** One whose height nobody gives goes before all others, since it asks a question. */
const tallness = ({ dataSheet }: Piece<'cooler'>): number => dataSheet.heightMm ?? Infinity

interface Facts {
  heightMm: number
  clearanceMm: number
  obstacle: CoolerClearance['obstacle']
}

/** The cooler touches the cover, a fan under it, or a supply over the board. */
export const coolerTooTall: Rule<'cooler-too-tall', Facts> = {
  code: 'cooler-too-tall',
  step: 'shell',
  find: ({ machine }) => {
    const chassis = pieceOf(machine, 'chassis')
    // One that came with the case fits it; of several others the tallest counts.
    const [cooler] = piecesOf(machine, 'cooler')
      .filter((one) => !chassis || !cameIn(machine, one, chassis))
      .toSorted((one, other) => tallness(other) - tallness(one))
    if (!chassis || !cooler) return []
    const clearance = coolerClearance(chassis.dataSheet)
    const { heightMm } = cooler.dataSheet
    const parts = [chassis, cooler]
    if (clearance === null && isOpenCase(chassis.dataSheet)) return []
    if (heightMm === null) return [lack(missingOf(cooler, 'heightMm'), { parts })]
    if (clearance === null) {
      const fields = (['boardToCoverMm', 'coverFanMm', 'boardToSupplyMm'] as const).filter(
        (field) => chassis.dataSheet[field] === null,
      )
      return [lack(missingOf(chassis, ...fields), { parts })]
    }
    if (heightMm <= clearance.clearanceMm) return []
    return [found('blocks', { parts }, { heightMm, ...clearance })]
  },
  sentence: ({ heightMm, clearanceMm, obstacle }, { format }) => {
    const [tall, over] = format.apart(heightMm, clearanceMm, format.millimetres)
    return `The cooler is ${tall} tall and touches ${obstacle}, ${over} over the board.`
  },
  question: 'whether the cooler fits under the cover',
}
