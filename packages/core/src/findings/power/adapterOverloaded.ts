import type { PowerPlug } from '../../catalogue/plugs'
import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { startAmpsMissing } from '../../judging/startAmpsMissing'
import { isOverloaded } from '../../machine/wiring/wirePower'

interface Facts {
  lead: string
  /** The plug that it hangs on, and how many of them. */
  nearPlug: PowerPlug
  nearEnds: number
  amps: number
  ratedAmps: number
  whileStarting: boolean
}

/** An adapter or splitter that carries more than the plug it hangs on, or than it is made for: it gets hot. */
export const adapterOverloaded: Rule<'adapter-overloaded', Facts> = {
  code: 'adapter-overloaded',
  step: 'paths',
  find: ({ machine, stagedPower }) =>
    (stagedPower?.leads ?? []).flatMap(({ lead, adapters, driveIds }) =>
      adapters.flatMap((load) => {
        const { adapter, plugsUsed, startAmps, runningAmps, ratedAmps } = load
        if (plugsUsed === 0) return []
        const partIds = [adapter.partId ?? lead.ref.supplyId]
        if (startAmps === null) return lack(startAmpsMissing(machine, driveIds), { partIds })
        if (!isOverloaded(load)) return []
        const whileStarting = startAmps > ratedAmps
        const facts = {
          lead: lead.name,
          nearPlug: adapter.nearPlug,
          nearEnds: adapter.nearEnds,
          amps: whileStarting ? startAmps : (runningAmps ?? 0),
          ratedAmps,
          whileStarting,
        }
        return found('risks', { partIds }, facts)
      }),
    ),
  sentence: ({ lead, nearPlug, nearEnds, amps, ratedAmps, whileStarting }, { format }) => {
    const [carries, rated] = format.apart(amps, ratedAmps, format.amps, 1)
    return `The adapter on ${lead} carries up to ${carries} ${whileStarting ? 'while its drives start' : 'at work'}; it hangs on ${format.counted(nearEnds, `${nearPlug} plug`)} and is made for ${rated}. Use fewer of its plugs, or start the drives one after the other.`
  },
  question: 'whether an adapter carries its drives',
}
