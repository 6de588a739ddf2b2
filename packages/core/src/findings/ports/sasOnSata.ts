import { unreachedDrives } from './unreachedDrives'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

interface Facts {
  sasDrives: number
  sasPorts: number
}

/** SAS drives work on SAS controllers only; the plug does not even go into a SATA port. */
export const sasOnSata: Rule<'sas-on-sata', Facts> = {
  code: 'sas-on-sata',
  step: 'drives',
  find: ({ machine }) => {
    const speaking = piecesOf(machine, 'drive').filter(
      ({ dataSheet: { plug } }) => plug === 'SAS' || plug === null,
    )
    if (speaking.length === 0) return []
    const inBays = new Set(machine.driveIn.values())
    const drives = speaking.filter(({ id }) => inBays.has(id))
    const { sas } = unreachedDrives(machine)
    const sasDrives = drives.filter(({ dataSheet }) => dataSheet.plug === 'SAS').length
    const sasPorts = machine.wiring.data.hosts
      .filter(({ takesSas }) => takesSas)
      .reduce((sum, { laneRates, lanes }) => sum + laneRates.length * lanes, 0)
    if (sas.length === 0) {
      const without = drives.filter(({ dataSheet }) => dataSheet.plug === null)
      if (without.length === 0 || sasDrives + without.length <= sasPorts) return []
      const missing = without.flatMap((drive) => missingOf(drive, 'plug'))
      return [lack(missing, { parts: without })]
    }
    const without = piecesOf(machine, 'controller').filter(
      ({ dataSheet }) => dataSheet.takesSas === null,
    )
    if (without.length > 0) {
      const missing = without.flatMap((card) => missingOf(card, 'takesSas'))
      return [lack(missing, { parts: without })]
    }
    return [found('blocks', { parts: sas }, { sasDrives, sasPorts })]
  },
  sentence: ({ sasDrives, sasPorts }, { format }) =>
    `${format.counted(sasDrives, 'SAS drive')} for ${format.counted(sasPorts, 'SAS port')}: a SAS drive's plug is bridged and does not go into a SATA port.`,
  question: 'whether every drive can be attached',
}
