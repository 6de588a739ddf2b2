import { unreachedDrives } from './unreachedDrives'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

interface Facts {
  drives: number
  free: { on: string; ports: number }[]
}

/** Drives that no cable reaches although there are ports: no plug of theirs fits, or one is inside and one outside. */
export const noCableReaches: Rule<'no-cable-reaches', Facts> = {
  code: 'no-cable-reaches',
  step: 'paths',
  find: ({ machine }) => {
    const [enclosure] = piecesOf(machine, 'enclosure').filter(
      ({ dataSheet }) => dataSheet.hostPlug === null,
    )
    const inside = machine.blocks
      .filter(({ pieceId }) => pieceId === enclosure?.id)
      .flatMap(({ bayIds }) => bayIds.filter((id) => machine.driveIn.has(id)))
    if (enclosure && inside.length > 0) {
      return [lack(missingOf(enclosure, 'hostPlug'), { parts: [enclosure] })]
    }
    const { noCable } = unreachedDrives(machine)
    if (noCable.length === 0) return []
    const [withoutPlug] = piecesOf(machine, 'controller').filter(
      ({ dataSheet }) => dataSheet.portPlug === null && dataSheet.drivePorts > 0,
    )
    if (withoutPlug) return [lack(missingOf(withoutPlug, 'portPlug'), { parts: noCable })]
    const { free, hosts } = machine.wiring.data
    const facts = {
      drives: noCable.length,
      free: free.map(({ hostId, connectors }) => ({
        on: hosts.find(({ id }) => id === hostId)?.name ?? '',
        ports: connectors.length,
      })),
    }
    return [found('blocks', { parts: noCable }, facts)]
  },
  sentence: ({ drives, free }, { format }) => {
    const left = free.map(({ on, ports }) => `${ports} on ${on}`).join(', ')
    return `No cable reaches ${format.counted(drives, 'drive')}: ${left ? `ports are left (${left}), but none takes a cable to ${drives === 1 ? 'it' : 'them'}` : 'no port is left'}.`
  },
  question: 'whether a cable reaches every drive',
}
