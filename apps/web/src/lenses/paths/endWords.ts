import type { BayPlan, ScenarioRates, Machine } from '@flint/core/figures'
import { format } from '../../controls/locale'
import type { PathEnd } from './pathTree'

export interface EndWords {
  name: string
  detail: string
}

const MB = 1_000_000

/** What stands beside a drive or a network port, with what it moves just now. */
export function endWords(
  { bays, sockets }: BayPlan,
  { links }: Machine,
  { loads }: ScenarioRates,
): (end: PathEnd) => EndWords {
  return ({ id, kind, links: way }) => {
    const own = links.find((link) => link.id === way[0])
    const load = loads.find(({ link }) => link === own)?.bytesPerSecond ?? 0
    const detail = `${format.number(load / MB)} of ${format.rate(own?.bytesPerSecond ?? 0)}`
    if (kind === 'network') return { name: own?.name ?? id, detail }
    const use = bays.find(({ drive }) => drive?.part.id === id)
    const socket = sockets.find(({ drive }) => drive?.part.id === id)
    const drive = use?.drive ?? socket?.drive
    const place = use ? `bay ${use.bay.number}` : (socket?.name ?? '')
    const member = drive?.member
    const label = member ? `${member.lettered.letter}${member.number}` : 'no group'
    const size = drive ? format.drive(drive.sheet.capacityBytes) : ''
    return { name: `${place}, ${label}, ${size}`, detail }
  }
}
