import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'
import { isOverloaded } from '../../machine/wiring/wirePower'

/** The 12 V rail behind the drives' leads carries less than the drives ask for together. */
export const railOverloaded: Rule = ({ machine }, format) =>
  (machine.wiring.power?.rails ?? []).flatMap((rail): Finding[] => {
    const supply = piecesOf(machine, 'supply').find(({ id }) => id === rail.supplyId)
    // Where the rails are not told apart, all of them together are another rule's matter.
    if (!supply || !isOverloaded(rail)) return []
    if (supply.dataSheet.driveRail12VAmps === null) return []
    const amps = Math.max(rail.startAmps ?? 0, rail.runningAmps ?? 0)
    const ratedAmps = rail.ratedAmps ?? 0
    return [
      fitFinding({
        code: 'rail-overloaded',
        severity: 'blocks',
        step: 'paths',
        parts: [supply],
        sentence: `The drives draw up to ${format.number(amps, 1)} A from the 12 V rail behind their leads; ${sheetName(supply.dataSheet)} gives it ${format.number(ratedAmps, 1)} A. Start them in groups or take another supply.`,
        numbers: { amps, ratedAmps },
      }),
    ]
  })
