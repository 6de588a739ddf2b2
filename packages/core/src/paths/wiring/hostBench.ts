import type { PathChoices } from '../pathChoices'
import type { DataEnd } from './dataEnds'
import type { PortHost } from './portHosts'

/** A data cable: one or more connectors of a host, one or more ends at drives, backplanes or an enclosure. */
export interface DataCable {
  /** `controller-1:2`: its first connector. */
  id: string
  host: PortHost
  /** Counted from 1. Several where ports of one lane feed a plug of four. */
  connectors: number[]
  ends: DataEnd[]
  /** Whether the builder has said that one of its ends goes here. */
  pinned: boolean
}

/** The drives behind an end. */
export const drivesOf = ({ bays }: DataEnd): string[] =>
  bays.flatMap(({ drive }) => drive?.part.id ?? [])

const rateOf = ({ bays }: DataEnd): number =>
  Math.max(0, ...bays.map(({ drive }) => drive?.sheet.outerRateBytesPerSecond ?? 0))

/** The connectors of one host, while cables are put on them. */
export class HostBench {
  readonly host: PortHost
  readonly #ends: { end: DataEnd; pin: number | null }[] = []
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
    this.#ends.push({ end, pin: pin !== null && pin <= this.host.laneRates.length ? pin : null })
  }

  free(): number[] {
    return this.#order.filter((connector) => !this.#used.has(connector))
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
      id: `${this.host.id}:${connectors[0] ?? 0}`,
      host: this.host,
      connectors,
      ends,
      pinned,
    }
  }

  cables(members: PathChoices['members'], setOf: ReadonlyMap<string, number>): DataCable[] {
    // What is pinned chooses first; quick drives take quick ports.
    const byPin = [...this.#ends].sort(
      (one, other) =>
        Number(one.pin === null) - Number(other.pin === null) ||
        (this.host.lanes === 1 ? rateOf(other.end) - rateOf(one.end) : 0),
    )
    if (this.host.lanes === 1) {
      return byPin.flatMap(({ end, pin }) => {
        const connectors = this.#next(pin, end.lanes === 1 ? 1 : Math.max(1, drivesOf(end).length))
        return connectors.length > 0 ? [this.#cable(connectors, [end], pin !== null)] : []
      })
    }
    const straight = byPin.filter(({ end }) => end.lanes > 1)
    const singles = byPin.filter(({ end }) => end.lanes === 1)
    return [
      ...straight.flatMap(({ end, pin }) => {
        const connectors = this.#next(pin)
        return connectors.length > 0 ? [this.#cable(connectors, [end], pin !== null)] : []
      }),
      ...this.#fanOuts(singles, members, setOf),
    ]
  }

  #fanOuts(
    singles: readonly { end: DataEnd; pin: number | null }[],
    members: PathChoices['members'],
    setOf: ReadonlyMap<string, number>,
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
    const ordered = loose
      .map((end) => ({ end, set: setOf.get(drivesOf(end)[0] ?? '') ?? -1 }))
      .sort((one, other) => one.set - other.set)
    for (const { end, set } of ordered) {
      const open = fans.filter((fan) => fan.ends.length < lanes)
      const sameSet = (fan: DataCable): number =>
        fan.ends.filter((one) => setOf.get(drivesOf(one)[0] ?? '') === set).length
      const [best] =
        members === 'together'
          ? open
          : open.sort(
              (one, other) => sameSet(one) - sameSet(other) || one.ends.length - other.ends.length,
            )
      best?.ends.push(end)
    }
    for (const fan of fans) {
      fan.ends.sort(
        (one, other) => (one.bays[0]?.bay.number ?? 0) - (other.bays[0]?.bay.number ?? 0),
      )
    }
    return fans.filter(({ ends }) => ends.length > 0)
  }

  /** A cable on what is left over, even if it reaches only some bays; null when nothing is left. */
  squeeze(end: DataEnd): DataCable | null {
    if (this.free().length === 0) return null
    const lanes = this.host.lanes > 1 ? 1 : Math.max(1, drivesOf(end).length || end.bays.length)
    return this.#cable(this.#next(null, Math.min(lanes, end.lanes)), [end], false)
  }
}
