import type { PathChoices } from '../../design/pathChoices'
import type { Host, Item } from './assignment'
import type { DataEnd } from './dataEnds'
import type { DriveGroups } from './driveGroups'
import type { PortHost } from './portHosts'
import type { Solver } from '../solver'

/** A data cable: one or more connectors of a host, one or more ends at drives, backplanes or an enclosure. */
export interface DataCable {
  /** For looking it up; never taken apart. */
  id: string
  hostId: string
  /** Counted from 1. Several where ports of one lane feed a plug of four. */
  connectors: number[]
  ends: DataEnd[]
  /** Whether the builder has said that one of its ends goes here. */
  pinned: boolean
}

const rateOf = ({ drives }: DataEnd): number =>
  Math.max(0, ...drives.map(({ bytesPerSecond }) => bytesPerSecond))

interface Wanted {
  end: DataEnd
  pin: number | null
}

/** The connectors of one host, while cables are put on them. */
export class ConnectorAllocator {
  readonly host: PortHost
  readonly #wanted: Wanted[] = []
  readonly #used = new Set<number>()
  /** Connectors in the order in which they are taken: quick ones first. */
  readonly #order: number[]

  constructor(host: PortHost) {
    this.host = host
    this.#order = host.laneRates
      .map((rate, index) => ({ rate, connector: index + 1 }))
      .sort((one, other) => other.rate - one.rate || one.connector - other.connector)
      .map(({ connector }) => connector)
  }

  take(end: DataEnd, pin: number | null): void {
    const isThere = pin !== null && pin <= this.host.laneRates.length
    this.#wanted.push({ end, pin: isThere ? pin : null })
  }

  free(): number[] {
    return this.#order.filter((connector) => !this.#used.has(connector))
  }

  /** The slowest connector that is left, as for a device that needs no more; undefined when none is. */
  takeSlowest(end: DataEnd): DataCable | null {
    const slowest = this.free().at(-1)
    if (slowest === undefined) return null
    this.#used.add(slowest)
    return this.#cable([slowest], [end], false)
  }

  #next(pin: number | null, count = 1): number[] {
    const free = this.free()
    const from = pin === null ? -1 : free.indexOf(pin)
    const chosen =
      from === -1 ? free.slice(0, count) : [...free.slice(from), ...free].slice(0, count)
    for (const connector of chosen) this.#used.add(connector)
    return chosen
  }

  #cable(connectors: number[], ends: DataEnd[], pinned: boolean): DataCable {
    return {
      id: `${this.host.id} ${connectors[0] ?? 0}`,
      hostId: this.host.id,
      connectors,
      ends,
      pinned,
    }
  }

  cables(members: PathChoices['members'], groups: DriveGroups, solver: Solver): DataCable[] {
    // What is pinned chooses first; quick drives take quick ports.
    const byPin = [...this.#wanted].sort(
      (one, other) =>
        Number(one.pin === null) - Number(other.pin === null) ||
        (this.host.lanes === 1 ? rateOf(other.end) - rateOf(one.end) : 0),
    )
    const straight = (wanted: readonly Wanted[]): DataCable[] =>
      wanted.flatMap(({ end, pin }) => {
        const count = this.host.lanes > 1 || end.lanes === 1 ? 1 : Math.max(1, end.drives.length)
        const connectors = this.#next(pin, count)
        return connectors.length > 0 ? [this.#cable(connectors, [end], pin !== null)] : []
      })
    if (this.host.lanes === 1) return straight(byPin)
    return [
      ...straight(byPin.filter(({ end }) => end.lanes > 1)),
      ...this.#fanOuts(
        byPin.filter(({ end }) => end.lanes === 1),
        members,
        groups,
        solver,
      ),
    ]
  }

  /** Single drives share cables of four, so that the loss of one cable loses as few pools as can be. */
  #fanOuts(
    singles: readonly Wanted[],
    members: PathChoices['members'],
    groups: DriveGroups,
    solver: Solver,
  ): DataCable[] {
    const { lanes } = this.host
    const fans: DataCable[] = []
    const loose: DataEnd[] = []
    for (const { end, pin } of singles) {
      const there = pin === null ? undefined : fans.find(({ connectors }) => connectors[0] === pin)
      if (there && there.ends.length < lanes) there.ends.push(end)
      else if (pin !== null && !there && this.free().includes(pin)) {
        fans.push(this.#cable(this.#next(pin), [end], true))
      } else loose.push(end)
    }
    while (fans.length * lanes < singles.length) {
      const connectors = this.#next(null)
      if (connectors.length === 0) break
      fans.push(this.#cable(connectors, [], false))
    }
    const all = fans.map((_, at) => at)
    const items = [
      // What is fixed there already counts when the others are spread.
      ...fans.flatMap(({ ends }, at) => ends.map((end) => itemOf(end, groups, [at]))),
      ...loose.map((end) => itemOf(end, groups, all)),
    ]
    const hosts = fans.map((_, at): Host => ({
      goneWith: [at],
      most: [],
      costOf: ([taken = 0]) => (taken > lanes ? null : 0),
      costs: `${lanes} lanes`,
    }))
    const order = ['left', 'shared', 'cost', 'late'] as const
    const { hostOf } = solver.assign(items, hosts, groups.groups, { members, order })
    const fixed = items.length - loose.length
    loose.forEach((end, index) => {
      fans[hostOf[fixed + index] ?? -1]?.ends.push(end)
    })
    return fans.filter(({ ends }) => ends.length > 0)
  }

  /** A cable on what is left over, even if it reaches only some bays; null when nothing is left. */
  squeeze(end: DataEnd): DataCable | null {
    if (this.free().length === 0) return null
    const lanes = this.host.lanes > 1 ? 1 : Math.max(1, end.drives.length || end.bayIds.length)
    return this.#cable(this.#next(null, Math.min(lanes, end.lanes)), [end], false)
  }
}

function itemOf({ drives }: DataEnd, groups: DriveGroups, allowed: readonly number[]): Item {
  const own = groups.ofAll(drives.map(({ id }) => id))
  return { takes: [1], demands: [], drives: drives.length, groups: own, allowed }
}
