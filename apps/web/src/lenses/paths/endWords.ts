import type { BayPlan, ScenarioRates, Topology } from '@flint/core'
import { say } from '../../controls/locale'
import type { PathEnd } from './pathTree'

export interface EndWords {
  name: string
  detail: string
}

const MB = 1_000_000

/** What stands beside a drive or a network port, with what it moves just now. */
export function endWords(
  { bays }: BayPlan,
  { links }: Topology,
  { loads }: ScenarioRates,
): (end: PathEnd) => EndWords {
  return ({ id, kind, links: way }) => {
    const own = links.find((link) => link.id === way[0])
    const load = loads.find(({ link }) => link === own)?.bytesPerSecond ?? 0
    const detail = `${say.number(load / MB)} of ${say.rate(own?.bytesPerSecond ?? 0)}`
    if (kind === 'network') return { name: own?.name ?? id, detail }
    const use = bays.find(({ drive }) => drive?.part.id === id)
    const drive = use?.drive
    const member = drive?.member
    const label = member ? `${member.lettered.letter}${member.number}` : 'no group'
    const size = drive ? say.drive(drive.sheet.capacityBytes) : ''
    return { name: `bay ${use?.bay.number ?? ''}, ${label}, ${size}`, detail }
  }
}
